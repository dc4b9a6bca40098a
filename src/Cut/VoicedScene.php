<?php

declare(strict_types=1);

namespace RapidReel\Cut;

use RapidReel\Footage\Footage;
use RapidReel\Script\Scene;
use RapidReel\Voice\Take;

/** A scene with its take, and the footage chosen for its shots, by their number in the scene. */
final readonly class VoicedScene
{
    /**
     * @param  array<int, Footage>  $chosen
     * @param  int|null  $pauseMs  silence after it; null for the usual
     */
    public function __construct(
        public Scene $scene,
        public Take $take,
        public array $chosen = [],
        public ?int $pauseMs = null,
    ) {
    }
}
