<?php

declare(strict_types=1);

namespace RapidReel\Script;

use RapidReel\Voice\WordTiming;

/**
 * How long words take to say before anything is voiced: 1,000 characters run about 60 s
 * (common practice, no published source).
 */
final readonly class SpeechEstimate
{
    public const CHARACTERS_A_SECOND = 1000 / 60;

    /** @return int milliseconds, at least 200 */
    public static function ofText(string $text): int
    {
        return max(200, (int) round(mb_strlen($text) / self::CHARACTERS_A_SECOND * 1000));
    }

    /**
     * The words of a text with estimated times, each its share of the whole by its length.
     *
     * @return list<WordTiming>
     */
    public static function wordsOf(string $text): array
    {
        $words = ScriptWord::of($text);
        $total = self::ofText($text);
        $characters = max(1, array_sum(array_map(static fn (ScriptWord $word): int => $word->length + 1, $words)));
        $timed = [];
        $passed = 0;
        foreach ($words as $word) {
            $start = (int) round($total * $passed / $characters);
            $passed += $word->length + 1;
            $timed[] = new WordTiming($word->text, $start, (int) round($total * $passed / $characters));
        }

        return $timed;
    }
}
