<?php

declare(strict_types=1);

namespace Tests\Core\Pictures\Framing;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\FrameWindow;
use RapidReel\Pictures\Framing\Interest\InterestMap;
use RapidReel\Pictures\Framing\Path\PathFinder;
use RapidReel\Pictures\Framing\Path\PathProblem;
use RapidReel\Pictures\Framing\Path\PathProblems;
use RapidReel\Pictures\Framing\Path\PathRules;
use RapidReel\Pictures\Framing\Path\Pin;
use RapidReel\Pictures\Framing\Path\PlaceChooser;
use RapidReel\Pictures\Framing\Path\TautString;

final class PathTest extends TestCase
{
    private const UPRIGHT = 9 / 16;

    /** @param  list<float>  $middles  of the subject, at every eighth of a second */
    private static function map(array $middles, int $width = 1920, int $height = 1080, array $shots = [0]): InterestMap
    {
        $profile = static function (float $middle, int $size): string {
            $bytes = '';
            for ($i = 0; $i < $size; $i++) {
                $bytes .= chr((int) (255 * exp(-((($i + 0.5) / $size - $middle) ** 2) / 0.002)));
            }

            return $bytes;
        };

        return new InterestMap(
            $width,
            $height,
            125,
            array_map(static fn (float $middle): string => $profile($middle, 128), $middles),
            array_map(static fn (): string => $profile(0.5, 72), $middles),
            $shots,
        );
    }

    public function test_the_places_that_are_chosen_are_the_best_of_all_there_are(): void
    {
        mt_srand(5);
        for ($round = 0; $round < 60; $round++) {
            $places = mt_rand(2, 5);
            $moments = mt_rand(1, 6);
            $price = mt_rand(0, 40) / 100;
            $furthest = mt_rand(1, 3);
            $gains = [];
            for ($moment = 0; $moment < $moments; $moment++) {
                $gains[] = array_map(static fn (): float => mt_rand(0, 1000) / 1000, range(1, $places));
            }
            $value = static function (array $way) use ($gains, $price, $furthest): float {
                $sum = 0.0;
                foreach ($way as $moment => $place) {
                    $sum += $gains[$moment][$place];
                    if ($moment > 0) {
                        $by = abs($place - $way[$moment - 1]);
                        $sum -= $by > $furthest ? INF : $price * $by;
                    }
                }

                return $sum;
            };
            $most = -INF;
            for ($number = 0; $number < $places ** $moments; $number++) {
                $way = [];
                for ($moment = 0, $left = $number; $moment < $moments; $moment++, $left = intdiv($left, $places)) {
                    $way[] = $left % $places;
                }
                $most = max($most, $value($way));
            }

            self::assertEqualsWithDelta(
                $most,
                $value(PlaceChooser::choose($gains, $price, $furthest)),
                1e-9,
            );
        }
    }

    public function test_a_taut_string_stays_in_its_tube_and_none_through_random_points_of_it_is_shorter(): void
    {
        mt_srand(11);
        for ($round = 0; $round < 200; $round++) {
            $low = $high = [];
            $middle = 0.0;
            for ($i = 0, $count = mt_rand(2, 24); $i < $count; $i++) {
                $middle += mt_rand(-100, 100) / 100;
                $low[] = $middle - mt_rand(5, 80) / 100;
                $high[] = $middle + mt_rand(5, 80) / 100;
            }
            $line = TautString::through($low, $high);
            $length = static function (array $line): float {
                $sum = 0.0;
                for ($i = 1; $i < count($line); $i++) {
                    $sum += hypot(1, $line[$i] - $line[$i - 1]);
                }

                return $sum;
            };
            foreach ($line as $i => $value) {
                self::assertGreaterThanOrEqual($low[$i] - 1e-9, $value);
                self::assertLessThanOrEqual($high[$i] + 1e-9, $value);
            }
            for ($try = 0; $try < 60; $try++) {
                $other = $line;
                $at = mt_rand(0, count($line) - 1);
                for ($i = $at, $end = mt_rand($at, count($line) - 1), $by = mt_rand(-50, 50) / 200; $i <= $end; $i++) {
                    $other[$i] = max($low[$i], min($high[$i], $other[$i] + $by));
                }
                self::assertGreaterThanOrEqual($length($line) - 1e-9, $length($other));
            }
        }
    }

