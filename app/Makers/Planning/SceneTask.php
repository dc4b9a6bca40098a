<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Gateways\Voices\Voice;
use App\Gateways\Voices\VoiceBook;
use RapidReel\Plan\Cut\ChosenShot;
use RapidReel\Plan\Cut\ScenePacer;
use RapidReel\Plan\Cut\VoicedScene;
use RapidReel\Plan\Pace\ShotPlanner;
use RapidReel\Plan\Settings\KeySettings;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\LookSettings;
use RapidReel\Plan\Settings\PaceSettings;
use RapidReel\Plan\Settings\Settled;
use RapidReel\Plan\Settings\SoundSettings;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;
use RapidReel\Voice\Speech\Delivery;
use RapidReel\Voice\Speech\Take;

/** A scene to be voiced and paced: who says it and how, or who said it already, and what is settled for its shots. */
final readonly class SceneTask
{
    /**
     * @param  list<ChosenShot>  $chosen
     * @param  Take|null  $reading  raw, where somebody has read it
     */
    public function __construct(
        public Scene $scene,
        public Voice $voice,
        public Delivery $delivery,
        public Settled $settled,
        public array $chosen = [],
        public ?Take $reading = null,
    ) {
    }

    /** @param  array<string, string>  $pronunciations  how to say it, by what is written */
    public static function of(Scene $scene, Settled $settled, VoiceBook $voices, array $pronunciations): self
    {
        return new self(
            $scene,
            $voices->settled($settled->voice())->at($settled->speed()),
            new Delivery(
                $settled->deadAirMs(),
                $scene->own->spared,
                $pronunciations,
                self::pauseMs($scene, $settled),
                $settled->tempo(),
            ),
            $settled,
        );
    }

    /** @param  list<ChosenShot>  $chosen */
    public function with(array $chosen, ?Take $reading): self
    {
        return new self($this->scene, $this->voice, $this->delivery, $this->settled, $chosen, $reading);
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

        return new self($scene, $this->voice, $delivery, $this->settled);
    }

    /** A scene that carries on into the next has no longer pause than that, unless it is set for it alone. */
    private static function pauseMs(Scene $scene, Settled $settled): ?int
    {
        $pause = $settled->pauseMs();

        return $pause === null || ! $scene->carriesOn() || $settled->from('pause') === Level::Scene
            ? $pause
            : min(ScenePacer::CARRY_MS, $pause);
    }

    /** The scene with its take, paced as is settled. */
    public function voiced(Take $take): VoicedScene
    {
        return new VoicedScene(
            $this->scene,
            $take,
            $this->chosen,
            $this->delivery->pauseMs,
            new ShotPlanner(
                $this->settled->longestShotMs(),
                $this->settled->shortestShotMs(),
                PaceSettings::cadence($this->settled, $this->scene->role === SceneRole::Hook),
            ),
            $this->settled->framing(),
            $this->settled->captions(),
            $this->settled->dim(),
            $this->settled->isMatched(),
            $this->settled->tailMs(),
            $this->settled->transition(),
            $this->settled->clipFit(),
            SoundSettings::sounds($this->settled),
            LookSettings::grade($this->settled),
            KeySettings::choice($this->settled),
        );
    }
}
