<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules;

use RapidReel\Text\Rules\Lists\WordLists;

/** Lines that name a part of a script or number it. */
final class Headings
{
    public static function isOne(string $line, ?Labels $labels = null): bool
    {
        $labels ??= new Labels(WordLists::all());
        if (preg_match('/^#{1,6}\s+\S/u', $line) === 1 || preg_match('/^(?:={3,}|-{3,}|\*{3,}|_{3,})$/', $line) === 1) {
            return true;
        }
        if (
            $labels->areAll($line) ||
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

    /** What a heading says without its marks and its "Title:"; empty where it only names a part ("Scene 2"). */
    public static function says(string $heading): string
    {
        $text = trim((string) preg_replace('/^#+\s*|\s+#+\s*$|[*_=]+|:\s*$/u', '', $heading));
        $text = trim((string) preg_replace(
            '/^(?:working |video )?(?:title|titel|titre|título|titolo|العنوان)(?: \p{L}+){0,2}\s*[:：]\s*/iu',
            '',
            $text,
        ));
        // Quotation marks around all of it go, those of a name in it stay.
        $text = (string) preg_replace('/^["“„«]([^"“”„«»]*)["”“»]$/u', '$1', $text);
        // A place of a screenplay is no title.
        $isPlace = preg_match('/^\W*\d*\W*(?:INT|EXT|I\/E)[.\s\/]/u', $text) === 1;
        $isBare = $isPlace || preg_match('/\p{L}/u', $text) !== 1;

        return $isBare || (new Labels(WordLists::all()))->areAll($text) ? '' : mb_substr($text, 0, 120);
    }
}
