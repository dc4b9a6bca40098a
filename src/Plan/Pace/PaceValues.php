<?php

declare(strict_types=1);

namespace RapidReel\Plan\Pace;

/** How tight a short is: the same for all of its scenes that have nothing of their own. */
final readonly class PaceValues
{
    /**
     * @param  int|null  $deadAirMs  what pauses inside scenes are cut to; null leaves them
     * @param  int  $gapMs  between two scenes
     * @param  int  $tempo  percent
     * @param  int  $tailMs  after the last word
     */
    public function __construct(
        public ?int $deadAirMs,
        public int $gapMs,
        public int $tempo,
        public int $tailMs,
    ) {
    }

    public function with(?int $deadAirMs = null, ?int $gapMs = null, ?int $tempo = null, ?int $tailMs = null): self
    {
        return new self(
            $deadAirMs ?? $this->deadAirMs,
            $gapMs ?? $this->gapMs,
            $tempo ?? $this->tempo,
            $tailMs ?? $this->tailMs,
        );
    }
}
