<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage;

/**
 * What a shot needs a picture for: its own words, its scene's, its length, the footage the operator chose, if any, and
 * what the maker wants shown.
 */
final readonly class ShotNeed
{
    public function __construct(
        public string $text,
        public string $sceneText,
        public int $durationMs,
        public ?Footage $chosen = null,
        public string $brief = '',
        public bool $isLocked = false,
    ) {
    }
}
