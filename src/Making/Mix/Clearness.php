<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix;

use RapidReel\Plan\Choice\MusicLevel;

/**
 * How far a voice stands over what is under it, second by second: in those moments of a second in which somebody
 * speaks. A pause is no faint speech; what is under it is as loud there as it is set.
 */
final class Clearness
{
    public const CLEAR_DB = MusicLevel::CLEAR_DB;

    /** A little more is asked for: what is measured before is not quite what is heard after. */
    private const ROOM_DB = 0.7;

    /** What stands so far under the loudest of the voice is no speech. */
    private const SPEECH_DB = 18.0;

    /** In so many moments of a second somebody speaks, or nobody does. */
    private const LEAST = 2;

    private const MOST_DB = 18.0;

    /** Moments are so far from each other, in ms. */
    private const STEP = 100;

    private const A_SECOND = 10;

    /** Music comes down, and back, over so many moments beside those in which it has to be down. */
    private const RAMP = 2;

    /**
     * Loudness as a meter tells it, of the 400 ms before every 100 ms, put at the middle of what it is of.
     *
     * @param  list<float>  $moments  in LUFS
     * @param  float  $gain  added to all, in dB
     * @return list<float> at 100, 200, 300… ms
     */
    public static function moments(array $moments, float $gain = 0.0): array
    {
        return array_map(static fn (float $one): float => $one + $gain, array_slice($moments, 2));
    }

    /**
     * The line lowered where somebody speaks and the music would come too near to that.
     *
     * @param  list<float>  $voice  loudness of the voice, as moments() gives it
     * @param  list<float>  $music  the same of the music at no level of its own
     */
    public static function kept(LevelLine $line, array $voice, array $music): LevelLine
    {
        $needs = array_map(
            static fn (?float $clear): float => $clear === null
                ? 0.0
                : min(self::MOST_DB, max(0.0, self::CLEAR_DB + self::ROOM_DB - $clear)),
            self::of($line, $voice, $music),
        );
        if (array_filter($needs) === []) {
            return $line;
        }
        $lower = array_fill(0, max(1, count($voice)), 0.0);
        foreach (self::speaking($voice) as $moment) {
            $need = $needs[intdiv($moment, self::A_SECOND)] ?? 0.0;
            for ($i = $moment - self::RAMP; $i <= $moment + self::RAMP; $i++) {
                if (isset($lower[$i])) {
                    $lower[$i] = min($lower[$i], -$need);
                }
            }
        }

        return $line->plus(self::line($lower));
    }

    /**
     * @param  list<float>  $voice
     * @param  list<float>  $music
     * @return list<float|null> by how much the voice is louder in every second, in dB; null where nobody speaks
     */
    public static function of(LevelLine $line, array $voice, array $music): array
    {
        $found = array_fill(0, (int) ceil(count($voice) / self::A_SECOND), null);
        $seconds = [];
        foreach (self::speaking($voice) as $moment) {
            $under = ($music[$moment] ?? -70.0) + $line->at(self::STEP * ($moment + 1));
            $seconds[intdiv($moment, self::A_SECOND)][] = [$voice[$moment], $under];
        }
        foreach ($seconds as $second => $moments) {
            if (count($moments) >= self::LEAST) {
                $found[$second] = self::power(array_column($moments, 0)) - self::power(array_column($moments, 1));
            }
        }

        return array_values($found);
    }

    /**
     * @param  list<float>  $voice
     * @return list<int> numbers of the moments in which somebody speaks
     */
    private static function speaking(array $voice): array
    {
        $least = max([-70.0, ...$voice]) - self::SPEECH_DB;

        return array_keys(array_filter($voice, static fn (float $loudness): bool => $loudness >= $least));
    }

    /**
     * @param  non-empty-list<float>  $levels  in dB
     * @return float their mean, by power
     */
    private static function power(array $levels): float
    {
        $power = array_sum(array_map(static fn (float $one): float => 10 ** ($one / 10), $levels)) / count($levels);

        return 10 * log10(max(1e-12, $power));
    }

    /** @param  non-empty-list<float>  $lower  at every moment */
    private static function line(array $lower): LevelLine
    {
        $points = [[0, $lower[0]]];
        foreach ($lower as $i => $level) {
            // Straight between where it changes.
            if ($level !== ($lower[$i - 1] ?? $lower[0]) || $level !== ($lower[$i + 1] ?? $level)) {
                $points[] = [self::STEP * ($i + 1), $level];
            }
        }
        $points[] = [self::STEP * (count($lower) + 1), $lower[count($lower) - 1]];

        return new LevelLine($points);
    }
}
