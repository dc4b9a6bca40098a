<?php

declare(strict_types=1);

namespace RapidReel\Plan\Pace;

/** What is set about the pace of one scene alone; false where it follows the short. */
final readonly class OwnPace
{
    /**
     * @param  int|null|false  $deadAirMs  that is left of each pause; null where none is cut
     * @param  int|false  $gapMs  the silence after it
     * @param  int|false  $tempo  in percent
     */
    public function __construct(
        public int|null|false $deadAirMs = false,
        public int|false $gapMs = false,
        public int|false $tempo = false,
    ) {
    }
}
