<?php

declare(strict_types=1);

namespace RapidReel\Text\Arrival;

/** Tells in what encoding a text file is written, and makes UTF-8 of it. */
final class TextEncoding
{
    /** Of the bytes of a text without marks of its own, at most this share may be signs that texts have none of. */
    private const MOST_CONTROL = 0.002;

    /** @return string|null UTF-8 without a byte-order mark; null where it is no text */
    public static function toUtf8(string $bytes): ?string
    {
        foreach (
            ["\xEF\xBB\xBF" => 'UTF-8', "\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'] as $mark => $encoding
        ) {
            if (str_starts_with($bytes, $mark)) {
                return self::converted(substr($bytes, strlen($mark)), $encoding);
            }
        }
        if (str_contains($bytes, "\0")) {
            return self::withoutMark($bytes);
        }
        if (mb_check_encoding($bytes, 'UTF-8')) {
            return self::isText($bytes) ? $bytes : null;
        }

        return self::windows1252($bytes);
    }

    /** UTF-16 without a mark: letters of Latin scripts have a zero in every other byte, always the same one. */
    private static function withoutMark(string $bytes): ?string
    {
        $sample = substr($bytes, 0, 4000);
        $zeros = [0, 0];
        for ($i = 0, $length = strlen($sample); $i < $length; $i++) {
            $zeros[$i % 2] += $sample[$i] === "\0" ? 1 : 0;
        }
        $half = max(1, intdiv(strlen($sample), 2));

        return match (true) {
            $zeros[1] > 0.4 * $half && $zeros[0] < 0.05 * $half => self::converted($bytes, 'UTF-16LE'),
            $zeros[0] > 0.4 * $half && $zeros[1] < 0.05 * $half => self::converted($bytes, 'UTF-16BE'),
            default => null,
        };
    }

    private static function windows1252(string $bytes): ?string
    {
        // Five of its places are empty; a text has none of them, and mostly plain letters between its marks.
        $high = preg_match_all('/[\x80-\xFF]/', $bytes);
        if (preg_match('/[\x81\x8D\x8F\x90\x9D]/', $bytes) === 1 || $high > 0.3 * strlen($bytes)) {
            return null;
        }

        return self::converted($bytes, 'Windows-1252');
    }

    private static function converted(string $bytes, string $encoding): ?string
    {
        if ($encoding !== 'Windows-1252' && ! mb_check_encoding($bytes, $encoding)) {
            return null;
        }
        $text = (string) mb_convert_encoding($bytes, 'UTF-8', $encoding);

        return self::isText($text) ? $text : null;
    }

    private static function isText(string $text): bool
    {
        return preg_match_all('/[\x00-\x08\x0B\x0E-\x1F\x7F]/', $text) <= self::MOST_CONTROL * strlen($text);
    }
}
