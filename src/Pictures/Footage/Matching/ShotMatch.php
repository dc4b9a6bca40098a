<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage\Matching;

use RapidReel\Pictures\Footage\Footage;

/** A picture for a shot, with why. */
final readonly class ShotMatch
{
    private const GOOD = 0.4;

    /**
     * @param  float  $fit  how much the word counts that it fits best, 0…1: 1 for one that is said, 0 where none fits
     * @param  string  $why  in words
     */
    public function __construct(
        public Footage $footage,
        public float $fit,
        public string $why,
    ) {
    }

    /** Whether it shows something that is said over it, or near it. */
    public function isGood(): bool
    {
        return $this->fit >= self::GOOD;
    }
}