    public function test_the_window_holds_still_on_a_subject_that_does_and_only_trembles(): void
    {
        mt_srand(3);
        $path = PathFinder::find(
            self::map(array_map(static fn (): float => 0.62 + mt_rand(-10, 10) / 1000, range(1, 64))),
            0,
            8_000,
            new PathRules(self::UPRIGHT),
        );

        self::assertTrue($path->isStill());
        self::assertEqualsWithDelta(0.62, $path->at(0)->x, 0.03);
    }

    public function test_a_subject_that_crosses_once_is_followed_gently_and_never_turned_back_from(): void
    {
        $middles = array_map(static fn (int $i): float => 0.2 + 0.6 * max(0, min(1, ($i - 12) / 40)), range(0, 63));
        $path = PathFinder::find(self::map($middles), 0, 8_000, new PathRules(self::UPRIGHT));
        $before = $path->at(0)->x;
        $speed = 0.0;
        for ($ms = 40; $ms < 8_000; $ms += 40) {
            $now = $path->at($ms)->x;
            self::assertGreaterThanOrEqual($before - 1e-9, $now);
            // Windows a second, and how fast that changes.
            self::assertLessThan(1.6, ($now - $before) * 25 / (1080 * self::UPRIGHT / 1920));
            self::assertLessThan(0.02, abs($now - $before - $speed), "at $ms ms");
            self::assertLessThan(0.1, abs($now - $middles[intdiv($ms, 125)]), "at $ms ms");
            [$before, $speed] = [$now, $now - $before];
        }
    }

    public function test_a_cut_of_the_clip_is_a_cut_of_the_path(): void
    {
        $map = self::map([...array_fill(0, 32, 0.3), ...array_fill(0, 32, 0.75)], shots: [0, 3_990]);
        $path = PathFinder::find($map, 0, 8_000, new PathRules(self::UPRIGHT));

        self::assertEqualsWithDelta(0.3, $path->at(3_989)->x, 0.03);
        self::assertEqualsWithDelta(0.75, $path->at(3_990)->x, 0.03);
    }

    public function test_a_pin_is_where_it_was_put_and_the_way_between_two_is_theirs_alone(): void
    {
        $map = self::map(array_map(static fn (int $i): float => 0.25 + 0.5 * $i / 63, range(0, 63)));
        $free = PathFinder::find($map, 0, 8_000, new PathRules(self::UPRIGHT));
        $pinned = PathFinder::find($map, 0, 8_000, new PathRules(self::UPRIGHT, pins: [
            new Pin(5_013, 0.31, 0.5),
            new Pin(2_777, 0.66, 0.4, 1.5),
        ]));

        $at = $pinned->at(2_777);
        self::assertEqualsWithDelta([0.66, 0.4, 1 / 1.5], [$at->x, $at->y, $at->scale], 1e-6);
        self::assertEqualsWithDelta(0.31, $pinned->at(5_013)->x, 1e-6);
        self::assertEqualsWithDelta((0.66 + 0.31) / 2, $pinned->at(intdiv(2_777 + 5_013, 2))->x, 0.002);
        self::assertEqualsWithDelta($free->at(1_000)->x, $pinned->at(1_000)->x, 0.002);
        self::assertEqualsWithDelta($free->at(7_000)->x, $pinned->at(7_000)->x, 0.002);
    }

    public function test_other_aspects_and_shapes_of_a_source_have_their_own_way_and_keep_pins(): void
    {
        $pin = new Pin(2_000, 0.7, 0.3);
        foreach ([[1920, 1080], [1080, 1920], [720, 720], [640, 200]] as [$width, $height]) {
            foreach ([9 / 16, 1.0, 4 / 5, 16 / 9] as $aspect) {
                $path = PathFinder::find(
                    self::map(array_fill(0, 32, 0.6), $width, $height),
                    0,
                    4_000,
                    new PathRules($aspect, pins: [$pin]),
                );
                $window = $path->at(2_000);
                $across = $window->scale * $height * $aspect / $width;
                self::assertLessThanOrEqual(1 + 1e-6, $across);
                // As near to the pin as the picture lets it.
                self::assertEqualsWithDelta(max($across / 2, min(1 - $across / 2, 0.7)), $window->x, 1e-6);
                $half = $window->scale / 2;
                self::assertEqualsWithDelta(max($half, min(1 - $half, 0.3)), $window->y, 1e-6);
                self::assertEqualsWithDelta(min(1.0, $width / $height / $aspect), $window->scale, 1e-6);
            }
        }
    }

