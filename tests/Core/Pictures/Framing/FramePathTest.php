<?php

declare(strict_types=1);

namespace Tests\Core\Pictures\Framing;

use InvalidArgumentException;
use PHPUnit\Framework\TestCase;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\FrameWindow;

final class FramePathTest extends TestCase
{
    public function test_the_centred_window_is_the_largest_upright_one(): void
    {
        $wide = FramePath::centred(1920, 1080, 9 / 16)->at(0);
        self::assertSame([0.5, 0.5, 1.0], [$wide->x, $wide->y, $wide->scale]);

        // A source narrower than the window is cut in height: 1000 × 3000 holds 1000 × 1777.8.
        self::assertEqualsWithDelta(1000 / (9 / 16) / 3000, FramePath::centred(1000, 3000, 9 / 16)->at(0)->scale, 1e-9);
    }

    public function test_between_its_points_the_window_moves_in_a_straight_line_and_outside_it_holds(): void
    {
        $path = new FramePath([500 => new FrameWindow(0.2, 0.5, 1), 1500 => new FrameWindow(0.8, 0.4, 0.5)]);

        self::assertSame(0.2, $path->at(0)->x);
        self::assertEqualsWithDelta(0.5, $path->at(1000)->x, 1e-9);
        self::assertEqualsWithDelta(0.75, $path->at(1000)->scale, 1e-9);
        self::assertSame(0.8, $path->at(9000)->x);
        self::assertFalse($path->isStill());
        self::assertEquals($path, FramePath::fromArray($path->toArray()));
    }

    public function test_a_window_outside_the_source_cannot_be(): void
    {
        $this->expectException(InvalidArgumentException::class);
        new FrameWindow(1.2, 0.5, 1);
    }

    public function test_points_out_of_order_cannot_be(): void
    {
        $this->expectException(InvalidArgumentException::class);
        new FramePath([100 => new FrameWindow(0.5, 0.5, 1), 50 => new FrameWindow(0.5, 0.5, 1)]);
    }
}
