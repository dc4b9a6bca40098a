<?php

declare(strict_types=1);

namespace RapidReel\Base\Colour;

/** What of a grade is not of single points. 0…100 each. */
final readonly class Texture
{
    public function __construct(
        public int $vignette = 0,
        public int $grain = 0,
        public int $sharpen = 0,
    ) {
    }
}
