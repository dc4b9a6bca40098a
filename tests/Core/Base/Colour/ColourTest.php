<?php

declare(strict_types=1);

namespace Tests\Core\Base\Colour;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Colour\ColourMatch;
use RapidReel\Base\Colour\ColourName;
use RapidReel\Base\Colour\Lab;
use RapidReel\Base\Colour\OddOnes;
use RapidReel\Base\Colour\Palette;
use RapidReel\Base\Colour\PictureColours;

final class ColourTest extends TestCase
{
    /**
     * A picture of noise around a colour.
     *
     * @return list<array{int, int, int}>
     */
    private static function pixels(int $light, int $blue, int $red, int $spread, int $seed): array
    {
        mt_srand($seed);
        $around = static fn (int $value, int $by): int => max(16, min(235, $value + mt_rand(-$by, $by)));

        return array_map(
            static fn (): array => [$around($light, $spread), $around($blue, 10), $around($red, 10)],
            range(1, 400),
        );
    }

    public function test_the_colours_that_a_picture_is_made_of_are_found_with_their_shares(): void
    {
        $pixels = [];
        $made = [[new Lab(20, 5, -30), 60], [new Lab(80, 10, 60), 30], [new Lab(50, -40, 20), 10]];
        foreach ($made as [$colour, $count]) {
            for ($i = 0; $i < $count; $i++) {
                $pixels[] = new Lab($colour->l + $i % 3, $colour->a, $colour->b);
            }
        }
        // Near colours may be told apart; together they have their share.
        $shares = ['dark' => 0.0, 'yellow' => 0.0, 'green' => 0.0];
        foreach (Palette::of($pixels) as [$colour, $share]) {
            $shares[$colour->l < 35 ? 'dark' : ($colour->l > 65 ? 'yellow' : 'green')] += $share;
        }

        self::assertEqualsWithDelta(['dark' => 0.6, 'yellow' => 0.3, 'green' => 0.1], $shares, 1e-9);
    }

    public function test_the_odd_one_is_found_and_none_among_pictures_that_are_alike(): void
    {
        $alike = array_map(
            static fn (int $i): PictureColours => PictureColours::of(self::pixels(60, 140, 118, 30, $i)),
            range(1, 6),
        );
        self::assertSame([], OddOnes::among($alike));

        $alike[3] = PictureColours::of(self::pixels(190, 90, 170, 20, 9));
        self::assertSame([3], OddOnes::among($alike));
        self::assertSame([], OddOnes::among(array_slice($alike, 2, 2)));
    }

    public function test_a_grade_brings_the_odd_one_to_where_the_others_are(): void
    {
        $others = array_map(
            static fn (int $i): PictureColours => PictureColours::of(self::pixels(70, 138, 120, 30, $i)),
            range(1, 5),
        );
        $pixels = self::pixels(110, 118, 140, 22, 9);
        $own = PictureColours::of($pixels);
        $grade = ColourMatch::to($own, $others);
        $graded = PictureColours::of(array_map(static fn (array $pixel): array => [
            (int) round(16 + ($pixel[0] - 16) * $grade->gain + $grade->lift),
            (int) round(128 + ($pixel[1] - 128) * $grade->saturation + $grade->blue),
            (int) round(128 + ($pixel[2] - 128) * $grade->saturation + $grade->red),
        ], $pixels));

        self::assertLessThan($own->difference($others[0]) / 3, $graded->difference($others[0]));
        self::assertEquals($grade, ColourMatch::fromArray($grade->toArray()));
        self::assertEquals($own, PictureColours::fromArray($own->toArray()));
    }

    public function test_a_colour_is_called_what_people_call_it(): void
    {
        // Common practice, no published source.
        foreach ([
            '000000' => 'black', 'FFFFFF' => 'white', 'FEFDFE' => 'white', 'FF0000' => 'red', '0000FF' => 'blue',
            'FFC247' => 'amber', '10204A' => 'navy', '7F7F7F' => 'grey', '0B7A3B' => 'forest green',
            'FF8C00' => 'orange',
        ] as $hex => $name) {
            self::assertSame($name, ColourName::of((string) $hex), (string) $hex);
        }
    }
}
