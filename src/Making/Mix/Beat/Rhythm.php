<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix\Beat;

/** The beat of a piece of music. */
final readonly class Rhythm
{
    /**
     * @param  float  $bpm  beats a minute
     * @param  list<int>  $beats  moments in ms
     * @param  int  $perBar  beats in a bar
     * @param  int  $firstBar  number of the beat that begins the first whole bar
     * @param  float  $certainty  0…1: how much of what begins to sound lies on the beats
     */
    public function __construct(
        public float $bpm,
        public array $beats,
        public int $perBar,
        public int $firstBar,
        public float $certainty,
    ) {
    }

    /** @return list<int> moments at which bars begin, in ms */
    public function bars(): array
    {
        $bars = [];
        for ($i = $this->firstBar; $i < count($this->beats); $i += $this->perBar) {
            $bars[] = $this->beats[$i];
        }

        return $bars;
    }
}
