<?php

declare(strict_types=1);

namespace App\Doors\Bench\Framing;

/** A place along one axis in pixels, at any second: from somewhere, at a speed, swinging. */
final readonly class Track
{
    /**
     * @param  float  $speed  pixels a second
     * @param  float  $swing  pixels to either side
     * @param  float  $period  seconds
     */
    public function __construct(
        private float $from,
        private float $speed = 0.0,
        private float $swing = 0.0,
        private float $period = 1.0,
    ) {
    }

    public function at(float $seconds): float
    {
        return $this->from + $this->speed * $seconds + $this->swing * sin(2 * M_PI * $seconds / $this->period);
    }

    /** The same for ffmpeg, in its variable t. */
    public function expression(): string
    {
        return sprintf(
            '(%.4f%+.4f*t%+.4f*sin(2*PI*t/%.4f))',
            $this->from,
            $this->speed,
            $this->swing,
            $this->period,
        );
    }
}
