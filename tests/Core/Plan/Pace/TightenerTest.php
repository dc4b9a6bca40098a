<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Pace;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RapidReel\Plan\Pace\MayDrop;
use RapidReel\Plan\Pace\OwnPace;
use RapidReel\Plan\Pace\PacedScene;
use RapidReel\Plan\Pace\PaceLimits;
use RapidReel\Plan\Pace\PacePlan;
use RapidReel\Plan\Pace\PaceStep;
use RapidReel\Plan\Pace\PaceStepKind;
use RapidReel\Plan\Pace\PaceValues;
use RapidReel\Plan\Pace\Tightener;
use RapidReel\Voice\Speech\Pause;

final class TightenerTest extends TestCase
{
    private const FPS = 30;

    /** @return non-empty-list<PacedScene> */
    private static function scenes(Randomizer $dice, int $count, int $rate = 1_000): array
    {
        $scenes = [];
        for ($i = 0; $i < $count; $i++) {
            $ms = $dice->getInt(1_500, 6_000);
            $pauses = [];
            for ($at = 300; $at < $ms - 700 && count($pauses) < 3; $at += 900) {
                $pauses[] = new Pause(count($pauses), $at, $at + $dice->getInt(60, 420));
            }
            $scenes[] = new PacedScene(
                (int) round($ms * $rate / 1000), $rate, $pauses, $dice->getInt(1, 1_000) / 1000,
                $i > 0 && $i < $count - 1, $i === 2, $i === 3,
            );
        }

        return $scenes;
    }

    /** @return array<string, PaceStep> by kind */
    private static function steps(PacePlan $plan): array
    {
        return array_column(
            array_map(static fn (PaceStep $step): array => [$step->kind->value, $step], $plan->steps), 1, 0,
        );
    }

    public function test_any_target_between_the_limits_is_reached_to_the_frame_in_the_order_of_spending(): void
    {
        $dice = new Randomizer(new Mt19937(3));
        $now = new PaceValues(120, 140, 100, 600);
        foreach (range(1, 40) as $round) {
            $scenes = self::scenes($dice, $dice->getInt(6, 24), 22_050);
            $tightener = new Tightener($scenes, $now, new PaceLimits, self::FPS);
            $before = $tightener->lengthMs($now);
            // The last moment of a frame is rounded to a millisecond, too.
            $target = 100 * (int) round($before * $dice->getInt(55, 99) / 10_000);
            $plan = $tightener->tighten($target);

            self::assertSame($before, $plan->beforeMs);
            self::assertTrue($plan->reaches(), "round $round: {$plan->says()}");
            $frames = (int) floor($target * self::FPS / 1000);
            self::assertSame((int) round($frames * 1000 / self::FPS), $plan->afterMs, "round $round");
            self::assertEquals($plan, $tightener->tighten($target), 'the same again');
            // Nothing dearer is spent before all that is cheaper is at its limit.
            $values = $plan->values;
            if ($values->tempo > 100 && $plan->dropped === []) {
                $slower = new PaceValues(60, 40, $values->tempo - 1, 600);
                self::assertGreaterThan($plan->afterMs, $tightener->lengthMs($slower));
            }
            if ($values->gapMs < 140 && $plan->dropped === [] && $values->tempo === 100) {
                self::assertGreaterThan($target, $tightener->lengthMs(new PaceValues(60, 140, 100, 600)));
            }
            self::assertNotContains(0, $plan->dropped);
            self::assertNotContains(count($scenes) - 1, $plan->dropped);
            self::assertSame(
                $plan->beforeMs - $plan->afterMs,
                array_sum(array_map(static fn (PaceStep $step): int => $step->ms, $plan->steps)),
                'what the steps save is what is saved',
            );
        }
    }

