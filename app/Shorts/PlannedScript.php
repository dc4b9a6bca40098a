<?php

declare(strict_types=1);

namespace App\Shorts;

use RapidReel\Script\Scene;
use RapidReel\Script\Script;

/** A script that is clean and split. */
final readonly class PlannedScript
{
    /** @param  non-empty-list<Scene>  $scenes */
    public function __construct(
        public Script $script,
        public array $scenes,
    ) {
    }

    /** @return non-empty-list<SceneDraft> */
    public function drafts(): array
    {
        return array_map(static fn (Scene $scene): SceneDraft => new SceneDraft($scene), $this->scenes);
    }
}
