<?php

declare(strict_types=1);

namespace Tests\Support;

use RapidReel\Voice\Speech\Pcm;

/** Pieces with a known beat. */
final class Tunes
{
    public const RATE = 16_000;

    /**
     * @param  string  $kind  click, kick, pluck (notes, softer ones between), chords (held, with a bass), bass, drums
     *                        (two in turn, and a rattle between) or held (low tones that beat with each other)
     */
    public static function play(string $kind, float $bpm, float $first, float $seconds, int $perBar = 4): Pcm
    {
        mt_srand(7);
        $sound = array_fill(0, (int) ($seconds * self::RATE), 0.0);
        for ($n = 0, $at = $first; $at < $seconds; $at = $first + ++$n * 60 / $bpm) {
            $level = $n % $perBar === 0 ? 0.5 : 0.28;
            match ($kind) {
                'click' => self::burst($sound, $at, $level),
                'kick' => self::tone($sound, $at, 62, $level, 0.09),
                'pluck' => [
                    self::tone($sound, $at, 220 * 2 ** (($n * 5 % 12) / 12), $level, 0.25),
                    self::tone($sound, $at + 30 / $bpm, 440, 0.07, 0.1),
                ],
                'drums' => [
                    $n % 2 === 0 ? self::tone($sound, $at, 58, 0.5, 0.09) : self::burst($sound, $at, 0.3, 2_000),
                    self::burst($sound, $at, 0.12),
                    self::burst($sound, $at + 30 / $bpm, 0.12),
                ],
                'held' => [
                    self::tone($sound, $at, 523, 0.16, 0.1),
                    ...array_map(
                        static fn (float $hertz) => self::tone($sound, $at, $hertz, 26 / $hertz, 2.5),
                        $n % $perBar === 0 ? [131.0, 165.0, 196.0, 262.0, 330.0, 392.0, 393.0, 495.0, 588.0] : [],
                    ),
                ],
                // A deep note begins each bar; the third beat is the loud one above it.
                'bass' => [
                    self::tone($sound, $at, 494, $n % $perBar === 2 ? 0.4 : 0.14, 0.12),
                    $n % $perBar === 0 ? self::tone($sound, $at, 44, 0.3, 0.4) : null,
                ],
                'chords' => [
                    self::tone($sound, $at, 82, $level, 0.3),
                    ...array_map(
                        static fn (float $hertz) => self::tone($sound, $at, $hertz, 0.12, 0.5),
                        $n % $perBar === 0 ? [262.0, 330.0, 392.0] : [],
                    ),
                ],
            };
        }

        return self::pcm($sound);
    }

    public static function noise(float $seconds, int $seed = 11): Pcm
    {
        mt_srand($seed);

        return self::pcm(array_map(
            static fn (): float => 0.2 * (mt_rand() / mt_getrandmax() - 0.5),
            range(1, (int) ($seconds * self::RATE)),
        ));
    }

    /** @param  array<int, float>  $sound */
    private static function tone(array &$sound, float $at, float $hertz, float $level, float $fall): void
    {
        $start = (int) round($at * self::RATE);
        for ($i = 0; $i < 4 * $fall * self::RATE && isset($sound[$start + $i]); $i++) {
            $sound[$start + $i] += $level * min(1, $i / 60) * exp(-$i / ($fall * self::RATE))
                * sin(2 * M_PI * $hertz * $i / self::RATE);
        }
    }

    /** @param  array<int, float>  $sound */
    private static function burst(array &$sound, float $at, float $level, int $long = 400): void
    {
        $start = (int) round($at * self::RATE);
        for ($i = 0; $i < $long && isset($sound[$start + $i]); $i++) {
            $sound[$start + $i] += $level * exp(-5 * $i / $long) * (2 * mt_rand() / mt_getrandmax() - 1);
        }
    }

    /** @param  array<int, float>  $sound */
    private static function pcm(array $sound): Pcm
    {
        // No room is silent.
        return new Pcm(Pcm::bytesOf(array_map(
            static fn (float $x): int => (int) round(
                32_767 * max(-1, min(1, $x + 0.003 * (mt_rand() / mt_getrandmax() - 0.5))),
            ),
            array_values($sound),
        )), self::RATE);
    }
}
