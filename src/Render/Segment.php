<?php

declare(strict_types=1);

namespace RapidReel\Render;

use RapidReel\Cut\CutShot;

/** A piece of a short that is rendered by itself: one shot with its captions. */
final readonly class Segment
{
    /**
     * @param  string  $key  a hash of all that can change a pixel of it
     * @param  string  $ass  its captions, in its own time
     */
    public function __construct(
        public string $key,
        public int $scene,
        public CutShot $shot,
        public int $frames,
        public string $ass,
    ) {
    }
}
