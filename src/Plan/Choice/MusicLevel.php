<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

/** How loud music lies under a voice. */
final readonly class MusicLevel
{
    /** A voice is clear over music that is so much quieter, in dB (common practice, no published source). */
    public const CLEAR_DB = 12.0;

    /** The voice must stay clear (common practice, no published source). */
    public const UNDER_VOICE = 17;

    /** How much louder it is where nobody speaks, and how fast it goes down and comes back (common practice). */
    public const LIFT = 5;

    public const ATTACK_MS = 120;

    public const RELEASE_MS = 450;

    /**
     * @param  int  $under  how far it stays under the voice, in dB
     * @param  int  $lift  how much louder it is where nobody speaks, in dB; 0 for a steady level
     * @param  int  $attackMs  it takes so long to go down before somebody speaks
     * @param  int  $releaseMs  it takes so long to come back after it
     * @param  list<array{int, int}>  $line  moments of the short in ms, and how far it is moved there, in dB
     */
    public function __construct(
        public int $under = self::UNDER_VOICE,
        public int $lift = 0,
        public int $attackMs = self::ATTACK_MS,
        public int $releaseMs = self::RELEASE_MS,
        public array $line = [],
    ) {
    }
}
