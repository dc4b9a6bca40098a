<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix;

/** How long and how loud a mix is to be. */
final readonly class MixTarget
{
    /**
     * @param  float  $loudness  in LUFS
     * @param  float  $truePeak  in dBTP, at the most
     */
    public function __construct(
        public int $frames,
        public int $fps,
        public float $loudness,
        public float $truePeak,
    ) {
    }
}
