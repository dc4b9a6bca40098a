<?php

declare(strict_types=1);

namespace RapidReel\Voice\Align;

use RapidReel\Voice\Speech\WordTiming;

/** A word with its place in a recording, and how far that can be trusted. */
final readonly class AlignedWord
{
    /** @param  float  $cost  mean distance to the reference, 1 where it is that of the whole recording */
    public function __construct(
        public WordTiming $timing,
        public float $cost,
        public WordDoubt $doubt,
    ) {
    }
}
