<?php

declare(strict_types=1);

namespace RapidReel\Base;

/**
 * What one kind of outlet accepts. Limits are common practice, no published source.
 */
enum TargetProfile: string
{
    case UpTo60 = 'upto-60';
    case UpTo90 = 'upto-90';
    case UpTo180 = 'upto-180';
    case Over60 = 'over-60';

    public const FPS = 30;

    public function label(): string
    {
        return match ($this) {
            self::UpTo60 => 'Up to 60 s',
            self::UpTo90 => 'Up to 90 s',
            self::UpTo180 => 'Up to 3 min',
            self::Over60 => '60 to 90 s',
        };
    }

    /** The one that an operator means by an id, a label or a number of seconds ("60", "90 s", "3 min"). */
    public static function named(string $written): ?self
    {
        $plain = trim(mb_strtolower((string) preg_replace('/\s+/u', ' ', $written)));
        foreach (self::cases() as $profile) {
            if (in_array($plain, [$profile->value, mb_strtolower($profile->label())], true)) {
                return $profile;
            }
        }

        return match (preg_replace('/ ?(?:s|sec|seconds)$/', '', $plain)) {
            '60', 'up to 60' => self::UpTo60,
            '90', 'up to 90' => self::UpTo90,
            '180', '3 min', 'up to 180' => self::UpTo180,
            '60-90', '60–90', '60 to 90', 'over 60' => self::Over60,
            default => null,
        };
    }

    public function shortestMs(): int
    {
        return $this === self::Over60 ? 61_000 : 5_000;
    }

    public function longestMs(): int
    {
        return match ($this) {
            self::UpTo60 => 60_000,
            self::UpTo90, self::Over60 => 90_000,
            self::UpTo180 => 180_000,
        };
    }

    public function hookWindowMs(): int
    {
        return 3_000;
    }

    /** Programme loudness in LUFS (ITU-R BS.1770) */
    public function loudness(): float
    {
        return -14.0;
    }

    /** Highest true peak in dBTP */
    public function truePeak(): float
    {
        return -1.0;
    }
}
