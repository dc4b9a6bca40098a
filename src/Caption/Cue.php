<?php

declare(strict_types=1);

namespace RapidReel\Caption;

use InvalidArgumentException;
use RapidReel\Voice\WordTiming;

/** One caption on screen: its words with their times, how they fall into lines, and its size against the style's. */
final readonly class Cue
{
    /**
     * @param  non-empty-list<WordTiming>  $words  from the short's start
     * @param  non-empty-list<int>  $lines  number of words on each line, from the top
     * @param  float  $scale  0…1, smaller where a long word must fit
     */
    public function __construct(
        public int $startMs,
        public int $endMs,
        public array $words,
        public array $lines,
        public float $scale,
    ) {
        if (
            $startMs > $words[0]->startMs ||
            $endMs < $words[count($words) - 1]->endMs ||
            array_sum($lines) !== count($words)
        ) {
            throw new InvalidArgumentException('A cue must hold its words.');
        }
    }

    public function text(): string
    {
        return implode(' ', array_map(static fn (WordTiming $word): string => $word->text, $this->words));
    }

    /**
     * @return array{
     *     text: string, start_ms: int, end_ms: int, words: list<array{text: string, start_ms: int, end_ms: int}>,
     *     lines: list<int>, scale: float
     * }
     */
    public function toArray(): array
    {
        return [
            'text' => $this->text(),
            'start_ms' => $this->startMs,
            'end_ms' => $this->endMs,
            'words' => array_map(static fn (WordTiming $word): array => $word->toArray(), $this->words),
            'lines' => $this->lines,
            'scale' => $this->scale,
        ];
    }

    /**
     * @param  array{
     *     start_ms: int, end_ms: int, words: non-empty-list<array{text: string, start_ms: int, end_ms: int}>,
     *     lines: non-empty-list<int>, scale: float|int
     * }  $data
     */
    public static function fromArray(array $data): self
    {
        return new self(
            $data['start_ms'],
            $data['end_ms'],
            array_map(WordTiming::fromArray(...), $data['words']),
            $data['lines'],
            (float) $data['scale'],
        );
    }
}
