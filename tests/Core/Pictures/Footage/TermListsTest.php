<?php

declare(strict_types=1);

namespace Tests\Core\Pictures\Footage;

use PHPUnit\Framework\TestCase;
use RapidReel\Pictures\Footage\Matching\Bm25;
use RapidReel\Pictures\Footage\Matching\ShotWish;
use RapidReel\Pictures\Footage\Matching\TermLists;
use RapidReel\Pictures\Footage\ShotNeed;

/** Lists of a large library, held against ranks of all of it. */
final class TermListsTest extends TestCase
{
    /** @return array{TermLists, Bm25} of the same documents */
    private static function both(int $count): array
    {
        mt_srand(23);
        $documents = [];
        $lists = array_fill_keys(['lamp', 'boat', 'quay', 'fog', 'bell', 'lighthouse'], '');
        $length = 0;
        for ($id = 1; $id <= $count; $id++) {
            $documents[$id] = [];
            foreach (['lamp', 'boat', 'quay', 'fog', 'bell', 'lighthouse'] as $i => $term) {
                if (mt_rand(0, 2 + 3 * $i) === 0) {
                    $documents[$id][$term] = [0.5, 0.7, 1.0, 1.7][mt_rand(0, 3)];
                }
            }
            $long = (int) round(10 * array_sum($documents[$id]));
            $length += $long;
            foreach ($documents[$id] as $term => $times) {
                $lists[$term] .= pack('V2', $id, (int) round(10 * $times) | $long << 16);
            }
        }

        return [new TermLists($count, $length, $lists), new Bm25($documents)];
    }

    public function test_the_best_are_those_of_all(): void
    {
        [$lists, $all] = self::both(500);
        $wish = ShotWish::of(new ShotNeed('the boat in the fog', 'the boat in the fog at the quay', 2_500), '', 'en');
        $scores = $all->scores($wish->terms);
        arsort($scores);
        $best = $lists->best($wish, 10);

        self::assertCount(10, $best);
        self::assertEqualsWithDelta(array_slice(array_values($scores), 0, 10), array_values($best), 1e-9);
        foreach ($best as $id => $score) {
            self::assertEqualsWithDelta($scores[$id], $score, 1e-9);
        }
    }

    public function test_among_thousands_the_best_of_rare_words_are_found_though_common_ones_are_looked_at_late(): void
    {
        [$lists, $all] = self::both(20_000);
        $wish = ShotWish::of(new ShotNeed('the bell', 'the lamp and the bell at the quay', 2_500), '', 'en');
        $scores = $all->scores($wish->terms);
        arsort($scores);

        self::assertEqualsWithDelta(
            array_slice(array_values($scores), 0, 20), array_values($lists->best($wish, 20)), 1e-9,
        );
    }

    public function test_nothing_is_found_for_words_that_nobody_has(): void
    {
        [$lists] = self::both(50);
        self::assertSame([], $lists->best(ShotWish::of(new ShotNeed('zebra', 'zebra', 2_500), '', 'en'), 5));
        self::assertSame([], (new TermLists(0, 0, []))->best(
            ShotWish::of(new ShotNeed('the bell', 'the bell', 2_500), '', 'en'), 5,
        ));
    }
}
