<?php

declare(strict_types=1);

namespace RapidReel\Base\Subtitle;

use RapidReel\Base\PlainText;

/** One caption of a subtitle file: when it is shown, what it says, and when its parts are said where the file tells. */
final readonly class TimedCue
{
    /**
     * @param  int  $startMs  may lie after the end where a file is in error
     * @param  string  $text  its lines, parted by line feeds; no marks of a format
     * @param  list<array{int, string}>  $spans  from when each part of it is said, in ms; none where it is not told
     * @param  float|null  $middle  height of its middle in the frame, 0…1 from the top; null where it is not told
     */
    public function __construct(
        public int $startMs,
        public int $endMs,
        public string $text,
        public array $spans = [],
        public ?float $middle = null,
    ) {
    }

    /** The same, so much earlier, as far as there is anything of it then. */
    public function earlier(int $ms): self
    {
        return new self(
            max(0, $this->startMs - $ms),
            max(0, $this->endMs - $ms),
            $this->text,
            array_map(static fn (array $span): array => [max(0, $span[0] - $ms), $span[1]], $this->spans),
            $this->middle,
        );
    }

    public function isBackwards(): bool
    {
        return $this->endMs < $this->startMs;
    }

    /** Its text in one line. */
    public function line(): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $this->text));
    }

    /** @return list<int> words on each of its lines that has some */
    public function counts(): array
    {
        return array_values(array_filter(array_map(
            static fn (string $line): int => count(PlainText::words($line)),
            explode("\n", $this->text),
        )));
    }

    /**
     * Its words with the times that the file tells: of a part that holds several, the time is shared out by length.
     *
     * @return list<array{start: int, end: int, text: string}> none where it tells of the whole alone
     */
    public function words(): array
    {
        $words = [];
        foreach ($this->spans as $i => [$start, $text]) {
            $end = max($start, min($this->endMs, $this->spans[$i + 1][0] ?? $this->endMs));
            $parts = PlainText::words($text);
            $whole = max(1, mb_strlen(implode('', $parts)));
            $said = 0;
            foreach ($parts as $part) {
                $from = $start + intdiv(($end - $start) * $said, $whole);
                $said += mb_strlen($part);
                $words[] = [
                    'start' => $from, 'end' => $start + intdiv(($end - $start) * $said, $whole), 'text' => $part,
                ];
            }
        }

        return $words;
    }
}
