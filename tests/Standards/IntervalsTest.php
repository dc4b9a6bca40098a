<?php

declare(strict_types=1);

namespace Tests\Standards;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Making\Publish\Results\Intervals;
use RapidReel\Making\Publish\Results\Spread;

/** Intervals against worked examples that were published. All values are from memory. */
final class IntervalsTest extends TestCase
{
    // R. G. Newcombe, "Two-sided confidence intervals for the single proportion", Statistics in Medicine 17 (1998),
    // table I, method 3.
    #[TestWith([81, 263, 0.2553, 0.3662])]
    #[TestWith([15, 148, 0.0624, 0.1605])]
    #[TestWith([0, 20, 0.0, 0.1611])]
    #[TestWith([1, 29, 0.0061, 0.1718])]
    public function test_shares_lie_within_wilsons_interval(int $hits, int $of, float $from, float $to): void
    {
        $interval = Intervals::share($hits, $of);
        self::assertEqualsWithDelta($from, $interval->from, 0.00006);
        self::assertEqualsWithDelta($to, $interval->to, 0.00006);
    }

    // B. Efron and R. Tibshirani, "An Introduction to the Bootstrap" (1993), tables 2.1 and 2.2: survival of seven
    // treated mice in days; the standard error of the median is 37.83 for ever more draws.
    public function test_medians_drawn_again_spread_as_those_of_the_mice(): void
    {
        $mice = [94, 197, 16, 38, 99, 141, 23];
        $medians = Intervals::medians($mice, 20_000);
        $mean = array_sum($medians) / count($medians);
        $spread = sqrt(array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $medians))
            / (count($medians) - 1));
        self::assertEqualsWithDelta(37.83, $spread, 0.6);
        self::assertSame(94.0, Spread::of($mice)->median);
        self::assertTrue(Intervals::median($mice)->holds(94));
        self::assertEquals(Intervals::median($mice), Intervals::median($mice), 'The same values, the same interval.');
    }

    // The standard normal distribution: NIST/SEMATECH e-Handbook of Statistical Methods, section 1.3.6.7.1.
    #[TestWith([0.0, 0.5])]
    #[TestWith([1.0, 0.84134])]
    #[TestWith([1.96, 0.97500])]
    #[TestWith([-2.5, 0.00621])]
    public function test_the_normal_distribution_is_as_tables_have_it(float $z, float $below): void
    {
        self::assertEqualsWithDelta($below, Intervals::normal($z), 0.000006);
    }

    // R. J. Hyndman and Y. Fan, The American Statistician 50 (1996): type 7, as R has it: quantile(1:10, .25) is 3.25.
    public function test_quantiles_are_those_of_type_seven(): void
    {
        self::assertSame(3.25, Spread::quantileOf(range(1, 10), 0.25));
        self::assertSame(5.5, Spread::quantileOf(range(1, 10), 0.5));
        self::assertSame(10.0, Spread::quantileOf(range(1, 10), 1.0));
    }
}
