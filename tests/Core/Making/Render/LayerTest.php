<?php

declare(strict_types=1);

namespace Tests\Core\Making\Render;

use PHPUnit\Framework\TestCase;
use RapidReel\Making\Render\Layer;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Source;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\Backdrop;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\FrameWindow;

final class LayerTest extends TestCase
{
    /** @param  non-empty-array<int, array{float, float}>  $windows  x and size, by ms */
    private static function layer(
        array $windows,
        FootageKind $kind = FootageKind::Clip,
        ?Backdrop $backdrop = null,
    ): Layer {
        return new Layer(new Source('a', $kind, 1920, 1080), 0, new FramePath(array_map(
            static fn (array $one): FrameWindow => new FrameWindow($one[0], 0.5, $one[1]),
            $windows,
        )), $backdrop);
    }

    public function test_a_window_travels_where_it_goes_along_a_clip_and_stays_as_large(): void
    {
        $along = [0 => [0.3, 1.0], 900 => [0.6, 1.0]];
        self::assertTrue(self::layer($along)->travels());
        self::assertFalse(self::layer([0 => [0.3, 1.0], 900 => [0.3, 1.0]])->travels(), 'it stands');
        self::assertFalse(self::layer([0 => [0.3, 1.0], 900 => [0.6, 0.8]])->travels(), 'it closes in');
        self::assertFalse(self::layer($along, FootageKind::Still)->travels(), 'a still moves by parts of a pixel');
        self::assertFalse(self::layer($along, backdrop: Backdrop::Blur)->travels(), 'all of it is shown');
    }

    public function test_only_what_is_handed_out_is_searched_less_finely_for_that(): void
    {
        $along = self::layer([0 => [0.3, 1.0], 900 => [0.6, 1.0]]);
        self::assertSame(
            ['-subq', '1'],
            array_values(array_diff(Quality::Final->encoder($along), Quality::Final->encoder())),
        );
        foreach ([Quality::Draft, Quality::Proof] as $quality) {
            self::assertSame($quality->encoder(), $quality->encoder($along));
        }
    }

    public function test_a_later_part_begins_where_the_clip_has_got_to_at_its_speed(): void
    {
        $path = self::layer([0 => [0.3, 1.0], 1_000 => [0.5, 1.0]])->path;
        $fast = new Layer(new Source('a', FootageKind::Clip, 1920, 1080), 400, $path, speed: 2.0);
        $later = $fast->from(500);
        self::assertSame(1_400, $later->inMs);
        self::assertEqualsWithDelta(0.4, $later->path->at(0)->x, 0.02);
        self::assertSame(0, $fast->before(900)->inMs, 'there is nothing before its beginning');
        $round = new Layer(new Source('a', FootageKind::Clip, 1920, 1080), 400, $path, loopMs: 700);
        self::assertSame(200, $round->from(500)->inMs, 'it has begun again');
    }

    public function test_it_is_the_same_when_it_comes_back_from_data(): void
    {
        $layer = self::layer([0 => [0.3, 1.0], 900 => [0.6, 0.9]], FootageKind::Still, Backdrop::Gradient);
        self::assertEquals($layer, Layer::fromArray($layer->toArray()));
    }
}
