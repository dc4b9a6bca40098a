<?php

declare(strict_types=1);

namespace RapidReel\Script\Cleanup;

/** Lines that name a part of a script or number it. */
final class Headings
{
    public static function isOne(string $line): bool
    {
        if (preg_match('/^#{1,6}\s+\S/u', $line) === 1 || preg_match('/^(?:={3,}|-{3,}|\*{3,}|_{3,})$/', $line) === 1) {
            return true;
        }
        $section = LineLead::SECTION;
        $number = LineLead::NUMBER;
        if (
            preg_match("/^\\W*(?:{$section})(?:\\s+#?{$number})?(?:\\s*(?:of|\\/)\\s*\\d+)?\\W*$/iu", $line) === 1 ||
            preg_match('/^#?\d{1,3}\s*(?:[.):]|\/\s*\d{1,3})?$/u', $line) === 1 ||
            (preg_match('/^\*\*[^*]{1,60}\*\*:?$/u', $line) === 1 &&
                preg_match('/[.!?…]["”’]?\*\*:?$/u', $line) !== 1 &&
                mb_strlen($line) <= 64)
        ) {
            return true;
        }

        // A short line in capitals without a sentence's end is a heading; one with an end may be a shouted sentence.
        return mb_strlen($line) <= 60
            && preg_match('/\p{Lu}{3}/u', $line) === 1
            && preg_match('/[\p{Ll}\p{Lo}.!?…]/u', $line) !== 1
            && preg_match('/[[({:]/u', $line) !== 1;
    }

    /** How many marks of Markdown it has; 0 for a heading of another kind. */
    public static function level(string $heading): int
    {
        return strspn($heading, '#');
    }

    /** What a heading says without its marks; empty where it only names a part ("Scene 2"). */
    public static function says(string $heading): string
    {
        $text = trim((string) preg_replace('/^#+\s*|\s+#+\s*$|[*_=]+|:\s*$/u', '', $heading));
        $section = LineLead::SECTION;
        $number = LineLead::NUMBER;

        return preg_match("/^(?:{$section})?(?:\\s*#?{$number})?\\W*$/iu", $text) === 1 ? '' : mb_substr($text, 0, 120);
    }
}
