<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Check;

/** Where in a short a finding is. Times in ms of the short. */
final readonly class FindingPlace
{
    /**
     * @param  int|null  $scene  number of it, from 0; null for the short as a whole
     * @param  int  $word  of the scene, from 0
     */
    public function __construct(
        public int $startMs = 0,
        public int $endMs = 0,
        public ?int $scene = null,
        public int $word = 0,
    ) {
    }
}
