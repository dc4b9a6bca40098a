<?php

declare(strict_types=1);

namespace RapidReel\Voice\Align;

/**
 * The mel scale (S. Stevens, J. Volkmann and E. Newman, 1937; the formula of D. O'Shaughnessy, 1987), and bands on it.
 */
final class Mel
{
    public static function ofHertz(float $hertz): float
    {
        return 2595 * log10(1 + $hertz / 700);
    }

    public static function toHertz(float $mel): float
    {
        return 700 * (10 ** ($mel / 2595) - 1);
    }

    /**
     * Triangles of equal width on the mel scale, each reaching from the middle of its neighbour to that of the other.
     *
     * @param  int  $bins  of a power spectrum from 0 to half the sampling rate
     * @return list<array{int, list<float>}> for each band its first bin and the weights from there
     */
    public static function bands(int $count, float $lowHertz, float $highHertz, int $bins, int $rate): array
    {
        $edges = [];
        for ($i = 0; $i <= $count + 1; $i++) {
            $mel =
                self::ofHertz($lowHertz) + ((self::ofHertz($highHertz) - self::ofHertz($lowHertz)) * $i) / ($count + 1);
            $edges[] = (self::toHertz($mel) * 2 * ($bins - 1)) / $rate;
        }
        $bands = [];
        for ($i = 1; $i <= $count; $i++) {
            [$low, $middle, $high] = [$edges[$i - 1], $edges[$i], $edges[$i + 1]];
            $first = (int) ceil($low);
            $weights = [];
            for ($bin = $first; $bin < min($bins, $high); $bin++) {
                $weights[] = max(
                    0.0,
                    $bin <= $middle ? ($bin - $low) / ($middle - $low) : ($high - $bin) / ($high - $middle),
                );
            }
            $bands[] = [$first, $weights];
        }

        return $bands;
    }
}
