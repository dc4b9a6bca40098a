<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

/** How the words of a scene are to be said, beside who says them. */
final readonly class Delivery
{
    /**
     * @param  int|null  $deadAirMs  what pauses inside are shortened to; null leaves them
     * @param  list<int>  $keptPauses  numbers of words after which the pause stays as it is
     * @param  array<string, string>  $pronunciations  how to say it, by what is written
     * @param  int|null  $pauseMs  silence after the scene; null for the usual
     * @param  int  $tempo  percent of what was spoken
     */
    public function __construct(
        public ?int $deadAirMs = DeadAir::USUAL_MS,
        public array $keptPauses = [],
        public array $pronunciations = [],
        public ?int $pauseMs = null,
        public int $tempo = Tempo::USUAL,
    ) {
    }
}
