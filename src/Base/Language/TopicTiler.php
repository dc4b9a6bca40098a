<?php

declare(strict_types=1);

namespace RapidReel\Base\Language;

/**
 * Finds where a text turns to another topic: TextTiling (M. Hearst, "TextTiling: Segmenting Text into Multi-paragraph
 * Subtopic Passages", 1997): word sequences, the likeness of the blocks on both sides of every gap, and the depth of
 * its valleys, put to the nearest paragraph.
 */
final readonly class TopicTiler
{
    /**
     * @param  int<1, max>  $sequence  words in a token sequence (w of the paper)
     * @param  int  $block  sequences in a block (k of the paper, smaller here since scripts are shorter than articles)
     */
    public function __construct(
        private int $sequence = 15,
        private int $block = 5,
    ) {
    }

    /**
     * @param  list<string>  $paragraphs
     * @return list<int> numbers of the paragraphs that begin another topic, rising, never 0
     */
    public function boundaries(array $paragraphs): array
    {
        $sequences = [];
        // At which word each paragraph begins.
        $begins = [];
        $words = [];
        foreach ($paragraphs as $number => $paragraph) {
            $begins[$number] = count($words);
            preg_match_all('/[\p{L}\p{N}]+(?:[\'’]\p{L}+)?/u', $paragraph, $matches);
            $words = [...$words, ...$matches[0]];
        }
        foreach (array_chunk($words, $this->sequence) as $chunk) {
            $sequences[] = array_count_values(Terms::of(implode(' ', $chunk)));
        }
        $likeness = [];
        for ($gap = 1, $count = count($sequences); $gap < $count; $gap++) {
            $likeness[$gap] = self::cosine(
                self::merged(array_slice($sequences, max(0, $gap - $this->block), min($gap, $this->block))),
                self::merged(array_slice($sequences, $gap, $this->block)),
            );
        }
        $depths = self::depths($likeness);
        if ($depths === []) {
            return [];
        }
        $mean = array_sum($depths) / count($depths);
        $deviation = sqrt(
            array_sum(array_map(static fn (float $depth): float => ($depth - $mean) ** 2, $depths)) / count($depths),
        );

        $boundaries = [];
        arsort($depths);
        foreach ($depths as $gap => $depth) {
            // The paper's stricter cutoff.
            if ($depth <= $mean - $deviation / 2 || $depth <= 0.0) {
                continue;
            }
            $paragraph = self::nearest($begins, $gap * $this->sequence);
            if ($paragraph !== 0) {
                $boundaries[$paragraph] = true;
            }
        }
        $boundaries = array_keys($boundaries);
        sort($boundaries);

        return $boundaries;
    }

    /**
     * How deep a valley of likeness every gap is: the rise to the nearest peak on either side.
     *
     * @param  array<int, float>  $likeness
     * @return array<int, float>
     */
    private static function depths(array $likeness): array
    {
        $depths = [];
        foreach ($likeness as $gap => $here) {
            $left = $here;
            for ($i = $gap - 1; isset($likeness[$i]) && $likeness[$i] >= $left; $i--) {
                $left = $likeness[$i];
            }
            $right = $here;
            for ($i = $gap + 1; isset($likeness[$i]) && $likeness[$i] >= $right; $i++) {
                $right = $likeness[$i];
            }
            $depths[$gap] = $left + $right - 2 * $here;
        }

        return $depths;
    }

    /**
     * @param  array<int, int>  $begins
     */
    private static function nearest(array $begins, int $word): int
    {
        $best = 0;
        $distance = INF;
        foreach ($begins as $number => $begin) {
            if (abs($begin - $word) < $distance) {
                $distance = abs($begin - $word);
                $best = $number;
            }
        }

        return $best;
    }

    /**
     * @param  list<array<string, int>>  $counts
     * @return array<string, int>
     */
    private static function merged(array $counts): array
    {
        $sum = [];
        foreach ($counts as $one) {
            foreach ($one as $term => $count) {
                $sum[$term] = ($sum[$term] ?? 0) + $count;
            }
        }

        return $sum;
    }

    /**
     * @param  array<string, int>  $a
     * @param  array<string, int>  $b
     * @return float 0…1
     */
    public static function cosine(array $a, array $b): float
    {
        $dot = 0;
        foreach (array_intersect_key($a, $b) as $term => $count) {
            $dot += $count * $b[$term];
        }
        $square = static function (array $counts): float {
            $sum = 0;
            foreach ($counts as $count) {
                $sum += is_int($count) ? $count ** 2 : 0;
            }

            return $sum;
        };

        return $dot === 0 ? 0.0 : $dot / sqrt($square($a) * $square($b));
    }
}
