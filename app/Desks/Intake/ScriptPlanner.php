<?php

declare(strict_types=1);

namespace App\Desks\Intake;

use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceRates;
use RapidReel\Base\Language\LanguageFinder;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Making\Publish\PublishTime;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\SettingsReader;
use RapidReel\Plan\Source\ScriptSource;
use RapidReel\Text\Cleanup\ScriptReader;
use RapidReel\Text\Manuscript\Manuscript;
use RapidReel\Text\Script\SceneSplitter;
use RapidReel\Text\Script\Script;
use RapidReel\Text\Script\UnusableScript;

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

    /**
     * @throws UnusableScript
     * @throws Refusal
     */
    public function plan(ScriptSource $source, ScriptChoices $choices): PlannedScript
    {
        $script = $this->reader->read($source->text, $source->title);
        $along = $this->inItsLanguage($script, self::along($source, $choices), $choices);
        $settled = $choices->settled->and(Level::Short, $along->own);
        $scenes = $this->splitter->split(
            $script,
            SettingsReader::split($settled),
            $this->rates->of($this->voices->saying(SettingsReader::speech($settled))),
        );

        if (count($scenes) > Manuscript::MOST_SCENES) {
            throw UnusableScript::hasTooManyScenes(count($scenes), Manuscript::MOST_SCENES);
        }

        return new PlannedScript(
            $source,
            $script,
            $scenes,
            $along,
            $settled,
            $choices->pronunciations,
            $this->voices,
        );
    }

    /**
     * A script of another language than the voice that is set is read by one of its own, unless its voice was written
     * along with it.
     *
     * @throws Refusal
     */
    private function inItsLanguage(Script $script, WrittenAlong $along, ScriptChoices $choices): WrittenAlong
    {
        $voice = $this->voices->saying(SettingsReader::speech($choices->settled->and(Level::Short, $along->own)));
        $language = LanguageFinder::of($script->spoken(), $voice->primaryLanguage());
        $other = $language === null || isset($along->own->own['voice']) || $voice->primaryLanguage() === $language
            ? null
            : $this->voices->reading($language, $voice);

        return $other === null ? $along : $along->with($along->own->with('voice', $other->id), sprintf(
            'This is %s: %s reads it, as %s reads %s.',
            $other->languageName(), $other->name, $voice->name, $voice->languageName(),
        ));
    }

    /** @throws Refusal */
    private static function along(ScriptSource $source, ScriptChoices $choices): WrittenAlong
    {
        $warnings = [];
        $own = new Values;
        foreach ($source->settings as $key => $written) {
            $setting = $choices->settled->registry->get($key);
            try {
                $own = $own->with($key, $setting->type->read($written));
            } catch (Refusal $problem) {
                $warnings[] = sprintf(
                    '%s For this script it stays: %s.',
                    $problem->getMessage(),
                    $setting->type->says($choices->settled->value($key)),
                );
            }
        }
        $publishAt = $source->publishAt === '' ? null : PublishTime::read($source->publishAt);
        if ($source->publishAt !== '' && $publishAt === null) {
            $warnings[] = "“{$source->publishAt}” is no date of the calendar; write it as 2026-12-01 18:00.";
        }

        return new WrittenAlong($own, $publishAt, $warnings);
    }
}
