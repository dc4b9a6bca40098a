<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation\Version;

use RapidReel\Base\Language\ScriptWord;
use RapidReel\Voice\Speech\WordTiming;

/** When the words of a translation stand over a voice that says something else: while their sentence is said. */
final class TimesOver
{
    /**
     * @param  non-empty-list<WordTiming>  $spoken  words of the source as they are said
     * @param  list<Pair>  $pairs
     * @param  string  $text  of the translation, as it is now
     * @return non-empty-list<WordTiming> of its words, in order, within the take
     */
    public static function of(array $spoken, array $pairs, string $text, int $durationMs): array
    {
        $words = array_map(static fn (ScriptWord $word): string => $word->text, ScriptWord::of($text));
        $said = array_map(self::words(...), array_column($pairs, 'source'));
        $into = array_map(self::words(...), array_column($pairs, 'target'));
        if (array_sum($said) !== count($spoken) || array_sum($into) !== count($words)) {
            // Which sentence is which cannot be told.
            [$said, $into] = [[count($spoken)], [count($words)]];
        }
        $timings = [];
        $from = $at = 0;
        foreach ($said as $i => $count) {
            $here = array_slice($words, $at, $into[$i]);
            $begin = $spoken[min($from, count($spoken) - 1)]->startMs;
            $end = $spoken[max(0, min($from + $count, count($spoken)) - 1)]->endMs;
            $after = count($timings) === 0 ? 0 : $timings[count($timings) - 1]->endMs;
            array_push($timings, ...self::spread($here, max($begin, $after), $end));
            $from += $count;
            $at += $into[$i];
        }

        return $timings === [] ? [new WordTiming($text, 0, $durationMs)] : $timings;
    }

    /**
     * @param  list<string>  $words
     * @return list<WordTiming> as long as they are written
     */
    private static function spread(array $words, int $begin, int $end): array
    {
        $lengths = array_map(static fn (string $word): int => 1 + mb_strlen($word), $words);
        $whole = max(1, array_sum($lengths));
        $timings = [];
        $passed = 0;
        foreach ($words as $i => $word) {
            $start = $begin + intdiv(max(0, $end - $begin) * $passed, $whole);
            $passed += $lengths[$i];
            $timings[] = new WordTiming($word, $start, $begin + intdiv(max(0, $end - $begin) * $passed, $whole));
        }

        return $timings;
    }

    private static function words(string $text): int
    {
        return count(ScriptWord::of($text));
    }
}
