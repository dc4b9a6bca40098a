<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix;

/**
 * The gain that brings a sum to a loudness though a limiter takes some of it away again. How much that is no formula
 * tells: a few gains are tried, and what stands between them is read off.
 */
final readonly class LimitedGain
{
    /** By so much may peaks be held down, in dB, before that is heard in the loudness of the whole. */
    private const UNHEARD_DB = 3.0;

    /** What is tried beyond the gain that would do without a limiter, in dB. */
    private const BEYOND = [0.0, 3.0, 7.0, 14.0];

    /** What is held down much is no louder than it has to be, in LU below what is wanted. */
    private const SPARED_LU = 0.2;

    /**
     * @param  Loudness  $sum  with the peak of its samples
     * @param  float  $gain  in dB, that would do without a limiter
     * @param  float  $limit  in dBFS
     * @return list<float> the gains to try, in dB, rising; none where the limiter has next to nothing to do
     */
    public static function tried(Loudness $sum, float $gain, float $limit): array
    {
        return $sum->peak + $gain - $limit <= self::UNHEARD_DB
            ? []
            : array_map(static fn (float $beyond): float => $gain + $beyond, self::BEYOND);
    }

    /**
     * @param  float  $lufs  that is wanted
     * @param  non-empty-list<array{float, float}>  $tried  gain in dB and loudness in LUFS then, rising
     * @return float in dB; the last that was tried where none is loud enough
     */
    public static function of(float $lufs, array $tried): float
    {
        $wanted = $lufs - self::SPARED_LU;
        [$gain, $heard] = $tried[0];
        foreach ($tried as [$nextGain, $next]) {
            if ($heard >= $wanted) {
                break;
            }
            $part = $next <= $heard ? 1.0 : min(1.0, ($wanted - $heard) / ($next - $heard));
            $gain += $part * ($nextGain - $gain);
            $heard = $part < 1 ? $wanted : $next;
        }

        return $gain;
    }
}
