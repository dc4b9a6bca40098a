<?php

declare(strict_types=1);

namespace Tests\Core\Pictures\Footage;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Language\Terms;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Footage\Matching\Assignment;
use RapidReel\Pictures\Footage\Matching\FootageMatcher;
use RapidReel\Pictures\Footage\Matching\ShotMatch;
use RapidReel\Pictures\Footage\ShotNeed;
use Tests\Support\Cuts;

final class FootageMatcherTest extends TestCase
{
    /** @return list<string> */
    private static function ids(ShotNeed ...$needs): array
    {
        $library = [
            Cuts::footage('bell', FootageKind::Still, 'bell ring bronze'),
            Cuts::footage('boat', FootageKind::Clip, 'boat sailing sea'),
            Cuts::footage('fog', FootageKind::Clip, 'fog mist sea'),
            Cuts::footage('tower', FootageKind::Still, 'lighthouse tower sea'),
        ];

        return array_map(
            static fn (ShotMatch $match): string => $match->footage->id,
            (new FootageMatcher())->match(array_values($needs), $library),
        );
    }

    public function test_a_picture_fits_the_words_said_over_it(): void
    {
        self::assertSame(['boat', 'bell'], self::ids(
            new ShotNeed('nine boats were', 'Nine boats were out when the bell rang.', 2_000),
            new ShotNeed('out when the bell rang.', 'Nine boats were out when the bell rang.', 2_000),
        ));
    }

    public function test_none_stands_twice_while_others_are_left(): void
    {
        $need = new ShotNeed('the fog', 'Only fog, fog and fog.', 2_000);
        $ids = self::ids($need, $need, $need, $need);

        self::assertSame('fog', $ids[0]);
        self::assertCount(4, array_unique($ids));
    }

    public function test_when_all_are_used_none_follows_itself(): void
    {
        $need = new ShotNeed('the fog', 'Only fog.', 2_000);
        $ids = self::ids(...array_fill(0, 9, $need));

        for ($i = 1; $i < 9; $i++) {
            self::assertNotSame($ids[$i - 1], $ids[$i]);
        }
        self::assertLessThanOrEqual(3, max(array_count_values($ids)));
    }

    public function test_what_the_operator_chose_stays_and_is_not_used_elsewhere(): void
    {
        $chosen = Cuts::footage('fog', FootageKind::Clip, 'fog mist sea');
        $ids = self::ids(new ShotNeed('fog', 'Fog again.', 2_000), new ShotNeed('bell', 'A bell.', 2_000, $chosen));

        self::assertSame('fog', $ids[1]);
        self::assertNotSame('fog', $ids[0]);
    }

    public function test_a_clip_that_would_end_too_soon_gives_way_to_one_that_fits_as_well(): void
    {
        $library = [
            Cuts::footage('short', FootageKind::Clip, 'boat', 900),
            Cuts::footage('long', FootageKind::Clip, 'boat', 6_000),
        ];

        self::assertSame(
            'long',
            (new FootageMatcher())->match([new ShotNeed('the boat', 'The boat.', 2_500)], $library)[0]->footage->id,
        );
    }

    public function test_words_and_tags_meet_in_a_common_form(): void
    {
        self::assertSame(['boat', 'story', 'sail'], Terms::of('The boats, and their stories, sailing'));
        self::assertSame(Terms::of('glass'), Terms::of('Glass'));
        self::assertSame([], Terms::of('it was there, and so on'));
    }

    public function test_pictures_are_given_out_over_the_whole_short_and_not_one_after_the_other(): void
    {
        // The first shot would take the only boat, and leave the second with nothing of it.
        $library = [
            Cuts::footage('boat', FootageKind::Still, 'boat harbour evening'),
            Cuts::footage('harbour', FootageKind::Still, 'harbour quay'),
            Cuts::footage('cat', FootageKind::Still, 'cat'),
            Cuts::footage('map', FootageKind::Still, 'map'),
            Cuts::footage('bell', FootageKind::Still, 'bell'),
            Cuts::footage('letter', FootageKind::Still, 'letter'),
        ];
        $matches = (new FootageMatcher)->match([
            new ShotNeed('in the harbour', 'In the harbour.', 2_000),
            new ShotNeed('one boat alone', 'One boat alone.', 2_000),
        ], $library);

        self::assertSame(['harbour', 'boat'], array_map(
            static fn (ShotMatch $match): string => $match->footage->id,
            $matches,
        ));
        self::assertSame('“harbour”', $matches[0]->why);
    }

