<?php

declare(strict_types=1);

namespace App\Desks\Intake;

use App\Gateways\Voices\VoiceBook;
use App\Makers\Planning\SceneTask;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\SettingValues;
use RapidReel\Plan\Source\ScriptSource;
use RapidReel\Text\Manuscript\Manuscript;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\Script;

/** A script that is clean and split, with all that was settled for it. */
final readonly class PlannedScript
{
    /**
     * @param  non-empty-list<Scene>  $scenes
     * @param  SettingValues  $settled  what holds for it
     * @param  array<string, string>  $pronunciations
     */
    public function __construct(
        public ScriptSource $source,
        public Script $script,
        public array $scenes,
        public WrittenAlong $along,
        public SettingValues $settled,
        private array $pronunciations,
        private VoiceBook $voices,
    ) {
    }

    /**
     * @return non-empty-list<SceneTask>
     *
     * @throws Refusal
     */
    public function tasks(): array
    {
        return array_map(
            fn (Scene $scene): SceneTask => SceneTask::of($scene, $this->settled, $this->voices, $this->pronunciations),
            $this->scenes,
        );
    }

    /** @param  non-empty-list<Scene>  $scenes  what is left of it */
    public function saying(array $scenes): self
    {
        return new self(
            $this->source,
            $this->script,
            $scenes,
            $this->along,
            $this->settled,
            $this->pronunciations,
            $this->voices,
        );
    }

    /** The same with other settings of its own. */
    public function with(Values $own): self
    {
        return new self(
            $this->source,
            $this->script,
            $this->scenes,
            $this->along->with($own),
            $this->settled->and(Level::Short, $own),
            $this->pronunciations,
            $this->voices,
        );
    }

    /** @throws Refusal */
    public function manuscript(): Manuscript
    {
        return Manuscript::fresh($this->scenes, $this->script->notes($this->scenes));
    }
}
