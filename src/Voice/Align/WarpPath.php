<?php

declare(strict_types=1);

namespace RapidReel\Voice\Align;

/** Which frames of another sequence go with each frame of one. */
final readonly class WarpPath
{
    /**
     * @param  list<int>  $firsts  the first that goes with it
     * @param  list<int>  $lasts  the last that goes with it
     * @param  list<float>  $distances  the largest distance to any of them
     */
    public function __construct(
        public array $firsts,
        public array $lasts,
        public array $distances,
    ) {
    }

    public function mean(): float
    {
        return array_sum($this->distances) / max(1, count($this->distances));
    }
}
