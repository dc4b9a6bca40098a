<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Voice\Speech\WordTiming;

/** A spoken word of a short, with the number of its scene (from 0). */
final readonly class CutWord
{
    public function __construct(
        public WordTiming $timing,
        public int $scene,
    ) {
    }

    /**
     * @param  int  $laterMs  added to its times
     * @return array{text: string, start_ms: int, end_ms: int, scene: int}
     */
    public function toArray(int $laterMs = 0): array
    {
        return [...$this->timing->shifted($laterMs)->toArray(), 'scene' => $this->scene];
    }
}
