<?php

declare(strict_types=1);

namespace App\Planning;

use App\Gateways\Voices\Voice;
use App\Gateways\Voices\VoiceBook;
use RapidReel\Cut\ChosenShot;
use RapidReel\Cut\ScenePacer;
use RapidReel\Cut\VoicedScene;
use RapidReel\Pace\ShotPlanner;
use RapidReel\Script\Scene;
use RapidReel\Script\SceneRole;
use RapidReel\Settings\KeySettings;
use RapidReel\Settings\Level;
use RapidReel\Settings\LookSettings;
use RapidReel\Settings\PaceSettings;
use RapidReel\Settings\Settled;
use RapidReel\Settings\SoundSettings;
use RapidReel\Voice\Delivery;
use RapidReel\Voice\Take;

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
