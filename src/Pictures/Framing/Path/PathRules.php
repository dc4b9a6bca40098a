<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Path;

use RapidReel\Base\Refusal;

/** What a frame path is to be like. */
final readonly class PathRules
{
    /**
     * @param  float  $aspect  of the window, width / height
     * @param  float  $close  how much closer than the largest window of that aspect, 1…4
     * @param  bool  $isStill  whether the window holds still, each shot of the clip by itself
     * @param  list<Pin>  $pins  in any order
     *
     * @throws Refusal
     */
    public function __construct(
        public float $aspect,
        public float $close = 1.0,
        public bool $isStill = false,
        public array $pins = [],
    ) {
        if (! ($aspect >= 0.2 && $aspect <= 5)) {
            throw new Refusal('The aspect of a window is from 1:5 to 5:1.');
        }
    }

    /** @return list<Pin> by time, the later of two at one moment alone */
    public function sortedPins(): array
    {
        $byMs = [];
        foreach ($this->pins as $pin) {
            $byMs[$pin->ms] = $pin;
        }
        ksort($byMs);

        return array_values($byMs);
    }
}
