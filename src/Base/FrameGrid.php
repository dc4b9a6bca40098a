<?php

declare(strict_types=1);

namespace RapidReel\Base;

/**
 * Milliseconds and frames of a short: frame = round(ms × fps / 1000), counted from one start, so that rounding never
 * adds up.
 */
final readonly class FrameGrid
{
    public function __construct(public int $fps)
    {
    }

    public function frameOf(int $ms): int
    {
        return (int) round($ms * $this->fps / 1000);
    }

    public function msOf(int $frame): int
    {
        return (int) round($frame * 1000 / $this->fps);
    }
}
