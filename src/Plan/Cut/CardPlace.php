<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

/** Where a card stands, as fractions of the frame. */
final readonly class CardPlace
{
    /**
     * @param  float  $x  of its middle
     * @param  float  $y  of its middle
     * @param  float  $width  of its picture, as it is turned
     */
    public function __construct(
        public float $x,
        public float $y,
        public float $width,
    ) {
    }
}
