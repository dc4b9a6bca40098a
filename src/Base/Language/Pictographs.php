<?php

declare(strict_types=1);

namespace RapidReel\Base\Language;

/** Emoji and other signs that are seen and not said; digits and the signs of plain text are not meant. */
final class Pictographs
{
    /** One sign, with its joiners and variation marks, as a pattern without delimiters. */
    public const PATTERN = '[\x{2190}-\x{21FF}\x{2300}-\x{23FF}\x{25A0}-\x{27BF}\x{2B00}-\x{2BFF}\x{1F000}-\x{1FAFF}]'
        .'[\x{FE0F}\x{200D}]*';

    /** A text with blanks in their place, as many as there were characters, so that every place in it stays. */
    public static function blanked(string $text): string
    {
        return (string) preg_replace_callback(
            '/'.self::PATTERN.'/u',
            static fn (array $match): string => str_repeat(' ', mb_strlen($match[0])),
            $text,
        );
    }
}
