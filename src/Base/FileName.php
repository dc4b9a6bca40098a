<?php

declare(strict_types=1);

namespace RapidReel\Base;

/** Names for files that are handed out: plain letters, digits and hyphens, safe on every disk and in every shell. */
final class FileName
{
    /** @return string such as "03-the-lamp-that-would-not-light", at most 64 characters */
    public static function numbered(int $number, string $title): string
    {
        return sprintf('%02d-%s', $number, self::plain($title, 'short'));
    }

    /**
     * A short in another language, under the name of the first: not all letters can be told in plain ones.
     *
     * @param  string  $language  as a BCP 47 tag
     * @return string such as "03-de-the-lamp-that-would-not-light"
     */
    public static function version(int $number, string $language, string $title): string
    {
        return sprintf('%02d-%s-%s', $number, self::plain($language, 'version', 12), self::plain($title, 'short', 48));
    }

    /** The same short for another target. */
    public static function forTarget(string $name, string $label): string
    {
        return "$name-".self::plain($label, 'target');
    }

    /**
     * @param  string  $empty  what stands where nothing is left of it
     * @param  string  $also  other signs that stay
     * @return string in small letters, digits and hyphens
     */
    public static function plain(string $written, string $empty, int $most = 60, string $also = ''): string
    {
        $plain = transliterator_transliterate('Any-Latin; Latin-ASCII; Lower()', $written);
        $kept = 'a-z0-9'.preg_quote($also, '/');
        $slug = trim((string) preg_replace("/[^$kept]+/", '-', $plain === false ? '' : $plain), '-');

        return rtrim(substr($slug === '' ? $empty : $slug, 0, $most), '-');
    }
}
