<?php

declare(strict_types=1);

namespace RapidReel\Captions\Drawing;

/** How something of a caption is seen. */
final readonly class DrawnPaint
{
    /**
     * @param  float  $x  of the middle of letters
     * @param  float  $y  of the middle of letters
     * @param  float  $scale  of letters, 1 as they are set
     * @param  int  $clear  0 opaque … 255 not to be seen
     * @param  string  $colour  of letters or plate, RRGGBB
     */
    public function __construct(
        public float $x,
        public float $y,
        public float $scale,
        public int $clear,
        public string $colour,
    ) {
    }
}
