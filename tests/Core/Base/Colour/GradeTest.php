<?php

declare(strict_types=1);

namespace Tests\Core\Base\Colour;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Colour\CubeTable;
use RapidReel\Base\Colour\Grade;
use RapidReel\Base\Colour\Looks;
use RapidReel\Base\Refusal;

final class GradeTest extends TestCase
{
    public function test_what_is_not_graded_stays_as_it_is(): void
    {
        $plain = new Grade;
        foreach ([16, 90, 128, 200, 235] as $level) {
            self::assertEqualsWithDelta($level, $plain->luma($level), 0.001);
            self::assertEqualsWithDelta($level, $plain->blue($level), 0.001);
            self::assertEqualsWithDelta($level, $plain->red($level), 0.001);
        }
        self::assertTrue($plain->isPlain());
        self::assertTrue(Looks::of('lamplight')->weakened(0)->isPlain());
    }

    public function test_each_part_does_what_it_says(): void
    {
        // A stop up is twice the light: 1.41 times the level, as video has nearly the square root of light.
        self::assertEqualsWithDelta(16 + 80 * sqrt(2), (new Grade(exposure: 100))->luma(96), 0.01);
        self::assertLessThan(60, (new Grade(contrast: 60))->luma(60));
        self::assertGreaterThan(190, (new Grade(contrast: 60))->luma(190));
        self::assertEqualsWithDelta(125.5, (new Grade(contrast: 60))->luma(125.5), 0.01, 'the middle stays');
        self::assertSame(128.0, (new Grade(saturation: 0))->blue(200));
        self::assertGreaterThan(128, (new Grade(warmth: 50))->red(128));
        self::assertLessThan(128, (new Grade(warmth: 50))->blue(128));
        self::assertGreaterThan(40, (new Grade(fade: 100))->luma(16));
        self::assertLessThan(210, (new Grade(fade: 100))->luma(235));
    }

    public function test_every_look_keeps_order_and_range_and_is_read_again(): void
    {
        foreach (array_keys(Looks::labels()) as $id) {
            $look = Looks::of($id);
            self::assertFalse($look->isPlain(), $id);
            $before = 0.0;
            for ($level = 16; $level <= 235; $level++) {
                $now = $look->luma($level);
                self::assertGreaterThanOrEqual($before, $now, "$id at $level");
                self::assertGreaterThanOrEqual(16, $now);
                self::assertLessThanOrEqual(235, $now);
                $before = $now;
            }
            self::assertEquals($look, Grade::fromArray($look->toArray()));
        }
        self::assertEquals(new Grade(10, contrast: 7, saturation: 50), (new Grade(10, saturation: 100))->and(
            new Grade(contrast: 7, saturation: 50),
        ));
    }

    private static function cube(string ...$lines): string
    {
        return implode("\n", $lines);
    }

    /** Points and their order as in the "Cube LUT Specification", version 1.0, 2013: red changes fastest. */
    public function test_a_colour_table_is_read_and_applied(): void
    {
        $lines = [];
        foreach ([0, 1] as $blue) {
            foreach ([0, 1] as $green) {
                foreach ([0, 1] as $red) {
                    $lines[] = implode(' ', [$blue, $red, $green * 0.5]);
                }
            }
        }
        $table = CubeTable::read(self::cube('# by hand', 'TITLE "Turned"', 'LUT_3D_SIZE 2', '', ...$lines));

        self::assertSame('Turned', $table->title);
        foreach ([[0.2, 0.4, 0.9], [1, 1, 1], [0, 0, 0], [0.7, 0.7, 0.1]] as [$red, $green, $blue]) {
            $out = $table->at($red, $green, $blue);
            self::assertEqualsWithDelta([$blue, $red, $green / 2], $out, 1e-6);
        }
        self::assertEquals($table->points, CubeTable::read($table->write())->points);
    }

    /** @return array<string, array{string, string}> */
    public static function wrong(): array
    {
        return [
            'three lines' => [self::cube('LUT_3D_SIZE 17', '0 0 0', '0.1 0 0', '0.2 0 0'), '4,913'],
            'no size' => [self::cube('0 0 0', '1 1 1'), 'LUT_3D_SIZE'],
            'one dimension' => [self::cube('LUT_1D_SIZE 2', '0 0 0', '1 1 1'), 'one dimension'],
            'too large' => ['LUT_3D_SIZE 200', 'from 2 to 65'],
            'words' => [self::cube('LUT_3D_SIZE 2', '0 0 red'), 'Line 2'],
            'other range' => [self::cube('LUT_3D_SIZE 2', 'DOMAIN_MAX 4 4 4'), 'outside 0 to 1'],
            'a picture' => ["\x89PNG\r\n\x1a\n\0\0\0\rIHDR", 'no'],
            'nothing' => ['', 'LUT_3D_SIZE'],
        ];
    }

    #[DataProvider('wrong')]
    public function test_what_is_no_colour_table_is_refused_with_what_is_wrong(string $text, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);
        CubeTable::read($text);
    }
}
