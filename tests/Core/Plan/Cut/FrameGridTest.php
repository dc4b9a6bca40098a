<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Cut;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\FrameGrid;
use RapidReel\Base\FrameShape;
use RapidReel\Base\Target\Target;
use RapidReel\Base\Target\Targets;
use Tests\Support\Cuts;

final class FrameGridTest extends TestCase
{
    public function test_a_frame_is_the_nearest_and_its_moment_leads_back_to_it(): void
    {
        $grid = new FrameGrid(30);
        self::assertSame([0, 0, 1, 1, 30, 1_800], array_map($grid->frameOf(...), [0, 16, 17, 33, 1_000, 60_000]));
        for ($frame = 0; $frame < 6_000; $frame++) {
            self::assertSame($frame, $grid->frameOf($grid->msOf($frame)));
        }
    }

    public function test_rounding_never_adds_up_over_a_long_short(): void
    {
        // A hundred scenes whose length falls between two frames: the sum of the parts is the whole.
        $cut = Cuts::of(array_fill(0, 100, 'One two three.'), null, 'upto-180', 337);
        $frames = 0;
        foreach ($cut->scenes as $scene) {
            $frames += $cut->grid()->frameOf($scene->endMs) - $cut->grid()->frameOf($scene->startMs);
            self::assertEqualsWithDelta($frames * 1000 / 30, $scene->endMs, 0.5);
        }
        self::assertSame($cut->frames(), $frames);
        self::assertEqualsWithDelta(100 * (3 * 337 + 140) + 460, $cut->durationMs, 100 * 17);
    }

    public function test_the_limits_of_the_targets_are_those_of_the_trade(): void
    {
        // Common practice, no published source: caps of 60 s, 90 s and 3 min, and outlets that pay above 60 s only.
        self::assertSame(
            [60_000, 90_000, 180_000],
            array_map(static fn (string $id): ?int => (new Targets)->get($id)->length->longestMs, [
                'upto-60', 'upto-90', 'upto-180',
            ]),
        );
        self::assertGreaterThan(60_000, (new Targets)->get('over-60')->length->shortestMs);
        self::assertNull((new Targets)->get('no-cap')->length->longestMs);
        self::assertEqualsWithDelta(9 / 16, FrameShape::Upright->aspect(), 1e-9);
        foreach (Targets::shipped() as $target) {
            self::assertLessThan($target->length->longestMs ?? PHP_INT_MAX, $target->length->shortestMs);
            self::assertNotSame('', $target->label);
            self::assertEquals($target, Target::fromArray($target->toArray()));
        }
    }

    public function test_what_stands_in_the_middle_keeps_clear_of_the_wider_side(): void
    {
        $area = FrameShape::Upright->safeArea();
        $half = $area->centredWidth() / 2;

        self::assertGreaterThanOrEqual($area->left, 0.5 - $half);
        self::assertLessThanOrEqual(1 - $area->right, round(0.5 + $half, 9));
    }
}
