<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Gateways\Voices\VoiceBook;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\Target;
use RapidReel\Plan\Choice\SceneSettings;
use RapidReel\Plan\Choice\SecondCaptions;
use RapidReel\Plan\Choice\ShortSettings;
use RapidReel\Plan\Cut\ChosenShot;
use RapidReel\Plan\Cut\ScenePacer;
use RapidReel\Plan\Cut\VoicedScene;
use RapidReel\Plan\Settings\SettingsReader;
use RapidReel\Plan\Settings\SettingValues;
use RapidReel\Text\Script\Scene;
use RapidReel\Voice\Speech\Delivery;
use RapidReel\Voice\Speech\Take;
use RapidReel\Voice\Speech\Voice;

/** A scene to be voiced and paced: who says it and how, or who said it already, and what is set for it. */
final readonly class SceneTask
{
    /**
     * @param  SettingValues  $levels  where each of its settings comes from
     * @param  list<ChosenShot>  $chosen
     * @param  Take|null  $reading  raw, where somebody has read it
     */
    private function __construct(
        public Scene $scene,
        public Voice $voice,
        public Delivery $delivery,
        public ShortSettings $short,
        public SceneSettings $settings,
        public SettingValues $levels,
        public array $chosen = [],
        public ?Take $reading = null,
    ) {
    }

    /**
     * @param  array<string, string>  $pronunciations  how to say it, by what is written
     *
     * @throws Refusal
     */
    public static function of(Scene $scene, SettingValues $levels, VoiceBook $voices, array $pronunciations): self
    {
        $settings = SettingsReader::scene($levels, $scene);

        return new self(
            $scene,
            $voices->saying($settings->speech),
            new Delivery(
                $settings->speech->deadAirMs,
                $scene->own->keptPauses,
                $pronunciations,
                $settings->pace->pauseMs,
                $settings->speech->tempo,
            ),
            SettingsReader::short($levels),
            $settings,
            $levels,
        );
    }

    /** @param  list<ChosenShot>  $chosen */
    public function with(array $chosen, ?Take $reading): self
    {
        return new self(
            $this->scene, $this->voice, $this->delivery, $this->short, $this->settings, $this->levels, $chosen,
            $reading,
        );
    }

    /** The same with other captions in a second language. */
    public function beside(?SecondCaptions $second): self
    {
        return $second === $this->settings->second ? $this : new self(
            $this->scene, $this->voice, $this->delivery, $this->short, $this->settings->with($second), $this->levels,
            $this->chosen, $this->reading,
        );
    }

    /** The same with another of its targets first. */
    public function led(Target $target): self
    {
        return new self(
            $this->scene, $this->voice, $this->delivery, $this->short->led($target), $this->settings, $this->levels,
            $this->chosen, $this->reading,
        );
    }

    /** What puts scenes of its short one after the other, on the frames of its target. */
    public function pacer(): ScenePacer
    {
        return new ScenePacer($this->short->targets->frame()->grid());
    }

    /** Other words said in the same way; what was chosen and read for these does not serve them. */
    public function saying(Scene $scene): self
    {
        $delivery = new Delivery(
            $this->delivery->deadAirMs,
            [],
            $this->delivery->pronunciations,
            $this->delivery->pauseMs,
            $this->delivery->tempo,
        );

        return new self($scene, $this->voice, $delivery, $this->short, $this->settings, $this->levels);
    }

    /** The scene with its take, paced as is set. */
    public function voiced(Take $take): VoicedScene
    {
        return new VoicedScene($this->scene, $take, $this->chosen, $this->settings);
    }
}
