<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

use RapidReel\Voice\Speech\DeadAir;
use RapidReel\Voice\Speech\Tempo;

/** Who says a scene, and how. */
final readonly class SpeechChoice
{
    /**
     * @param  string  $voice  id of it
     * @param  int  $speed  percent of the voice's usual rate
     * @param  int|null  $deadAirMs  what pauses inside it are shortened to; null leaves them
     * @param  int  $tempo  percent of what was spoken
     */
    public function __construct(
        public string $voice = '',
        public int $speed = 100,
        public ?int $deadAirMs = DeadAir::USUAL_MS,
        public int $tempo = Tempo::USUAL,
    ) {
    }
}
