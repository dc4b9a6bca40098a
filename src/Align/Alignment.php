<?php

declare(strict_types=1);

namespace RapidReel\Align;

use RapidReel\Voice\WordTiming;

/** The words of a text in a recording of it. */
final readonly class Alignment
{
    /** From trying: recordings of the text stay under 0.92, of others over 0.97. */
    private const ANOTHER_TEXT = 0.95;

    /**
     * @param  non-empty-list<AlignedWord>  $words
     * @param  float  $likeness  distance to the reading over the distance to the same reading backwards: about 0.8 where the
     *                           recording says this text, about 1 where it says another or nothing
     */
    public function __construct(
        public int $durationMs,
        public array $words,
        public float $likeness,
    ) {
    }

    /** @return non-empty-list<WordTiming> */
    public function timings(): array
    {
        return array_map(static fn (AlignedWord $word): WordTiming => $word->timing, $this->words);
    }

    /** Whether the recording seems to say this text at all. */
    public function isOfThisText(): bool
    {
        return $this->likeness < self::ANOTHER_TEXT;
    }

    /** @return int how many words are in doubt */
    public function doubtful(): int
    {
        return count(array_filter($this->words, static fn (AlignedWord $word): bool => $word->doubt !== WordDoubt::None));
    }
}
