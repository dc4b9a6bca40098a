<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

/** Where a shot stands, in frames of the short, and which words of its scene are said over it (the end not counted). */
final readonly class ShotSpan
{
    public function __construct(
        public int $startFrame,
        public int $endFrame,
        public int $firstWord,
        public int $endWord,
    ) {
    }
}
