<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

/** Where a scene stands, in frames of the short, with its shots. */
final readonly class SceneSpan
{
    /** @param  non-empty-list<ShotSpan>  $shots */
    public function __construct(
        public int $startFrame,
        public int $endFrame,
        public array $shots,
    ) {
    }
}
