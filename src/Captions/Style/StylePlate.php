<?php

declare(strict_types=1);

namespace RapidReel\Captions\Style;

/** What lies behind the letters of captions. */
final readonly class StylePlate
{
    /**
     * @param  string  $kind  none, words (behind all of them) or spoken (behind the one that is said)
     * @param  string  $colour  RRGGBB
     * @param  int  $opacity  in percent
     * @param  int  $room  around the words, in pixels
     * @param  int  $round  of its corners, in pixels
     */
    public function __construct(
        public string $kind = 'none',
        public string $colour = '14202B',
        public int $opacity = 80,
        public int $room = 24,
        public int $round = 16,
    ) {
    }
}
