<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Results;

/** What shorts are told apart by where it is asked which of them work. */
enum Factor: string
{
    case Hook = 'hook';
    case HookShape = 'hook-shape';
    case Length = 'length';
    case Voice = 'voice';
    case CaptionStyle = 'caption-style';
    case Cadence = 'cadence';
    case Music = 'music';
    case Hour = 'hour';
    case Day = 'day';

    public function label(): string
    {
        return match ($this) {
            self::Hook => 'Hook',
            self::HookShape => 'Shape of the hook',
            self::Length => 'Length',
            self::Voice => 'Voice',
            self::CaptionStyle => 'Caption style',
            self::Cadence => 'Cadence',
            self::Music => 'Mood of the music',
            self::Hour => 'Hour',
            self::Day => 'Day of the week',
        };
    }

    /** Lengths in bands that are told apart by eye (common practice, no published source). */
    public static function band(int $ms): string
    {
        return match (true) {
            $ms < 15_000 => 'under 15 s',
            $ms < 30_000 => '15 to 30 s',
            $ms < 45_000 => '30 to 45 s',
            $ms < 60_000 => '45 to 60 s',
            $ms < 90_000 => '60 to 90 s',
            default => '90 s and more',
        };
    }
}
