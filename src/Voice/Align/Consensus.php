<?php

declare(strict_types=1);

namespace RapidReel\Voice\Align;

use RapidReel\Voice\Speech\WordTiming;

/**
 * One alignment out of several, each against another reader. A word begins and ends at the weighted median of what they
 * say; one whose reader is half as far from the recording there weighs twice as much. Where they differ, the word is in
 * doubt.
 */
final class Consensus
{
    /** Readers that put a word so far apart do not know where it is. */
    private const APART_MS = 150;

    /** @param  non-empty-list<Alignment>  $alignments  of the same words; the first tells whether it is this text */
    public static function of(array $alignments): Alignment
    {
        $first = $alignments[0];
        if (count($alignments) === 1) {
            return $first;
        }
        $words = [];
        $at = 0;
        foreach ($first->words as $i => $word) {
            $all = array_map(static fn (Alignment $one): AlignedWord => $one->words[$i], $alignments);
            $weights = array_map(static fn (AlignedWord $one): float => 1 / max(0.1, $one->cost), $all);
            $starts = array_map(static fn (AlignedWord $one): int => $one->timing->startMs, $all);
            $ends = array_map(static fn (AlignedWord $one): int => $one->timing->endMs, $all);
            $start = max($at, self::median($starts, $weights));
            $end = max($start, self::median($ends, $weights));
            $costs = array_map(static fn (AlignedWord $one): float => $one->cost, $all);
            sort($costs);
            $words[] = new AlignedWord(
                new WordTiming($word->timing->text, $start, $end),
                $costs[intdiv(count($costs), 2)],
                self::doubt($all, $starts),
            );
            $at = $end;
        }

        return new Alignment($first->durationMs, self::parted($words), $first->isOfThisText);
    }

    /**
     * @param  list<int>  $values
     * @param  list<float>  $weights
     */
    private static function median(array $values, array $weights): int
    {
        asort($values);
        $half = array_sum($weights) / 2;
        $sum = 0.0;
        foreach ($values as $i => $value) {
            $sum += $weights[$i];
            if ($sum >= $half) {
                return $value;
            }
        }

        return $values === [] ? 0 : max($values);
    }

    /**
     * @param  list<AlignedWord>  $all
     * @param  list<int>  $starts
     */
    private static function doubt(array $all, array $starts): WordDoubt
    {
        $count = static fn (WordDoubt $doubt): int => count(
            array_filter($all, static fn (AlignedWord $word): bool => $word->doubt === $doubt),
        );
        sort($starts);
        $quarter = intdiv(count($starts), 4);
        $apart = $starts[count($starts) - 1 - $quarter] - $starts[$quarter];

        return match (true) {
            2 * $count(WordDoubt::Missing) > count($all) => WordDoubt::Missing,
            2 * $count(WordDoubt::None) < count($all), $apart > self::APART_MS => WordDoubt::Unclear,
            default => WordDoubt::None,
        };
    }

    /**
     * No word goes on after the next has begun.
     *
     * @param  non-empty-list<AlignedWord>  $words
     * @return non-empty-list<AlignedWord>
     */
    private static function parted(array $words): array
    {
        foreach ($words as $i => $word) {
            $next = $words[$i + 1]->timing->startMs ?? PHP_INT_MAX;
            if ($word->timing->endMs > $next) {
                $words[$i] = new AlignedWord(
                    new WordTiming($word->timing->text, min($word->timing->startMs, $next), $next),
                    $word->cost,
                    $word->doubt,
                );
            }
        }

        return $words;
    }
}
