<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Interest;

/** A face in a picture: its middle, as fractions of the picture, its side as a fraction of the height, and how sure. */
final readonly class Face
{
    /** @param  int  $times  so many windows close to each other found it */
    public function __construct(
        public float $x,
        public float $y,
        public float $side,
        public int $times,
    ) {
    }
}
