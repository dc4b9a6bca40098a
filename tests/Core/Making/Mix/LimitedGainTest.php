<?php

declare(strict_types=1);

namespace Tests\Core\Making\Mix;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Making\Mix\LimitedGain;
use RapidReel\Making\Mix\Loudness;

final class LimitedGainTest extends TestCase
{
    /** What a narrator over music came to with a limiter at -2.2 dBFS: gain in dB, LUFS. */
    private const HEARD = [[0.0, -14.2], [2.0, -13.0], [5.0, -11.8], [9.0, -10.8]];

    public function test_nothing_is_tried_where_a_limiter_has_next_to_nothing_to_do(): void
    {
        self::assertSame([], LimitedGain::tried(new Loudness(-13.9, 0.4), -0.1, -2.2));
        self::assertSame([], LimitedGain::tried(new Loudness(-30.0, -20.0), 16.0, -2.2));
    }

    public function test_where_it_has_the_plain_gain_is_tried_and_some_above_it(): void
    {
        $tried = LimitedGain::tried(new Loudness(-13.9, 0.4), 2.9, -2.2);

        self::assertSame(2.9, $tried[0]);
        self::assertGreaterThan(2.9 + 6, max($tried));
        self::assertSame($tried, array_unique($tried));
    }

    /** The gains that were found by trying each: 2.5 dB gave -12.8 LUFS, 6 dB -11.5 and 7 dB -11.3. */
    #[TestWith([-12.6, 2.5])]
    #[TestWith([-11.3, 6.0])]
    #[TestWith([-11.1, 7.0])]
    public function test_the_gain_is_read_off_between_what_was_tried(float $wanted, float $found): void
    {
        self::assertEqualsWithDelta($found, LimitedGain::of($wanted, self::HEARD), 0.5);
    }

    public function test_what_is_loud_enough_is_not_pushed_and_what_never_is_gets_the_most_that_was_tried(): void
    {
        self::assertSame(0.0, LimitedGain::of(-14.1, self::HEARD));
        self::assertSame(9.0, LimitedGain::of(-6.0, self::HEARD));
        self::assertSame(9.0, LimitedGain::of(-6.0, [[0.0, -70.0], [9.0, -70.0]]));
    }
}
