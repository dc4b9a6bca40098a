<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage;

/** What a file says of its colours, in the names of ffmpeg; empty where it says nothing. */
final readonly class SourceColours
{
    public function __construct(
        public string $matrix = '',
        public string $transfer = '',
        public string $primaries = '',
    ) {
    }
}
