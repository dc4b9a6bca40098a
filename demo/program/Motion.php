<?php

declare(strict_types=1);

namespace RapidReel\Demo;

/**
 * How a subject moves through a clip: along a straight line, swaying about it. Lengths in pixels, times in seconds.
 * Says the same twice: as an expression for the film, and as numbers for the truth that is written beside it.
 */
final readonly class Motion
{
    /**
     * @param  array{float|int, float|int}  $from
     * @param  array{float|int, float|int}  $to
     * @param  array{float|int, float|int}  $sway  how far to either side, across and down
     * @param  array{float|int, float|int}  $every  how long one sway takes, across and down
     */
    public function __construct(
        public array $from,
        public array $to,
        public float $seconds,
        public array $sway = [0, 0],
        public array $every = [4, 3],
        public float $turn = 0,
        public float $turnEvery = 3,
    ) {
    }

    public function at(int $axis, float $t): float
    {
        return $this->from[$axis] + ($this->to[$axis] - $this->from[$axis]) * $t / $this->seconds
            + $this->sway[$axis] * sin(2 * M_PI * $t / $this->every[$axis]);
    }

    public function turnAt(float $t): float
    {
        return $this->turn * sin(2 * M_PI * $t / $this->turnEvery);
    }

    public function expression(int $axis, float $less): string
    {
        return sprintf(
            '%.4f+%.6f*t+%.4f*sin(%.6f*t)-%.1f',
            $this->from[$axis],
            ($this->to[$axis] - $this->from[$axis]) / $this->seconds,
            $this->sway[$axis],
            2 * M_PI / $this->every[$axis],
            $less,
        );
    }

    /** In radians. */
    public function turnExpression(): string
    {
        return sprintf('%.6f*sin(%.6f*t)', deg2rad($this->turn), 2 * M_PI / $this->turnEvery);
    }
}