    public function test_it_is_the_least_change_of_all(): void
    {
        $dice = new Randomizer(new Mt19937(11));
        $limits = new PaceLimits(leastDeadAirMs: 112, leastGapMs: 130, fastest: 103);
        $now = new PaceValues(120, 140, 100, 600);
        foreach (range(1, 12) as $round) {
            $scenes = self::scenes($dice, 5);
            $tightener = new Tightener($scenes, $now, $limits, self::FPS);
            $target = $tightener->lengthMs($now) - $dice->getInt(100, 3_500);
            $target = (int) round(round($target * 0.03) / 0.03);
            $plan = $tightener->tighten($target);

            // Every set of sentences and every value within the limits.
            $best = null;
            foreach ([[], [1], [2], [3], [1, 2], [1, 3], [2, 3], [1, 2, 3]] as $gone) {
                $need = array_sum(array_map(
                    static fn (int $i): int => $scenes[$i]->isOptional ? 0 : 1 + (int) round(1000 * $scenes[$i]->need),
                    $gone,
                ));
                $left = array_values(array_diff_key($scenes, array_flip($gone)));
                $short = new Tightener($left, $now, $limits, self::FPS);
                $lost = $tightener->lengthMs(new PaceValues(112, 130, 103, 600))
                    - $short->lengthMs(new PaceValues(112, 130, 103, 600));
                for ($tempo = 100; $tempo <= 103; $tempo++) {
                    for ($gap = 140; $gap >= 130; $gap--) {
                        for ($air = 120; $air >= 112; $air--) {
                            if ($short->lengthMs(new PaceValues($air, $gap, $tempo, 600)) > $target) {
                                continue;
                            }
                            $cost = [$need, $lost, $tempo, -$gap, -$air];
                            $best = $best === null || $cost < $best ? $cost : $best;
                        }
                    }
                }
            }
            if ($best === null) {
                self::assertFalse($plan->reaches(), "round $round");

                continue;
            }
            $need = array_sum(array_map(
                static fn (int $i): int => $scenes[$i]->isOptional ? 0 : 1 + (int) round(1000 * $scenes[$i]->need),
                $plan->dropped,
            ));
            // Where a sentence had to go for little, gaps take what is left over.
            self::assertSame(
                [$best[0], $best[2], $best[3], $best[4]],
                [$need, $plan->values->tempo, -min(140, $plan->values->gapMs), -$plan->values->deadAirMs],
                "round $round",
            );
        }
    }

    public function test_what_cannot_be_reached_says_by_how_much_and_why(): void
    {
        $scenes = array_map(static fn (int $i): PacedScene => new PacedScene(3_000), range(0, 9));
        $now = new PaceValues(120, 140, 100, 600);
        $none = new Tightener($scenes, $now, new PaceLimits(mayDrop: MayDrop::None), self::FPS);
        $plan = $none->tighten(10_000);

        self::assertFalse($plan->reaches());
        self::assertSame($plan->afterMs - 10_000, $plan->missingMs());
        self::assertStringContainsString('as no sentence may go', $plan->says());
        self::assertSame([], $plan->dropped);
        self::assertStringContainsString(
            'as the hook and the close stay',
            (new Tightener($scenes, $now, new PaceLimits, self::FPS))->tighten(1_000)->says(),
        );
        self::assertFalse($none->tighten(60_000)->changes(), 'what is short enough stays');
    }

    public function test_sentences_marked_as_optional_go_before_those_least_needed_and_alone_where_that_is_set(): void
    {
        $scene = static fn (float $need, bool $optional): PacedScene => new PacedScene(
            4_000, need: $need, isOptional: $optional,
        );
        $scenes = [
            $scene(1, false), $scene(0.1, false), $scene(0.9, true), $scene(0.05, false), $scene(0.8, true),
            $scene(1, false),
        ];
        $now = new PaceValues(120, 140, 100, 600);
        $tightened = static fn (MayDrop $may, int $target): array => (new Tightener(
            $scenes, $now, new PaceLimits(fastest: 100, mayDrop: $may), self::FPS,
        ))->tighten($target)->dropped;

        self::assertCount(1, $tightened(MayDrop::Any, 22_000));
        self::assertSame([2, 4], $tightened(MayDrop::Any, 17_500));
        self::assertSame([2, 3, 4], $tightened(MayDrop::Any, 13_500));
        self::assertSame([2, 4], $tightened(MayDrop::Optional, 13_500), 'as near as may be');
    }

    public function test_what_is_set_for_a_scene_alone_is_left_alone(): void
    {
        $scenes = [
            new PacedScene(3_000, pauses: [new Pause(0, 1_000, 1_500)]),
            new PacedScene(
                3_000, pauses: [new Pause(0, 1_000, 1_500)], own: new OwnPace(null, 900, 80),
            ),
            new PacedScene(3_000),
        ];
        $tight = new PaceValues(60, 40, 110, 600);

        self::assertSame([3_750, 900], [$scenes[1]->speechMs($tight), $scenes[1]->gapMs($tight)]);
        self::assertSame([2_327, 40], [$scenes[0]->speechMs($tight), $scenes[0]->gapMs($tight)]);
    }

    public function test_a_short_is_stretched_to_a_length_to_the_frame(): void
    {
        $dice = new Randomizer(new Mt19937(5));
        $now = new PaceValues(120, 140, 100, 600);
        foreach (range(1, 20) as $round) {
            $tightener = new Tightener(self::scenes($dice, 14, 22_050), $now, new PaceLimits, self::FPS);
            $target = (int) round($tightener->lengthMs($now) * $dice->getInt(101, 112) / 100);
            $plan = $tightener->stretch($target);

            self::assertTrue($plan->reaches(), "round $round: {$plan->says()}");
            self::assertLessThan(34, $plan->afterMs - $target);
            self::assertGreaterThanOrEqual($target, $plan->afterMs);
            self::assertLessThan(0, self::steps($plan)[PaceStepKind::Pauses->value]->ms);
        }
        $far = $tightener->stretch(300_000);
        self::assertStringContainsString('too short', $far->says());
        self::assertFalse($far->reaches());
    }
}
