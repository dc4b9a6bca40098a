<?php

declare(strict_types=1);

namespace RapidReel\Captions\Cue;

/** Where letters stand, in pixels of the frame. */
final readonly class PieceBox
{
    /**
     * @param  float  $x  of their middle
     * @param  float  $y  of the middle between ascent and descent
     * @param  float  $foot  the line that they stand on
     * @param  float  $width  of the letters
     */
    public function __construct(
        public float $x,
        public float $y,
        public float $foot,
        public float $width,
    ) {
    }
}
