<?php

declare(strict_types=1);

namespace RapidReel\Base;

/**
 * Text without control characters (ISO/IEC 6429): but for tabs and ends of lines they are blanks; and what stands
 * between blanks in it.
 */
final class PlainText
{
    public static function of(string $text): string
    {
        // Byte by byte, so that it holds for text in any encoding that has ASCII in it.
        return (string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', ' ', $text);
    }

    /** In one line, with one blank between words and none around them. */
    public static function line(string $text): string
    {
        return trim((string) preg_replace('/[\s\p{Cc}]+/u', ' ', $text));
    }

    /** @return list<string> what stands between blanks, whatever it is */
    public static function words(string $text): array
    {
        return preg_split('/\s+/u', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }
}
