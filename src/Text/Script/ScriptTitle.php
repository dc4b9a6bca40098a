<?php

declare(strict_types=1);

namespace RapidReel\Text\Script;

/** What a script is called that has no title: the beginning of its first sentence. */
final class ScriptTitle
{
    private const MOST_WORDS = 9;

    private const MOST_LETTERS = 120;

    public static function of(string $spoken): string
    {
        $spoken = ltrim($spoken);
        $sentence = (string) preg_replace('/(?<=[.!?…])\s.*$/us', '', strtok($spoken, "\n") ?: $spoken);
        $words = array_slice((array) preg_split('/\s+/u', $sentence), 0, self::MOST_WORDS);

        return mb_substr(rtrim(implode(' ', $words), ' .,;:!…—–-'), 0, self::MOST_LETTERS);
    }
}
