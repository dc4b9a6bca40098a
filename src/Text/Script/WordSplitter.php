<?php

declare(strict_types=1);

namespace RapidReel\Text\Script;

use RapidReel\Base\Language\LanguagePacks;
use RapidReel\Base\Language\ScriptWord;
use RapidReel\Base\Language\SentenceSplitter;
use RapidReel\Voice\Speech\SpeechRate;

/**
 * Splits at words where the thought allows it best: after a sentence, a clause, before a joining word, and else
 * anywhere.
 */
final class WordSplitter
{
    /** What it costs to cut in the middle of a clause. */
    private const ANYWHERE = 6.0;

    /**
     * Scenes of so many words, cut at the best boundaries inside the range; the last may be shorter, and so may all
     * where the words cannot be shared out.
     *
     * @param  list<string>  $lines
     * @return list<array{string, bool}> text, and whether a line begins there
     */
    public function byRange(
        array $lines,
        int $fewest,
        int $most,
        SentenceSplitter $sentences,
        string $language = 'en',
    ): array {
        $words = [];
        $begins = [];
        $ends = [];
        foreach ($lines as $line) {
            $begins[count($words)] = true;
            foreach ($sentences->split($line) as $sentence) {
                $words = [...$words, ...self::words($sentence)];
                $ends[count($words)] = true;
            }
        }
        $middle = ($fewest + $most) / 2;
        $ended = [0];
        for ($i = 1; $i <= count($words); $i++) {
            $ended[$i] = $ended[$i - 1] + (isset($ends[$i]) ? 1 : 0);
        }
        $cost = static function (int $from, int $until) use ($fewest, $most, $middle, $ended): float {
            $length = $until - $from;

            // Sentences that run on inside a scene are what splitting is to avoid.
            return 2.5 * ($ended[$until - 1] - $ended[$from]) +
                (0.5 * abs($length - $middle)) / max(1, $most - $fewest + 1) +
                ($length < $fewest ? 20 + 2 * ($fewest - $length) : 0);
        };
        $pieces = [];
        foreach ($this->best($words, $ends, $cost, $most, $language) as [$from, $until]) {
            $pieces[] = [implode(' ', array_slice($words, $from, $until - $from)), isset($begins[$from])];
        }

        return $pieces;
    }

    /**
     * Parts of a sentence none of which is said in more than the time given, as few as can be and about even. A single
     * word may be longer.
     *
     * @return list<string>
     */
    public function byTime(string $sentence, float $seconds, SpeechRate $rate): array
    {
        $total = $rate->ofText($sentence);
        if ($total <= 1000 * $seconds) {
            return [$sentence];
        }
        $words = self::words($sentence);
        $parts = (int) ceil($total / (1000 * $seconds));
        $cost = static function (int $from, int $until) use ($words, $seconds, $rate, $total, $parts): float {
            $length = $rate->ofText(implode(' ', array_slice($words, $from, $until - $from)));

            return 3.0 +
                (4 * abs($length - $total / $parts)) / $total +
                ($length > 1000 * $seconds ? 1000 + $length / 100 : 0);
        };

        return array_map(
            static fn (array $part): string => implode(' ', array_slice($words, $part[0], $part[1] - $part[0])),
            $this->best($words, [count($words) => true], $cost, (int) ceil(6 * $seconds), $rate->language),
        );
    }

    /**
     * The cheapest way to cut words into runs, by dynamic programming.
     *
     * @param  list<string>  $words
     * @param  array<int, true>  $ends  after how many words a sentence ends
     * @param  callable(int, int): float  $cost  of a run, from its first word to the one after its last
     * @return list<array{int, int}>
     */
    private function best(array $words, array $ends, callable $cost, int $longest, string $language): array
    {
        $joining = LanguagePacks::of($language)->words->joining;
        $joins = $joining === '' ? '/(?!)/' : "/^(?:$joining)$/iu";
        $count = count($words);
        $costs = [0 => 0.0];
        $from = [];
        for ($until = 1; $until <= $count; $until++) {
            $boundary =
                $until === $count || isset($ends[$until])
                    ? 0.0
                    : self::boundary($words[$until - 1], $words[$until], $joins);
            $costs[$until] = INF;
            for ($start = max(0, $until - $longest); $start < $until; $start++) {
                $all = $costs[$start] + $boundary + $cost($start, $until);
                if ($all < $costs[$until]) {
                    $costs[$until] = $all;
                    $from[$until] = $start;
                }
            }
        }
        $runs = [];
        for ($until = $count; $until > 0; $until = $from[$until]) {
            array_unshift($runs, [$from[$until], $until]);
        }

        return $runs;
    }

    private static function boundary(string $before, string $after, string $joins): float
    {
        return match (1) {
            preg_match('/[;:—–…][”"’)]*$|\.\.\.$/u', $before) => 0.7,
            preg_match('/,[”"’)]*$/u', $before) => 1.2,
            preg_match($joins, $after) => 3.0,
            default => self::ANYWHERE,
        };
    }

    /** @return list<string> signs that stand alone go with the word before them */
    private static function words(string $text): array
    {
        return array_map(static fn (ScriptWord $word): string => $word->text, ScriptWord::of($text));
    }
}
