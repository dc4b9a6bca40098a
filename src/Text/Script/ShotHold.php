<?php

declare(strict_types=1);

namespace RapidReel\Text\Script;

/** How an operator had a shot begin and last, as far as that is not left to the pace. */
final readonly class ShotHold
{
    /**
     * @param  int  $offset  frames that its begin was dragged off the start of its word
     * @param  int  $span  words that it is held over at least; 0 where the pace says how long
     */
    public function __construct(
        public int $offset = 0,
        public int $span = 0,
    ) {
    }
}
