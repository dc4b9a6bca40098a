<?php

declare(strict_types=1);

namespace RapidReel\Voice\Align;

use RapidReel\Voice\Speech\Pcm;

/** Brings sound to another sampling rate by a windowed sinc (J. Smith, "Digital audio resampling", 1984), in phases. */
final class Resampler
{
    /** Samples to either side that a new one is made of. */
    private const REACH = 8;

    private const SAMPLES_AT_ONCE = 64_000;

    public static function to(Pcm $sound, int $rate): Pcm
    {
        if ($sound->rate === $rate || $sound->samples() === 0) {
            return new Pcm($sound->bytes, $rate);
        }
        $common = self::commonDivisor($sound->rate, $rate);
        [$up, $down] = [intdiv($rate, $common), intdiv($sound->rate, $common)];
        $phases = self::phases($up, min(1.0, $rate / $sound->rate));
        $width = 2 * self::REACH;
        $total = intdiv($sound->samples() * $up, $down);
        $bytes = '';
        for ($first = 0; $first < $total; $first += self::SAMPLES_AT_ONCE) {
            $last = min($total, $first + self::SAMPLES_AT_ONCE);
            $start = intdiv($first * $down, $up) - self::REACH + 1;
            $samples = self::samples($sound, $start, intdiv($last * $down, $up) + self::REACH + 1 - $start);
            $out = [];
            for ($i = $first; $i < $last; $i++) {
                $at = intdiv($i * $down, $up) - self::REACH + 1 - $start;
                $sum = 0.0;
                foreach ($phases[($i * $down) % $up] as $weight) {
                    $sum += $weight * $samples[$at++];
                }
                $value = (int) round($sum);
                $out[] = $value > 32_767 ? 32_767 : ($value < -32_768 ? -32_768 : $value);
            }
            $bytes .= Pcm::bytesOf($out);
        }

        return new Pcm($bytes, $rate);
    }

    /** @return list<list<float>> the weights of neighbours for each place between two samples */
    private static function phases(int $up, float $cutoff): array
    {
        $phases = [];
        for ($phase = 0; $phase < $up; $phase++) {
            $weights = [];
            for ($tap = 0; $tap < 2 * self::REACH; $tap++) {
                $x = $tap - self::REACH + 1 - $phase / $up;
                $sinc = abs($x) < 1e-9 ? 1.0 : sin(M_PI * $cutoff * $x) / (M_PI * $cutoff * $x);
                $weights[] = $cutoff * $sinc * (0.5 + 0.5 * cos(M_PI * $x / self::REACH));
            }
            $sum = array_sum($weights);
            $phases[] = array_map(static fn (float $weight): float => $weight / $sum, $weights);
        }

        return $phases;
    }

    /** @return list<int> so many samples from one on, 0 beyond the ends */
    private static function samples(Pcm $sound, int $from, int $count): array
    {
        $before = max(0, -$from);
        $samples = [
            ...array_fill(0, $before, 0),
            ...Pcm::values(substr($sound->bytes, 2 * max(0, $from), 2 * ($count - $before))),
        ];

        return [...$samples, ...array_fill(0, max(0, $count - count($samples)), 0)];
    }

    private static function commonDivisor(int $a, int $b): int
    {
        return $b === 0 ? $a : self::commonDivisor($b, $a % $b);
    }
}