    public function test_a_wide_window_has_its_subject_in_the_middle_where_there_is_room(): void
    {
        // A subject at 0.40 of the width, and much that is little of interest on the right of it.
        $profile = '';
        for ($i = 0; $i < 128; $i++) {
            $profile .= chr((int) (200 * exp(-(($i - 51) ** 2) / 50)) + ($i > 60 ? 24 : 0));
        }
        $map = new InterestMap(1920, 1080, 125, array_fill(0, 16, $profile), array_fill(0, 16, str_repeat("\1", 72)));
        $window = PathFinder::find($map, 0, 2_000, new PathRules(1.0))->at(1_000);

        self::assertEqualsWithDelta(0.4, $window->x, 0.06);
    }

    public function test_pins_that_are_none_are_refused_in_words(): void
    {
        foreach ([
            '{"ms":1}', '7', '[{"ms":-1,"x":0.5,"y":0.5}]', '[{"ms":1,"x":1.5,"y":0.5}]',
            '[{"ms":1,"x":"a","y":0}]', '[{"ms":1,"x":0.5,"y":0.5,"close":9}]',
        ] as $json) {
            try {
                Pin::listFromJson($json);
                self::fail("$json was taken.");
            } catch (Refusal $problem) {
                self::assertStringContainsString('in', $problem->getMessage());
            }
        }
        self::assertSame([], Pin::listFromJson(''));
        $pins = [new Pin(3, 0.25, 0.5, 2.0)];
        self::assertEquals($pins, Pin::listFromJson(Pin::listToJson($pins)));
    }

    /**
     * @param  array<int, array{float, float}>  $points  across and scale by ms
     * @return list<array{string, int, int}> kind, from and to
     */
    private static function problems(InterestMap $map, array $points, int $toMs, int $frameHeight = 1920): array
    {
        $path = new FramePath(array_map(
            static fn (array $point): FrameWindow => new FrameWindow($point[0], 0.5, $point[1]), $points,
        ));

        return array_map(
            static fn (PathProblem $one): array => [$one->kind->value, $one->fromMs, $one->toMs],
            PathProblems::of($map, $path, 0, $toMs, self::UPRIGHT, $frameHeight),
        );
    }

    public function test_a_path_is_told_what_a_viewer_would_mind_of_it_and_when(): void
    {
        // The subject goes off to the right after two seconds, and comes back after four.
        $map = self::map([...array_fill(0, 16, 0.5), ...array_fill(0, 16, 0.9), ...array_fill(0, 16, 0.5)]);
        self::assertSame([], self::problems($map, [0 => [0.5, 1.0]], 2_000));
        self::assertSame([['outside', 2_000, 4_000]], self::problems($map, [0 => [0.5, 1.0]], 6_000));
        // A glance that lasts no longer than a third of a second is no matter.
        $glance = self::map([...array_fill(0, 16, 0.5), 0.9, 0.9, ...array_fill(0, 16, 0.5)]);
        self::assertSame([], self::problems($glance, [0 => [0.5, 1.0]], 4_000));
    }

    public function test_a_window_that_races_is_told_but_not_where_the_clip_cuts(): void
    {
        $wide = self::map(array_fill(0, 32, 0.5));
        $race = [0 => [0.5, 1.0], 1_000 => [0.5, 1.0], 1_125 => [0.4, 1.0], 4_000 => [0.4, 1.0]];
        self::assertSame([['fast', 1_000, 1_125]], self::problems($wide, $race, 3_000));
        $slow = [0 => [0.5, 1.0], 1_000 => [0.5, 1.0], 2_000 => [0.4, 1.0]];
        self::assertSame([], self::problems($wide, $slow, 3_000));
        $cuts = self::map(array_fill(0, 32, 0.5), shots: [0, 1_125]);
        self::assertSame([], self::problems($cuts, $race, 3_000));
    }

    public function test_a_window_that_is_smaller_than_its_pixels_bear_is_told(): void
    {
        $map = self::map(array_fill(0, 32, 0.5));
        self::assertSame([['soft', 0, 2_000]], self::problems($map, [0 => [0.5, 0.6]], 2_000));
        self::assertSame([], self::problems($map, [0 => [0.5, 0.7]], 2_000), 'an HD clip may fill the frame');
        self::assertSame([], self::problems($map, [0 => [0.5, 0.6]], 2_000, 960), 'a smaller frame asks for less');
    }
}
