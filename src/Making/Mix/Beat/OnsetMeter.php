<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix\Beat;

use InvalidArgumentException;
use RapidReel\Voice\Speech\Pcm;

/**
 * How strongly something begins to sound, every 10 ms: by how much the energy of each of six bands has risen, in
 * decibels, added up (spectral flux over a bank of resonators; the bands as E. Scheirer, "Tempo and beat analysis of
 * acoustic musical signals", JASA 103, 1998, has them).
 */
final class OnsetMeter
{
    public const RATE = 16_000;

    public const HOP_MS = 10;

    private const HOP = 160;

    /** Middles of the bands, in Hz. */
    private const BANDS = [90, 210, 480, 1_100, 2_500, 5_200];

    private const LOW = [42, 90];

    private const QUALITY = 1.1;

    /**
     * Power is held for so many steps: low tones that sound together swell and fade some thirty times a second, and
     * that is no beginning of anything.
     */
    private const HELD = 3;

    /** A band quieter than this, as a power of full scale, says nothing. */
    private const FLOOR = 1e-7;

    /**
     * @param  bool  $isLow  only what begins far down: basses and drums, which mark bars
     * @return list<float> 0 or more
     *
     * @throws InvalidArgumentException when the sound is not at 16 kHz
     */
    public static function of(Pcm $sound, bool $isLow = false): array
    {
        if ($sound->rate !== self::RATE) {
            throw new InvalidArgumentException('Onsets are measured at 16 kHz.');
        }
        $rises = array_fill(0, intdiv($sound->samples(), self::HOP), 0.0);
        $frames = count($rises);
        $powers = array_fill(0, $frames, 0.0);
        foreach ($isLow ? self::LOW : self::BANDS as $hertz) {
            // A band-pass of constant peak gain (R. Bristow-Johnson, "Cookbook formulae for audio EQ biquad filters").
            $turn = 2 * M_PI * $hertz / self::RATE;
            $alpha = sin($turn) / (2 * self::QUALITY);
            $gain = $alpha / (1 + $alpha);
            $first = 2 * cos($turn) / (1 + $alpha);
            $second = (1 - $alpha) / (1 + $alpha);
            [$x1, $x2, $y1, $y2] = [0.0, 0.0, 0.0, 0.0];
            $before = null;
            $held = array_fill(0, self::HELD, 0.0);
            for ($frame = 0; $frame < $frames; $frame++) {
                $power = 0.0;
                foreach (Pcm::values(substr($sound->bytes, 2 * self::HOP * $frame, 2 * self::HOP)) as $x) {
                    $y = $gain * ($x - $x2) + $first * $y1 - $second * $y2;
                    $x2 = $x1;
                    $x1 = $x;
                    $y2 = $y1;
                    $y1 = $y;
                    $power += $y * $y;
                }
                $powers[$frame] += $power;
                $held[$frame % self::HELD] = $power;
                $level = log10(self::FLOOR + max($held) / (self::HOP * 32_768 ** 2));
                // Over two steps: a window that only half holds a beginning would tell half of it.
                if ($before !== null) {
                    $rises[$frame] += max(0.0, $level - $before[1]) + max(0.0, $level - $before[0]);
                }
                $before = [$before[1] ?? $level, $level];
            }
        }

        // What begins loudly counts for more: an accent for more than what is played between.
        $loudest = max([1e-9, ...$powers]);
        $weighed = [];
        foreach ($rises as $frame => $rise) {
            $weighed[] = $rise * (max([0.0, ...array_slice($powers, $frame, 4)]) / $loudest) ** 0.4;
        }

        return $weighed;
    }
}
