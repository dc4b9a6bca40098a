<?php

declare(strict_types=1);

namespace RapidReel\Making\Render;

use RapidReel\Plan\Choice\Transition;
use RapidReel\Plan\Cut\CutShot;

/** Where one shot of a cut goes over into another. */
final readonly class Crossing
{
    /** @param  int  $frames  that it takes, at least 1 */
    public function __construct(
        public CutShot $from,
        public CutShot $to,
        public Transition $transition,
        public int $frames,
    ) {
    }
}
