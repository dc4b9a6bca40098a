<?php

declare(strict_types=1);

namespace Tests\Core\Making\Render;

use PHPUnit\Framework\TestCase;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\QueueForecast;

final class QueueForecastTest extends TestCase
{
    private const LENGTHS = [34_000, 58_000, 21_000, 45_000, 60_000, 15_000, 39_000, 52_000];

    /** Whatever is made, at a rate that sways by a third, two at a time. */
    public function test_after_the_first_the_time_left_is_right_within_a_quarter(): void
    {
        mt_srand(7);
        $costs = array_map(static fn (int $ms): float => $ms / 1000 * 2.4 * mt_rand(85, 115) / 100, self::LENGTHS);
        $ends = $starts = [];
        $free = [0.0, 0.0];
        foreach ($costs as $i => $cost) {
            $lane = $free[0] <= $free[1] ? 0 : 1;
            [$starts[$i], $ends[$i]] = [$free[$lane], $free[$lane] + $cost];
            $free[$lane] = $ends[$i];
        }
        $all = max($ends);
        for ($now = min($ends); $now < $all * 0.9; $now += 3) {
            $forecast = new QueueForecast;
            foreach (self::LENGTHS as $i => $ms) {
                $share = min(1.0, max(0.0, ($now - $starts[$i]) / $costs[$i]));
                $forecast->add($ms, Quality::Final, $share, $share >= 1 ? $ms * 500 : null);
            }
            self::assertEqualsWithDelta($all - $now, $forecast->secondsLeft($now), 0.25 * $all, "at $now of $all s");
        }
    }

    public function test_nothing_is_said_before_anything_is_made(): void
    {
        $forecast = new QueueForecast;
        $forecast->add(30_000, Quality::Final, 0.0);

        self::assertNull($forecast->secondsLeft(4.0));
        self::assertSame(0, $forecast->percent());
        self::assertGreaterThan(5_000_000, $forecast->bytesNeeded());
        self::assertSame(0, (new QueueForecast)->bytesNeeded());
    }

    public function test_a_draft_counts_for_less_and_room_goes_by_what_was_made(): void
    {
        $forecast = new QueueForecast;
        $forecast->add(30_000, Quality::Final, 1.0, 10_000_000);
        $forecast->add(30_000, Quality::Draft, 0.0);

        self::assertSame(80, $forecast->percent());
        self::assertSame(25, $forecast->secondsLeft(100.0));
        self::assertEqualsWithDelta(2.2 * 2_500_000, $forecast->bytesNeeded(), 10);
    }
}
