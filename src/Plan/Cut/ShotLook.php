<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\Colour\ColourMatch;

/** How the colours of a shot's picture lie among those of its short. */
final readonly class ShotLook
{
    public function __construct(
        public bool $isOdd = false,
        public ?ColourMatch $match = null,
    ) {
    }
}
