<?php

declare(strict_types=1);

namespace RapidReel\Making\Render;

/** The frame that a segment is rendered in. */
final readonly class Raster
{
    /**
     * @param  int  $width  in pixels
     * @param  int  $height  in pixels
     */
    public function __construct(
        public int $width,
        public int $height,
        public int $fps,
    ) {
    }

    /** Ticks a second in which every frame of every rate begins at a whole one. */
    public function timescale(): int
    {
        return 512 * $this->fps;
    }
}
