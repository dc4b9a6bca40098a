<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Listing;

/** How long texts are, as people count: a letter with its accents, an emoji of several signs, is one (UAX #29). */
final class Measure
{
    public static function letters(string $text): int
    {
        $length = grapheme_strlen($text);

        return is_int($length) ? $length : mb_strlen($text);
    }

    public static function first(string $text, int $letters): string
    {
        $cut = grapheme_substr($text, 0, $letters);

        return is_string($cut) ? $cut : mb_substr($text, 0, $letters);
    }
}
