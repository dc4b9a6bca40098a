<?php

declare(strict_types=1);

namespace RapidReel\Captions\Marks;

/** Where a card stands, in thousandths of the frame. */
final readonly class CardSpot
{
    /**
     * @param  int  $x  of its middle
     * @param  int  $y  of its middle
     * @param  int  $size  its width before it is turned
     * @param  int  $turn  degrees, clockwise
     */
    public function __construct(
        public int $x = 500,
        public int $y = 330,
        public int $size = 500,
        public int $turn = 0,
    ) {
    }
}
