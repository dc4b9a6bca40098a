<?php

declare(strict_types=1);

namespace RapidReel\Plan\Brief;

use RapidReel\Base\Language\Picturable;
use RapidReel\Base\Language\Terms;

/**
 * What a short is about, in one word: the one of its title that its text takes up most, or the text's most frequent.
 */
final class Subject
{
    /** @return string lower case; empty where nothing can be pictured */
    public static function of(string $title, string $text): string
    {
        $counts = array_count_values(Terms::of($text));
        $best = '';
        $bestScore = 0.0;
        foreach ([[$title, 2.5], [$text, 1.0]] as [$source, $weight]) {
            preg_match_all('/\p{L}+/u', $source, $matches);
            foreach ($matches[0] as $word) {
                $term = Terms::of($word)[0] ?? null;
                if ($term === null || Picturable::seen($word) === 0) {
                    continue;
                }
                // A verb's form or a name makes a poor subject where there is another word.
                $likely = preg_match('/(?:ed|ing)$/', $word) === 1 ? 0.4 : 1.0;
                $score = $weight * $likely * (($counts[$term] ?? 0) + 0.5);
                if ($score > $bestScore) {
                    [$best, $bestScore] = [mb_strtolower($word), $score];
                }
            }
        }

        return $best;
    }
}
