<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Pace;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Plan\Pace\ShotPlanner;
use RapidReel\Voice\Speech\WordTiming;
use Tests\Support\Cuts;

/** A new picture every 2 to 3 s: common practice, no published source. */
final class ShotPlannerTest extends TestCase
{
    public function test_a_scene_of_three_seconds_is_one_shot(): void
    {
        $take = Cuts::take('one two three four five six seven eight nine');

        self::assertSame([], (new ShotPlanner)->changes($take->words, 3_000));
    }

    /** @return array<string, array{int, int}> */
    public static function lengths(): array
    {
        return ['4 s' => [13, 2], '6 s' => [19, 3], '9 s' => [28, 4], '25 s' => [78, 12]];
    }

    #[DataProvider('lengths')]
    public function test_a_longer_scene_is_cut_at_words_into_shots_of_at_most_three_seconds(int $words, int $most): void
    {
        $take = Cuts::take(implode(' ', array_fill(0, $words, 'lamp')));
        $cuts = (new ShotPlanner)->changes($take->words, $take->durationMs + 140);

        $starts = array_map(static fn (WordTiming $word): int => $word->startMs, $take->words);
        $edges = [0, ...array_values($cuts), $take->durationMs + 140];
        self::assertLessThanOrEqual($most, count($cuts) + 1);
        foreach ($cuts as $word => $ms) {
            self::assertSame($starts[$word], $ms);
        }
        for ($i = 1; $i < count($edges); $i++) {
            self::assertLessThanOrEqual(3_000, $edges[$i] - $edges[$i - 1]);
            self::assertGreaterThanOrEqual(1_200, $edges[$i] - $edges[$i - 1]);
        }
    }

    public function test_a_pause_near_the_middle_is_where_the_picture_changes(): void
    {
        $words = [
            new WordTiming('a', 0, 700),
            new WordTiming('b', 700, 1_400),
            new WordTiming('c', 1_400, 1_900),
            new WordTiming('d', 2_150, 2_800),
            new WordTiming('e', 2_800, 3_900),
        ];

        self::assertSame([3], array_keys((new ShotPlanner)->changes($words, 4_000)));
    }

    public function test_a_shot_that_is_held_over_words_is_not_cut_before_they_are_said(): void
    {
        $take = Cuts::take(implode(' ', array_fill(0, 28, 'lamp')));
        $changes = (new ShotPlanner)->changes($take->words, $take->durationMs, [4], [0 => 4, 4 => 18]);

        self::assertSame(4, array_key_first($changes));
        self::assertGreaterThanOrEqual(22, array_keys($changes)[1]);
        self::assertCount(2, (new ShotPlanner)->changes($take->words, 4_000, [4], [4 => 99]) + [-1 => 0]);
    }

    public function test_one_word_that_never_ends_stays_one_shot(): void
    {
        self::assertSame([], (new ShotPlanner)->changes([new WordTiming('aaah', 0, 9_000)], 9_000));
    }

    public function test_a_shot_that_was_touched_begins_at_its_word_and_the_rest_is_paced_around_it(): void
    {
        $take = Cuts::take(implode(' ', array_fill(0, 28, 'lamp')));
        $changes = (new ShotPlanner)->changes($take->words, $take->durationMs, [2, 25]);

        self::assertSame(2, array_key_first($changes));
        self::assertArrayHasKey(25, $changes);
        self::assertSame($take->words[25]->startMs, $changes[25]);
        $edges = [...array_values($changes), $take->durationMs];
        foreach (range(1, count($edges) - 1) as $i) {
            self::assertLessThanOrEqual(3_000, $edges[$i] - $edges[$i - 1]);
        }
        self::assertSame(
            [],
            (new ShotPlanner())->changes($take->words, 2_000, [0, 99]),
            'the first shot begins there anyway, and no word is the 99th',
        );
    }
}
