<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Captions;

use App\Makers\Proofs\ClearCue;
use RapidReel\Captions\Cue\Cue;

/** One caption of a short, as its page shows it. */
final readonly class CaptionRow
{
    /**
     * @param  int  $scene  id of its scene
     * @param  bool  $isFirst  whether its scene begins with it
     * @param  string  $clock  when it begins
     * @param  string  $ends  when it ends
     * @param  list<array{text: string, at: int, word: int|null, stands: bool, emoji: string, breaks: bool}>  $words
     * @param  float|null  $ratio  of contrast; null where it was not measured
     * @param  list<string>  $flags
     */
    private function __construct(
        public int $scene,
        public int $number,
        public bool $isFirst,
        public Cue $cue,
        public string $clock,
        public string $ends,
        public array $words,
        public ?float $ratio,
        public bool $isFaint,
        public array $flags,
    ) {
    }

    public static function of(int $scene, int $number, bool $isFirst, Cue $cue, ?ClearCue $clear): self
    {
        $ends = $cue->setting->ends();
        $words = [];
        foreach ($cue->words as $i => $word) {
            $words[] = [
                'text' => $word->text, 'at' => $i, 'word' => $word->word, 'stands' => $word->stands,
                'emoji' => $word->emoji, 'breaks' => in_array($i + 1, $ends, true) && $i + 1 < count($cue->words),
            ];
        }
        $isFaint = $clear !== null && $clear->isFaint();

        return new self(
            $scene,
            $number,
            $isFirst,
            $cue,
            self::clock($cue->startMs),
            self::clock($cue->endMs),
            $words,
            $clear?->ratio,
            $isFaint,
            array_values(array_filter([
                $isFaint ? 'faint' : '',
                $cue->setting->isTight ? 'smaller than the style allows' : '',
                $cue->isHasty() ? sprintf('%.0f letters a second', $cue->pace()) : '',
            ])),
        );
    }

    /** What it is called on the page: another name as soon as anything about it is another. */
    public function id(): string
    {
        return "cue-{$this->scene}-{$this->cue->from->word}";
    }

    /** @return array{scene: int, word: int, count: int, start: float, end: float} what the page has to know of it */
    public function data(): array
    {
        return [
            'scene' => $this->scene, 'word' => $this->cue->from->word, 'count' => $this->cue->from->count,
            'start' => $this->cue->startMs / 1000, 'end' => $this->cue->endMs / 1000,
        ];
    }

    private static function clock(int $ms): string
    {
        return sprintf('%d:%05.2f', intdiv($ms, 60_000), ($ms % 60_000) / 1000);
    }
}
