<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Cut;

use PHPUnit\Framework\TestCase;
use RapidReel\Making\Render\Layer;
use RapidReel\Making\Render\Source;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\FrameWindow;
use RapidReel\Plan\Choice\ClipFit;

final class ClipFitTest extends TestCase
{
    public function test_a_clip_is_slowed_and_sped_within_limits_and_only_where_that_is_asked_for(): void
    {
        self::assertSame(1.0, ClipFit::Hold->speed(1_000, 3_000));
        self::assertSame(0.8, ClipFit::Slow->speed(2_000, 2_500));
        self::assertSame(0.3333, ClipFit::Slow->speed(1_000, 3_000), 'its last picture does not stand still');
        self::assertSame(1.0, ClipFit::Slow->speed(6_000, 3_000), 'one that lasts is left alone');
        self::assertSame(1.5, ClipFit::Whole->speed(4_500, 3_000));
        self::assertSame(20.0, ClipFit::Whole->speed(60_000, 3_000), 'all of it is all of it');
        self::assertSame(0.4, ClipFit::Whole->speed(2_000, 5_000));
        self::assertSame([1_000, 0], [ClipFit::Loop->loopMs(1_000, 3_000), ClipFit::Loop->loopMs(4_000, 3_000)]);
    }

    public function test_its_window_goes_with_it(): void
    {
        $path = new FramePath([0 => new FrameWindow(0.3, 0.5, 0.5), 1_000 => new FrameWindow(0.7, 0.5, 0.5)]);

        self::assertEqualsWithDelta(0.5, $path->stretched(2.0)->at(1_000)->x, 1e-9);
        $round = $path->repeated(1_000, 2_500);
        foreach ([[500, 0.5], [999, 0.7], [1_000, 0.3], [1_500, 0.5], [2_250, 0.4]] as [$ms, $x]) {
            self::assertEqualsWithDelta($x, $round->at($ms)->x, 0.002, "at $ms ms");
        }
        $layer = new Layer(new Source('k', FootageKind::Clip, 640, 360), 100, $path, null, 0.5);
        self::assertSame([600, 0], [$layer->from(1_000)->inMs, $layer->before(1_000)->inMs]);
        $looped = new Layer(new Source('k', FootageKind::Clip, 640, 360), 0, $round, null, 1.0, 1_000);
        self::assertSame(200, $looped->from(2_200)->inMs);
        self::assertEquals($looped, Layer::fromArray($looped->toArray()));
    }
}
