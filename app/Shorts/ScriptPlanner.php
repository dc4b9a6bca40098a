<?php

declare(strict_types=1);

namespace App\Shorts;

use RapidReel\Intake\ScriptSource;
use RapidReel\Script\SceneSplitter;
use RapidReel\Script\ScriptReader;
use RapidReel\Script\UnusableScript;

/** Cleans a script and splits it into scenes. */
final readonly class ScriptPlanner
{
    public function __construct(
        private ScriptReader $reader,
        private SceneSplitter $splitter,
    ) {
    }

    /** @throws UnusableScript */
    public function plan(ScriptSource $source): PlannedScript
    {
        $script = $this->reader->read($source->text, $source->title);

        return new PlannedScript($script, $this->splitter->split($script));
    }
}
