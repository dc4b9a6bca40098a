<?php

declare(strict_types=1);

namespace RapidReel\Making\Render;

use RapidReel\Base\FrameShape;

/** How long what is queued will take, and how much room, going by what is made of it already. */
final class QueueForecast
{
    /** Bits that a pixel of a frame takes, where nothing is known yet (common practice, no published source) */
    private const BITS = 0.1;

    /** Beside a finished file stand its segments, which are kept, and its captions. */
    private const KEPT = 2.2;

    private float $all = 0;

    private float $done = 0;

    private float $open = 0;

    private float $bytes = 0;

    private float $bytesOf = 0;

    /**
     * @param  int  $ms  how long the video is
     * @param  float  $share  of it that is made, 0…1
     * @param  int|null  $bytes  of it, where it is finished
     */
    public function add(int $ms, Quality $quality, float $share, ?int $bytes = null): void
    {
        // What is made of a video takes time by its pixels.
        [$width, $height] = $quality->size(FrameShape::Upright);
        $work = $ms / 1000 * $width * $height;
        $this->all += $work;
        $this->done += $work * $share;
        $this->open += $share < 1 ? $work * (1 - $share) : 0;
        if ($bytes !== null && $share >= 1) {
            $this->bytes += $bytes;
            $this->bytesOf += $work;
        }
    }

    /**
     * @param  float  $elapsed  seconds since the first of them was begun
     * @return int|null seconds until all are made; null while nothing can be said
     */
    public function secondsLeft(float $elapsed): ?int
    {
        return $this->done <= 0 || $elapsed <= 0 ? null : (int) round($elapsed * $this->open / $this->done);
    }

    /** 0…100 */
    public function percent(): int
    {
        return $this->all <= 0 ? 0 : (int) floor(100 * $this->done / $this->all);
    }

    /** Bytes that what is still to be made will take on the disk */
    public function bytesNeeded(): int
    {
        $each = $this->bytesOf > 0 ? $this->bytes / $this->bytesOf : 30 * self::BITS / 8;

        return (int) ($each * $this->open * self::KEPT);
    }
}
