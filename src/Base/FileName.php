<?php

declare(strict_types=1);

namespace RapidReel\Base;

/** Names for files that are handed out: plain letters, digits and hyphens, safe on every disk and in every shell. */
final class FileName
{
    /** @return string such as "03-the-lamp-that-would-not-light", at most 64 characters */
    public static function numbered(int $number, string $title): string
    {
        $plain = transliterator_transliterate('Any-Latin; Latin-ASCII; Lower()', $title);
        $slug = trim((string) preg_replace('/[^a-z0-9]+/', '-', $plain === false ? '' : $plain), '-');

        return sprintf('%02d-%s', $number, rtrim(substr($slug === '' ? 'short' : $slug, 0, 60), '-'));
    }
}
