<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

/** Which music is under a short, and how loud. */
final readonly class MusicChoice
{
    /** As a piece: one that is chosen by mood, and none. */
    public const AUTOMATIC = 'auto';

    public const NONE = 'none';

    /**
     * @param  string  $piece  id of it, AUTOMATIC or NONE
     * @param  Mood|null  $mood  null where the words say it
     */
    public function __construct(
        public string $piece = self::NONE,
        public ?Mood $mood = null,
        public MusicLevel $level = new MusicLevel,
    ) {
    }
}
