<?php

declare(strict_types=1);

namespace App\Shorts;

use RapidReel\Footage\Footage;
use RapidReel\Script\Scene;

/** A scene to be voiced, with the footage already settled for its shots, by their number. */
final readonly class SceneDraft
{
    /** @param  array<int, Footage>  $chosen */
    public function __construct(
        public Scene $scene,
        public array $chosen = [],
    ) {
    }
}
