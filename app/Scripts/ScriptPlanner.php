<?php

declare(strict_types=1);

namespace App\Scripts;

use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceRates;
use RapidReel\Intake\ScriptSource;
use RapidReel\Publish\PublishTime;
use RapidReel\Publish\TargetProfile;
use RapidReel\Script\SceneSplitter;
use RapidReel\Script\ScriptReader;
use RapidReel\Script\UnusableScript;

/** Cleans a script, splits it into scenes, and settles what was written along with it. */
final readonly class ScriptPlanner
{
    public function __construct(
        private ScriptReader $reader,
        private SceneSplitter $splitter,
        private VoiceBook $voices,
        private VoiceRates $rates,
    ) {
    }

    /** @throws UnusableScript */
    public function plan(ScriptSource $source, ScriptChoices $choices): PlannedScript
    {
        $warnings = [];
        $voice = $choices->voice;
        if ($source->voice !== '') {
            $named = $this->voices->named($source->voice);
            $warnings[] = $named === null ? "There is no voice “{$source->voice}”; {$voice->name} reads it." : '';
            $voice = $named ?? $voice;
        }
        $profile = $choices->profile;
        if ($source->profile !== '') {
            $named = TargetProfile::named($source->profile);
            $warnings[] = $named === null ? "There is no target “{$source->profile}”; it is made for “{$profile->label()}”." : '';
            $profile = $named ?? $profile;
        }
        $publishAt = null;
        if ($source->publishAt !== '') {
            $publishAt = PublishTime::read($source->publishAt);
            $warnings[] = $publishAt === null ? "“{$source->publishAt}” is no date of the calendar; write it as 2026-12-01 18:00." : '';
        }
        $script = $this->reader->read($source->text, $source->title);
        $scenes = $this->splitter->split($script, $choices->split, $this->rates->of($voice));

        return new PlannedScript($source, $script, $scenes, $voice, $profile, $choices->split, $publishAt, array_values(array_filter($warnings, static fn (string $warning): bool => $warning !== '')), $choices->pronunciations);
    }
}
