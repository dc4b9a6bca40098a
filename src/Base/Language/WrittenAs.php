<?php

declare(strict_types=1);

namespace RapidReel\Base\Language;

use Locale;

/** How languages are written: their letters, whether they have blanks, and from which side. */
final class WrittenAs
{
    /** Letters of languages that are not written in Latin ones, as in CLDR's likely subtags. */
    private const LETTERS = [
        'ja' => '[\p{Han}\p{Hiragana}\p{Katakana}]', 'zh' => '\p{Han}', 'ko' => '[\p{Hangul}\p{Han}]',
        'ar' => '\p{Arabic}', 'fa' => '\p{Arabic}', 'ur' => '\p{Arabic}', 'he' => '\p{Hebrew}', 'ru' => '\p{Cyrillic}',
        'uk' => '\p{Cyrillic}', 'bg' => '\p{Cyrillic}', 'el' => '\p{Greek}', 'hi' => '\p{Devanagari}',
        'mr' => '\p{Devanagari}', 'ne' => '\p{Devanagari}', 'th' => '\p{Thai}', 'bn' => '\p{Bengali}',
        'ta' => '\p{Tamil}', 'te' => '\p{Telugu}', 'ka' => '\p{Georgian}', 'hy' => '\p{Armenian}',
        'am' => '\p{Ethiopic}', 'km' => '\p{Khmer}', 'sr' => '[\p{Cyrillic}\p{Latin}]',
    ];

    private const WITHOUT_BLANKS = ['ja', 'zh', 'th', 'km', 'lo', 'my'];

    private const FROM_THE_RIGHT = ['ar', 'fa', 'he', 'ur', 'ps', 'sd', 'ug', 'yi', 'dv', 'ckb'];

    private const TAG = '/^[A-Za-z]{2,3}(?:-[A-Za-z0-9]{2,8})*$/D';

    /** Whether it is a tag of a language by its form (RFC 5646, as far as anybody writes it). */
    public static function isTag(string $tag): bool
    {
        return strlen($tag) <= 35 && preg_match(self::TAG, $tag) === 1;
    }

    /** A tag as it is usually written: pt-BR, zh-Hant. */
    public static function tag(string $tag): string
    {
        return str_replace('_', '-', (string) Locale::canonicalize(trim($tag)));
    }

    /** The part of a tag that names the language. */
    public static function primary(string $tag): string
    {
        return strtolower((string) preg_replace('/[-_].*$/s', '', trim($tag)));
    }

    /** @return string what one of its letters is, for a regular expression */
    public static function letter(string $language): string
    {
        return self::LETTERS[self::primary($language)] ?? '\p{Latin}';
    }

    public static function hasBlanks(string $language): bool
    {
        return ! in_array(self::primary($language), self::WITHOUT_BLANKS, true);
    }

    public static function betweenSentences(string $language): string
    {
        return self::hasBlanks($language) ? ' ' : '';
    }

    public static function isFromTheRight(string $language): bool
    {
        return in_array(self::primary($language), self::FROM_THE_RIGHT, true);
    }
}
