<?php

declare(strict_types=1);

namespace Tests\Core\Pictures\Footage;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Pictures\Footage\SourceColours;
use RapidReel\Pictures\Footage\SourceForm;
use RapidReel\Pictures\Footage\SourceShape;

final class SourceFormTest extends TestCase
{
    /** @return array<string, array{SourceForm, array{int, int}}> */
    public static function sizes(): array
    {
        return [
            'plain' => [new SourceForm(640, 360), [640, 360]],
            'turned by its reader' => [new SourceForm(640, 360, shape: new SourceShape(isOnItsSide: true)), [360, 640]],
            // PAL on a wide screen and NTSC on a narrow one (ITU-R BT.601, common practice for the aspects).
            'wide pixels' => [new SourceForm(720, 576, shape: new SourceShape(pixelAspect: 64 / 45)), [1024, 576]],
            'narrow pixels' => [new SourceForm(720, 480, shape: new SourceShape(pixelAspect: 8 / 9)), [720, 540]],
            'wide pixels, turned' => [new SourceForm(720, 576, shape: new SourceShape(64 / 45, true)), [576, 1024]],
            'held upside down' => [new SourceForm(640, 360, shape: new SourceShape(orientation: 3)), [640, 360]],
            'held on its side' => [new SourceForm(640, 360, shape: new SourceShape(orientation: 6)), [360, 640]],
            'mirrored on its side' => [new SourceForm(640, 360, shape: new SourceShape(orientation: 7)), [360, 640]],
        ];
    }

    /** @param  array{int, int}  $shown */
    #[DataProvider('sizes')]
    public function test_a_source_is_as_large_as_it_is_seen(SourceForm $look, array $shown): void
    {
        self::assertSame($shown, $look->shown());
    }

    public function test_what_is_seen_right_anyway_is_left_as_it_is(): void
    {
        self::assertTrue((new SourceForm(1280, 720, said: new SourceColours(matrix: 'bt709')))->isPlain());
        self::assertTrue((new SourceForm(640, 360))->isPlain());
        $late = new SourceForm(640, 360, 'yuv422p10le', said: new SourceColours('smpte170m'), lateMs: 20);
        self::assertTrue($late->isPlain());
        self::assertFalse((new SourceForm(1280, 720))->isPlain(), 'HD that says nothing is taken for SD by readers.');
        self::assertFalse((new SourceForm(640, 360, lateMs: 500))->isPlain());
        self::assertFalse((new SourceForm(640, 360, isFirst: false))->isPlain());
        self::assertFalse((new SourceForm(640, 360, pixels: 'yuva420p'))->isPlain());
        self::assertFalse((new SourceForm(640, 360, isInterlaced: true))->isPlain());
        self::assertFalse((new SourceForm(1280, 720, said: new SourceColours(transfer: 'smpte2084')))->isPlain());
        // What HDR leaves unsaid is that of ITU-R BT.2100, and its operator is told.
        $bare = new SourceForm(1280, 720, said: new SourceColours(transfer: 'arib-std-b67'));
        self::assertStringStartsWith(
            'setparams=color_primaries=bt2020:colorspace=bt2020nc:color_trc=arib-std-b67,zscale=',
            $bare->filters()[0],
        );
        self::assertStringContainsString('BT.2020', $bare->assumed());
        self::assertSame('', (new SourceForm(1280, 720, said: new SourceColours('bt2020nc', 'smpte2084', 'bt2020')))
            ->assumed());
        self::assertSame('', (new SourceForm(1280, 720))->assumed());
    }

    public function test_fields_are_joined_before_anything_is_turned_or_squeezed(): void
    {
        $shape = new SourceShape(1.4, orientation: 8);
        $filters = (new SourceForm(720, 576, shape: $shape, isInterlaced: true))->filters();

        self::assertStringStartsWith('bwdif', $filters[0]);
        self::assertSame('transpose=cclock', $filters[1]);
        self::assertStringStartsWith('scale=', $filters[2]);
    }
}
