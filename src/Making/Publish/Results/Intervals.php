<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Results;

use InvalidArgumentException;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Intervals around what was seen, for 95 of 100 cases. */
final class Intervals
{
    private const Z = 1.959963984540054;

    private const DRAWS = 2_000;

    /**
     * Of a share, by Wilson's score (E. B. Wilson, "Probable inference, the law of succession, and statistical
     * inference", JASA 22, 1927; method 3 of R. G. Newcombe, Statistics in Medicine 17, 1998).
     *
     * @param  int  $hits  of so many
     */
    public static function share(int $hits, int $of): Interval
    {
        if ($of < 1 || $hits < 0 || $hits > $of) {
            throw new InvalidArgumentException("$hits of $of is no share.");
        }
        $share = $hits / $of;
        $square = self::Z ** 2;
        $middle = (2 * $hits + $square) / (2 * ($of + $square));
        $half = self::Z * sqrt($square + 4 * $hits * (1 - $share)) / (2 * ($of + $square));

        return new Interval(max(0.0, $middle - $half), min(1.0, $middle + $half));
    }

    /**
     * Of the median, by drawing again out of what was seen (B. Efron, "Bootstrap methods: another look at the
     * jackknife", Annals of Statistics 7, 1979; percentiles). The same values give the same interval.
     *
     * @param  non-empty-list<int|float>  $values
     */
    public static function median(array $values): Interval
    {
        $medians = self::medians($values, self::DRAWS);
        sort($medians);

        return new Interval(Spread::quantileOf($medians, 0.025), Spread::quantileOf($medians, 0.975));
    }

    /**
     * Medians of values drawn again out of those seen.
     *
     * @param  non-empty-list<int|float>  $values
     * @return non-empty-list<float>
     */
    public static function medians(array $values, int $draws): array
    {
        $last = count($values) - 1;
        $chance = new Randomizer(new Xoshiro256StarStar(hash('sha256', json_encode($values, JSON_THROW_ON_ERROR),
            true)));
        $medians = [];
        do {
            $drawn = [];
            foreach ($values as $ignored) {
                $drawn[] = $values[$chance->getInt(0, $last)];
            }
            sort($drawn);
            $medians[] = Spread::quantileOf($drawn, 0.5);
        } while (--$draws > 0);

        return $medians;
    }

    /** Chance that a number of the normal distribution is below it (Abramowitz and Stegun 7.1.26, within 1.5e-7). */
    public static function normal(float $z): float
    {
        $x = abs($z) / M_SQRT2;
        $t = 1 / (1 + 0.3275911 * $x);
        $tail = $t * (0.254829592 + $t * (-0.284496736 + $t * (1.421413741 + $t * (-1.453152027 + $t * 1.061405429))))
            * exp(-$x ** 2);

        return $z >= 0 ? 1 - $tail / 2 : $tail / 2;
    }
}
