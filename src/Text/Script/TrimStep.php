<?php

declare(strict_types=1);

namespace RapidReel\Text\Script;

/** One sentence that could go, and how long the short is without it and those before it in the list. */
final readonly class TrimStep
{
    public function __construct(
        public string $sentence,
        public int $scene,
        public int $durationMs,
    ) {
    }
}