    public function test_near_words_and_the_subject_of_the_short_find_what_the_words_do_not_name(): void
    {
        $library = [
            Cuts::footage('ship', FootageKind::Still, 'steamer smoke'),
            Cuts::footage('hands', FootageKind::Still, 'hand finger knot'),
            Cuts::footage('cat', FootageKind::Still, 'cat'),
            Cuts::footage('moon', FootageKind::Still, 'moon'),
            Cuts::footage('tree', FootageKind::Still, 'tree'),
        ];
        $matcher = new FootageMatcher('en', 'hands');
        $matches = $matcher->match([
            new ShotNeed('the old boat came', 'The old boat came.', 2_000),
            new ShotNeed('a matter of technique', 'A matter of technique.', 2_000),
            new ShotNeed('seven thousand times', 'Seven thousand times.', 2_000),
        ], $library);

        self::assertSame('ship', $matches[0]->footage->id);
        self::assertSame('near “boat”', $matches[0]->why);
        self::assertSame('hands', $matches[1]->footage->id);
        self::assertSame('“hands”', $matches[1]->why);
        self::assertSame(
            ['ship'],
            array_map(
                static fn (ShotMatch $match): string => $match->footage->id,
                $matcher->best(new ShotNeed('a ship', 'A ship.', 2_000), $library, 5),
            ),
        );
    }

    public function test_a_shot_that_nothing_fits_is_told_from_one_that_something_does(): void
    {
        $library = array_map(
            static fn (string $id): Footage => Cuts::footage($id, FootageKind::Still, $id),
            ['bell', 'boat', 'fog', 'tower', 'whale', 'map'],
        );
        $matches = (new FootageMatcher)->match([
            new ShotNeed('the whale sang', 'The whale sang.', 2_000),
            new ShotNeed('quarterly taxes', 'Quarterly taxes.', 2_000),
        ], $library);

        self::assertSame([true, false], [$matches[0]->isGood(), $matches[1]->isGood()]);
        self::assertSame('', $matches[1]->why);
    }

    public function test_what_other_shorts_of_the_batch_show_gives_way_to_what_fits_as_well(): void
    {
        $library = [
            Cuts::footage('one', FootageKind::Still, 'boat'),
            Cuts::footage('two', FootageKind::Still, 'boat'),
            Cuts::footage('cat', FootageKind::Still, 'cat'),
            Cuts::footage('bell', FootageKind::Still, 'bell'),
            Cuts::footage('map', FootageKind::Still, 'map'),
        ];
        $need = [new ShotNeed('the boat', 'The boat.', 2_000)];
        foreach (['one' => 'two', 'two' => 'one'] as $used => $expected) {
            $match = (new FootageMatcher('en', '', [$used => 2]))->match($need, $library)[0];
            self::assertSame($expected, $match->footage->id);
        }
    }

    public function test_an_assignment_costs_as_little_as_the_best_of_all_there_are(): void
    {
        mt_srand(9);
        for ($round = 0; $round < 200; $round++) {
            $rows = mt_rand(1, 5);
            $columns = mt_rand($rows, 6);
            $costs = [];
            for ($row = 0; $row < $rows; $row++) {
                for ($column = 0; $column < $columns; $column++) {
                    // A few cannot be had; each row keeps its own.
                    if ($column === $row || mt_rand(0, 4) > 0) {
                        $costs[$row][$column] = mt_rand(-500, 500) / 100;
                    }
                }
            }
            $solved = Assignment::solve($costs);
            self::assertCount($rows, array_unique($solved));
            $sum = 0.0;
            foreach ($solved as $row => $column) {
                $sum += $costs[$row][$column];
            }
            self::assertEqualsWithDelta(self::least($costs, 0, []), $sum, 1e-9);
        }
    }

    /**
     * @param  list<array<int, float>>  $costs
     * @param  list<int>  $taken
     */
    private static function least(array $costs, int $row, array $taken): float
    {
        if (! isset($costs[$row])) {
            return 0.0;
        }
        $least = INF;
        foreach ($costs[$row] as $column => $cost) {
            if (! in_array($column, $taken, true)) {
                $least = min($least, $cost + self::least($costs, $row + 1, [...$taken, $column]));
            }
        }

        return $least;
    }
}
