<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Brief;

use PHPUnit\Framework\TestCase;
use RapidReel\Plan\Brief\NumberedFiles;

final class NumberedFilesTest extends TestCase
{
    public function test_files_go_to_the_shots_of_their_numbers_and_what_is_missing_or_left_over_is_told(): void
    {
        $files = NumberedFiles::of(['10.png', '2.jpg', '03.png', 'cover.png', '01.png', '12.png'], 10);

        self::assertSame([1 => ['01.png'], 2 => ['2.jpg'], 3 => ['03.png'], 10 => ['10.png']], $files->candidates);
        self::assertSame([4, 5, 6, 7, 8, 9], $files->missing);
        self::assertSame(['cover.png', '12.png'], $files->left);
    }

    public function test_several_for_one_shot_are_its_candidates_in_order_however_they_are_told_apart(): void
    {
        foreach ([
            ['03b.png', '03a.png'], ['03-2.png', '03-1.png'], ['3 (2).jpg', '3 (1).jpg'],
            ['shot_03_b.png', 'shot_03_a.png'],
            ['03.b.webp', '03.a.webp'],
        ] as $names) {
            $files = NumberedFiles::of($names, 4);
            self::assertSame([3 => array_reverse($names)], $files->candidates, $names[0]);
        }
    }

    public function test_four_for_each_brief_counted_through_are_told_apart_by_fours(): void
    {
        $names = array_map(static fn (int $i): string => sprintf('%02d.png', $i), range(1, 12));
        $files = NumberedFiles::of($names, 3);

        self::assertSame(array_slice($names, 4, 4), $files->candidates[2]);
        self::assertSame([], $files->missing);
        // One for each of twelve shots is not four for each of three.
        self::assertSame(['05.png'], NumberedFiles::of($names, 12)->candidates[5]);
    }

    public function test_numbers_are_read_in_any_script(): void
    {
        $found = NumberedFiles::of(['٠٢.png', '०१ लाल.png', '３.jpg'], 3);
        self::assertSame([1 => ['०१ लाल.png'], 2 => ['٠٢.png'], 3 => ['３.jpg']], $found->candidates);
    }

    public function test_names_without_a_number_and_shorts_without_shots_are_no_trouble(): void
    {
        self::assertSame(['a.png', 'b'], NumberedFiles::of(['a.png', 'b'], 3)->left);
        self::assertSame(['01.png'], NumberedFiles::of(['01.png'], 0)->left);
        $long = 'photos/01 harbour 2020.png';
        self::assertSame([1 => [$long]], NumberedFiles::of([$long], 2)->candidates);
    }
}
