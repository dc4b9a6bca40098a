<?php

declare(strict_types=1);

namespace Tests\Core\Making\Publish\Cover;

use PHPUnit\Framework\TestCase;
use RapidReel\Making\Publish\Cover\CoverChooser;
use RapidReel\Making\Publish\Cover\CoverFrame;
use RapidReel\Making\Publish\Cover\ScoredCover;

final class CoverChooserTest extends TestCase
{
    /** @param  callable(int, int): int  $level */
    private static function frame(int $ms, callable $level): CoverFrame
    {
        $grey = [];
        for ($y = 0; $y < CoverFrame::HEIGHT; $y++) {
            for ($x = 0; $x < CoverFrame::WIDTH; $x++) {
                $grey[] = max(0, min(255, $level($x, $y)));
            }
        }

        return new CoverFrame($ms, $grey);
    }

    /** A boat in the middle: a bright shape with an edge, over water. */
    private static function sharp(int $x, int $y): int
    {
        return abs($x - 22) < 9 && abs($y - 32) < 12 ? 150 + 60 * (($x + $y) % 2) : 90;
    }

    /** @param  list<ScoredCover>  $best */
    private static function first(array $best): int
    {
        return $best[0]->ms;
    }

    public function test_a_sharp_bright_picture_with_its_subject_in_the_middle_comes_first(): void
    {
        $frames = [
            self::frame(0, static fn (int $x,
                int $y): int => 90 + (int) (60 * exp(-(($x - 22) ** 2 + ($y - 32) ** 2) / 400))),
            self::frame(2_000, self::sharp(...)),
            self::frame(4_000, static fn (int $x, int $y): int => intdiv(self::sharp($x, $y), 9)),
            self::frame(6_000, static fn (int $x, int $y): int => $y > 65 ? 90 + 90 * (($x + $y) % 2) : 90),
            self::frame(8_000, static fn (): int => 255),
        ];
        $best = CoverChooser::best($frames);
        self::assertSame(2_000, self::first($best));
        self::assertStringContainsString('sharp', $best[0]->says());
        self::assertCount(4, $best);
    }

    public function test_a_caption_that_is_half_there_is_passed_over(): void
    {
        $frames = [self::frame(1_000, self::sharp(...)), self::frame(3_000, self::sharp(...))];
        self::assertSame(3_000, self::first(CoverChooser::best($frames, [[900, 1_400]])));
        self::assertSame(1_000, self::first(CoverChooser::best($frames, [[1_001, 1_400]])));
    }

    public function test_of_two_that_are_as_good_the_one_unlike_the_others_is_taken(): void
    {
        $other = static fn (int $x, int $y): int => abs($x - 22) < 9 && abs($y - 32) < 12
            ? 40 + 60 * (($x + $y) % 2) : 140;
        $frames = [self::frame(1_000, self::sharp(...)), self::frame(3_000, $other)];
        self::assertSame(3_000, self::first(CoverChooser::best($frames, [], [$frames[0]->signature()])));
        self::assertSame(1_000, self::first(CoverChooser::best($frames, [], [$frames[1]->signature()])));
    }

    public function test_moments_that_show_the_same_are_proposed_once(): void
    {
        $frames = array_map(static fn (int $ms): CoverFrame => self::frame($ms, self::sharp(...)), range(0, 2_000,
            400));
        self::assertSame([0, 1_200], array_map(
            static fn (ScoredCover $one): int => $one->ms, CoverChooser::best($frames),
        ));
    }
}
