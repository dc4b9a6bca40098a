<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

/** A quiet stretch between two words. */
final readonly class Pause
{
    /** @param  int  $afterWord  number of the word before it, from 0 */
    public function __construct(
        public int $afterWord,
        public int $startMs,
        public int $endMs,
    ) {
    }

    public function ms(): int
    {
        return $this->endMs - $this->startMs;
    }
}
