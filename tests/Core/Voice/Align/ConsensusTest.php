<?php

declare(strict_types=1);

namespace Tests\Core\Voice\Align;

use PHPUnit\Framework\TestCase;
use RapidReel\Voice\Align\AlignedWord;
use RapidReel\Voice\Align\Alignment;
use RapidReel\Voice\Align\Consensus;
use RapidReel\Voice\Align\WordDoubt;
use RapidReel\Voice\Speech\WordTiming;

/** One alignment out of several. */
final class ConsensusTest extends TestCase
{
    /** @param  list<array{int, int, float, 3?: WordDoubt}>  $words  start, end, cost, doubt */
    private static function alignment(array $words): Alignment
    {
        $aligned = array_map(
            static fn (array $word): AlignedWord => new AlignedWord(
                new WordTiming('word', $word[0], $word[1]),
                $word[2],
                $word[3] ?? WordDoubt::None,
            ),
            $words,
        );
        self::assertNotSame([], $aligned);

        return new Alignment(5_000, $aligned, true);
    }

    /** @return list<array{int, int}> */
    private static function times(Alignment $alignment): array
    {
        return array_map(
            static fn (WordTiming $timing): array => [$timing->startMs, $timing->endMs],
            $alignment->timings(),
        );
    }

    public function test_one_reader_is_believed_as_it_is(): void
    {
        $one = self::alignment([[100, 300, 1.0]]);

        self::assertSame($one, Consensus::of([$one]));
    }

    public function test_most_readers_win_over_one_that_is_far_off(): void
    {
        $agreed = Consensus::of([
            self::alignment([[900, 1_200, 1.0]]),
            self::alignment([[100, 300, 1.0]]),
            self::alignment([[110, 320, 1.0]]),
            self::alignment([[120, 310, 1.0]]),
        ]);

        self::assertSame([[110, 310]], self::times($agreed));
    }

    public function test_one_that_sounds_alike_wins_over_two_that_do_not(): void
    {
        $agreed = Consensus::of([
            self::alignment([[100, 300, 0.5]]),
            self::alignment([[200, 400, 1.0]]),
            self::alignment([[210, 410, 1.0]]),
        ]);

        self::assertSame([[100, 300]], self::times($agreed));
    }

    public function test_words_stay_in_order_and_none_reaches_into_the_next(): void
    {
        $agreed = Consensus::of([
            self::alignment([[100, 500, 1.0], [400, 600, 1.0]]),
            self::alignment([[120, 520, 0.4], [380, 610, 1.0]]),
            self::alignment([[140, 480, 1.0], [390, 620, 0.4]]),
        ]);
        $at = 0;
        foreach (self::times($agreed) as [$start, $end]) {
            self::assertGreaterThanOrEqual($at, $start);
            self::assertGreaterThanOrEqual($start, $end);
            $at = $end;
        }
    }

    public function test_readers_that_differ_are_a_doubt_and_so_is_what_most_miss(): void
    {
        $missing = [300, 310, 1.0, WordDoubt::Missing];
        $agreed = Consensus::of([
            self::alignment([[100, 300, 1.0], $missing, [400, 700, 1.0]]),
            self::alignment([[500, 600, 1.0], $missing, [610, 700, 1.0]]),
            self::alignment([[900, 950, 1.0], [960, 980, 1.0], [1_000, 1_100, 1.0]]),
        ]);

        self::assertSame(
            [WordDoubt::Unclear, WordDoubt::Missing],
            array_map(static fn (AlignedWord $word): WordDoubt => $word->doubt, array_slice($agreed->words, 0, 2)),
        );
    }
}
