<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Cut;

use PHPUnit\Framework\TestCase;
use RapidReel\Plan\Cut\FreePlace;

/** Where there is room beside what is there already: held against trying every height. */
final class FreePlaceTest extends TestCase
{
    /** What is kept clear around others. */
    private const ROOM = 0.012;

    private const STEP = 0.0005;

    /** @param  list<array{float, float, float, float}>  $taken */
    private static function isFree(
        array $taken,
        float $top,
        float $left,
        float $width,
        float $height,
        float $room,
    ): bool {
        foreach ($taken as [$from, $above, $until, $below]) {
            if ($from < $left + $width + $room && $until > $left - $room
                && $above < $top + $height + $room && $below > $top - $room) {
                return false;
            }
        }

        return true;
    }

    public function test_it_is_as_high_or_as_low_as_there_is_room_and_nowhere_where_there_is_none(): void
    {
        mt_srand(20_262);
        $found = 0;
        for ($round = 0; $round < 300; $round++) {
            $taken = [];
            for ($i = mt_rand(0, 7); $i > 0; $i--) {
                [$x, $y] = [mt_rand(0, 800) / 1000, mt_rand(0, 900) / 1000];
                $taken[] = [$x, $y, $x + mt_rand(50, 600) / 1000, $y + mt_rand(20, 250) / 1000];
            }
            [$first, $last] = [mt_rand(50, 300) / 1000, mt_rand(400, 800) / 1000];
            [$left, $width, $height] = [mt_rand(0, 500) / 1000, mt_rand(100, 500) / 1000, mt_rand(30, 200) / 1000];
            foreach ([true, false] as $isHigh) {
                $top = FreePlace::beside([], $taken)->top($isHigh, $first, $last, $left, $width, $height);
                $best = null;
                for ($step = 0; $first + $step * self::STEP <= $last; $step++) {
                    $try = $isHigh ? $first + $step * self::STEP : $last - $step * self::STEP;
                    if (self::isFree($taken, $try, $left, $width, $height, self::ROOM)) {
                        $best = $try;
                        break;
                    }
                }
                if ($top === null) {
                    self::assertNull($best, "round $round");

                    continue;
                }
                $found++;
                self::assertTrue(self::isFree($taken, $top, $left, $width, $height, self::ROOM - 1e-7), "round $round");
                self::assertGreaterThanOrEqual($first, $top + 1e-9);
                self::assertLessThanOrEqual($last, $top - 1e-9);
                if ($best !== null) {
                    self::assertLessThanOrEqual(self::STEP, $isHigh ? $top - $best : $best - $top, "round $round");
                }
            }
        }
        self::assertGreaterThan(200, $found);
    }
}
