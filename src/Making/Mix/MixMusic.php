<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix;

use RapidReel\Plan\Cut\CutMusic;

/** The music of a mix: which, how it is looped and cut, and how loud it is at each moment. */
final readonly class MixMusic
{
    /** @param  LevelLine  $line  in dB against the voice */
    public function __construct(
        public CutMusic $piece,
        public MusicBed $bed,
        public LevelLine $line,
    ) {
    }
}
