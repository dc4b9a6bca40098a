<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Pace;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Pace\Cadence;
use RapidReel\Plan\Pace\ShotPlanner;
use RapidReel\Voice\Speech\WordTiming;

final class CadenceTest extends TestCase
{
    public function test_it_is_written_in_the_ways_that_operators_write_it(): void
    {
        foreach ([
            'longest' => 'longest', '2.5' => 'seconds:2.5', '3 s' => 'seconds:3', 'seconds:2.0' => 'seconds:2',
            '5-15 words' => 'words:5-15', 'words:10–20' => 'words:10-20', '5 to 15' => 'words:5-15',
        ] as $written => $meant) {
            $cadence = Cadence::parse((string) $written);
            self::assertSame($meant, (string) $cadence);
            self::assertEquals($cadence, Cadence::parse($cadence->typed()));
        }
        foreach (['', '0', '0.2 s', '99 s', 'words:9-2', 'often', '-2'] as $wrong) {
            try {
                Cadence::parse($wrong);
                self::fail("“{$wrong}” was taken.");
            } catch (Refusal $problem) {
                self::assertNotSame('', $problem->getMessage());
            }
        }
    }

    /** Twenty pictures for a minute at one every 3 s: common practice, no published source. */
    public function test_a_minute_has_twenty_pictures_at_three_seconds_each(): void
    {
        $words = [];
        for ($i = 0; $i < 180; $i++) {
            $words[] = new WordTiming("w$i", (int) round($i * 1000 / 3), (int) round(($i + 1) * 1000 / 3));
        }
        $changes = (new ShotPlanner(cadence: Cadence::seconds(3.0)))->changes($words, 60_000);

        self::assertSame(range(9, 171, 9), array_keys($changes));
    }

    public function test_of_all_ways_to_cut_the_cheapest_is_found(): void
    {
        $dice = new Randomizer(new Mt19937(7));
        foreach (range(1, 60) as $round) {
            $words = [];
            $at = 0;
            foreach (range(1, $dice->getInt(4, 11)) as $i) {
                $end = $at + $dice->getInt(120, 900);
                $words[] = new WordTiming("w$i", $at, $end);
                $at = $end + ($dice->getInt(0, 3) === 0 ? $dice->getInt(60, 500) : 0);
            }
            $cadence = [
                Cadence::words(3, 6), Cadence::seconds(1.5), Cadence::seconds(2.5), Cadence::words(2, 4),
            ][$round % 4];
            $planner = new ShotPlanner(2_400, $dice->getInt(0, 1) === 0 ? 600 : 1_200, $cadence);
            $found = array_keys($planner->changes($words, $at));

            $best = INF;
            for ($set = 0; $set < 2 ** (count($words) - 1); $set++) {
                $cuts = array_values(array_filter(
                    range(1, count($words) - 1),
                    static fn (int $word): bool => ($set >> ($word - 1) & 1) === 1,
                ));
                $best = min($best, $planner->cost($words, $at, $cuts));
            }
            self::assertEqualsWithDelta($best, $planner->cost($words, $at, $found), 1e-6, "round $round");
        }
    }

    public function test_a_range_of_words_is_kept_and_no_shot_is_shorter_than_the_shortest(): void
    {
        $words = array_map(
            static fn (int $i): WordTiming => new WordTiming("w$i", 200 * $i, 200 * $i + 200),
            range(0, 61),
        );
        $starts = [0, ...array_keys((new ShotPlanner(cadence: Cadence::words(5, 15)))->changes($words, 12_400)), 62];
        foreach (range(1, count($starts) - 1) as $i) {
            self::assertGreaterThanOrEqual(6, $starts[$i] - $starts[$i - 1], '1.2 s are six words');
            self::assertLessThanOrEqual(15, $starts[$i] - $starts[$i - 1]);
        }
        $fixed = (new ShotPlanner(cadence: Cadence::seconds(2.0)))->changes($words, 12_400, [3, 40]);
        self::assertArrayHasKey(3, $fixed, 'what was set by hand stays');
        self::assertArrayHasKey(40, $fixed);
    }
}
