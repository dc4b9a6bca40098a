<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules;

use RapidReel\Base\Language\Pictographs;

/** The marks around the words of a line: of lists, quotes, headings and emphasis, and emoji. */
final class Marks
{
    /** Before the words, as a pattern without delimiters. */
    public const LEAD = '(?:>\s*)+|#{1,6}\s+|(?:[-*+•◦▪‣–—]|\d{1,2}[.)]|[a-zA-Z]\)|[IVX]{1,4}\.)\s+|\[[ xX]?\]\s+';

    private const END_BYTES = 160;

    public const EMPHASIS = '[*_~`]{0,3}';

    /** The words of a line without any marks around or among them. */
    public static function bare(string $line): string
    {
        $line = (string) preg_replace('/'.Pictographs::PATTERN.'|[\x{20E3}\x{FE0F}]/u', ' ', $line);
        $line = (string) preg_replace('/[*_~`]+/', '', $line);
        $line = (string) preg_replace('/^\s*(?:'.self::LEAD.')*/u', '', $line);

        return trim((string) preg_replace('/\s+/u', ' ', $line));
    }

    /** Whether a text ends like a sentence. */
    public static function ends(string $text): bool
    {
        // A paragraph is long, and its end is short.
        $end = mb_strcut($text, max(0, strlen($text) - self::END_BYTES));

        return preg_match('/[.!?…。؟!]["\'”’»)\]*_~`\s]*(?:\[\d+\]\s*)*$/u', $end) === 1;
    }
}
