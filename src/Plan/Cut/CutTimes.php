<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

/** How long a cut is, in ms, and when its hook has been said; what stands before and after it is counted by itself. */
final readonly class CutTimes
{
    /** @param  array{int, int}  $introOutro  how long something stands before and after */
    public function __construct(
        public int $durationMs,
        public int $hookMs,
        public array $introOutro = [0, 0],
    ) {
    }
}
