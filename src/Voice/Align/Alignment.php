<?php

declare(strict_types=1);

namespace RapidReel\Voice\Align;

use RapidReel\Voice\Speech\WordTiming;

/** The words of a text in a recording of it. */
final readonly class Alignment
{
    /**
     * @param  non-empty-list<AlignedWord>  $words
     * @param  bool  $isOfThisText  whether the recording seems to say this text at all
     */
    public function __construct(
        public int $durationMs,
        public array $words,
        public bool $isOfThisText,
    ) {
    }

    /** @return non-empty-list<WordTiming> */
    public function timings(): array
    {
        return array_map(static fn (AlignedWord $word): WordTiming => $word->timing, $this->words);
    }

    /** @return int how many words are in doubt */
    public function doubtful(): int
    {
        return count(
            array_filter($this->words, static fn (AlignedWord $word): bool => $word->doubt !== WordDoubt::None),
        );
    }
}
