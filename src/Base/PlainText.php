<?php

declare(strict_types=1);

namespace RapidReel\Base;

/** Text without control characters (ISO/IEC 6429): but for tabs and ends of lines they are blanks. */
final class PlainText
{
    public static function of(string $text): string
    {
        // Byte by byte, so that it holds for text in any encoding that has ASCII in it.
        return (string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', ' ', $text);
    }
}
