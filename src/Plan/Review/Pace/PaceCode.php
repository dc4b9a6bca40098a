<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Pace;

/** What a pace report finds. */
enum PaceCode: string
{
    case TooLong = 'too-long';
    case TooShort = 'too-short';
    case HookLate = 'hook-late';
    case SpeechSlow = 'speech-slow';
    case SpeechFast = 'speech-fast';
    case ShotLong = 'shot-long';
    case ShotsSlow = 'shots-slow';
    case Silence = 'silence';
    case PauseLong = 'pause-long';
    case PictureRepeats = 'picture-repeats';

    /** In a word or two, for a margin. */
    public function brief(): string
    {
        return match ($this) {
            self::TooLong => 'too long',
            self::TooShort => 'too short',
            self::HookLate => 'late hook',
            self::SpeechSlow => 'slow words',
            self::SpeechFast => 'fast words',
            self::ShotLong => 'long shot',
            self::ShotsSlow => 'slow cuts',
            self::Silence => 'silence',
            self::PauseLong => 'long pause',
            self::PictureRepeats => 'seen before',
        };
    }
}
