<?php

declare(strict_types=1);

namespace RapidReel\Plan\Pace;

use RapidReel\Voice\Speech\DeadAir;
use RapidReel\Voice\Speech\Pause;
use RapidReel\Voice\Speech\Tempo;

/** A scene as tightening sees it: how long it is, where it could be shorter, and how much it is needed. */
final readonly class PacedScene
{
    /** Between scenes where a trailing ellipsis carries the thought on. */
    public const CARRY_MS = 30;

    /**
     * @param  int  $samples  of it as it was spoken, no pause cut
     * @param  int  $rate  of them, in Hz
     * @param  list<Pause>  $pauses  those inside that may be cut
     * @param  float  $need  0…1, how much the rest misses it
     * @param  bool  $mayGo  whether it may be left out if it is not marked
     * @param  bool  $isOptional  whether it is marked as one that may be left out
     */
    public function __construct(
        public int $samples,
        public int $rate = 1_000,
        public array $pauses = [],
        public float $need = 1.0,
        public bool $mayGo = true,
        public bool $isOptional = false,
        public bool $carriesOn = false,
        public OwnPace $own = new OwnPace,
    ) {
    }

    /** How long its speech is, in ms: just as long as the sound that will be made. */
    public function speechMs(PaceValues $values): int
    {
        $kept = $this->own->deadAirMs === false ? $values->deadAirMs : $this->own->deadAirMs;
        $samples = $this->samples;
        if ($kept !== null) {
            foreach ($this->pauses as $pause) {
                $samples -= DeadAir::removed($pause, $kept, $this->rate);
            }
        }
        $scaled = Tempo::scaled($samples, $this->own->tempo === false ? $values->tempo : $this->own->tempo);

        return (int) round($scaled * 1000 / $this->rate);
    }

    /** The silence after it, in ms. */
    public function gapMs(PaceValues $values): int
    {
        return match (true) {
            $this->own->gapMs !== false => $this->own->gapMs,
            $this->carriesOn => min(self::CARRY_MS, $values->gapMs),
            default => $values->gapMs,
        };
    }
}
