<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

/** What is settled for the sounds of a scene beside its voice. */
final readonly class SceneSounds
{
    /** Effects stay so far under the voice (common practice, no published source). */
    public const UNDER_VOICE = 8;

    /**
     * @param  int|null  $clip  how far the own sound of its clips stays under the voice, in dB; null for none
     * @param  string  $change  the sound where one picture goes over into the next; empty for none
     * @param  string  $emphasis  the sound at a word that stands out; empty for none
     * @param  int  $under  how far effects stay under the voice, in dB
     */
    public function __construct(
        public ?int $clip = null,
        public string $change = '',
        public string $emphasis = '',
        public int $under = self::UNDER_VOICE,
    ) {
    }
}
