<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

/** What music feels like. */
enum Mood: string
{
    case Calm = 'calm';
    case Warm = 'warm';
    case Bright = 'bright';
    case Tense = 'tense';
    case Sad = 'sad';
    case Grand = 'grand';

    /** @return non-empty-array<string, string> labels by value */
    public static function labels(): array
    {
        return array_combine(
            array_column(self::cases(), 'value'),
            array_map(static fn (self $mood): string => $mood->value, self::cases()),
        );
    }

    /** @return list<self> the others, the nearest first */
    public function near(): array
    {
        return match ($this) {
            self::Calm => [self::Warm, self::Sad, self::Grand, self::Bright, self::Tense],
            self::Warm => [self::Calm, self::Bright, self::Grand, self::Sad, self::Tense],
            self::Bright => [self::Warm, self::Grand, self::Calm, self::Tense, self::Sad],
            self::Tense => [self::Grand, self::Sad, self::Calm, self::Bright, self::Warm],
            self::Sad => [self::Calm, self::Tense, self::Warm, self::Grand, self::Bright],
            self::Grand => [self::Tense, self::Bright, self::Warm, self::Calm, self::Sad],
        };
    }
}
