<?php

declare(strict_types=1);

namespace RapidReel\Base\Language;

use IntlBreakIterator;

/**
 * Words of languages that are written without blanks between them: parted where ICU finds a word to end (by dictionary;
 * UAX #29) and a line may be broken (UAX #14), so that no line begins with a mark that closes or ends with one that
 * opens.
 */
final class UnspacedWords
{
    /** Letters alone: marks belong to the scripts that they are used with, too. */
    private const LETTER = '(?=\p{L})[\p{Han}\p{Hiragana}\p{Katakana}\p{Thai}\p{Lao}\p{Khmer}\p{Myanmar}]';

    /** Of these a blank is a mark: it stands between clauses. */
    private const BLANK_TELLS = '/[\p{Thai}\p{Lao}\p{Khmer}\p{Myanmar}]/u';

    /** Letters of a word with the endings and particles that are said with it, at most. */
    private const LONGEST = 10;

    /** @var array{IntlBreakIterator, IntlBreakIterator}|null words and lines */
    private static ?array $breaks = null;

    /** Whether there are any in a text. */
    public static function areIn(string $text): bool
    {
        return preg_match('/'.self::LETTER.'/u', $text) === 1;
    }

    /**
     * @param  string  $piece  without blanks
     * @return non-empty-list<string> that make it up
     */
    public static function parts(string $piece): array
    {
        if (! self::areIn($piece)) {
            return [$piece];
        }
        [$words, $lines] = self::$breaks ??= self::breaks();
        $places = array_values(array_intersect(self::places($words, $piece), self::places($lines, $piece)));
        $parts = [];
        foreach ($places as $i => $from) {
            $part = substr($piece, $from, ($places[$i + 1] ?? strlen($piece)) - $from);
            $last = $parts === [] ? '' : $parts[count($parts) - 1];
            if (self::isEnding($last, $part)) {
                array_pop($parts);
                $part = $last.$part;
            }
            $parts[] = $part;
        }

        return $parts === [] ? [$piece] : $parts;
    }

    /** Whether a blank after a word is written, though words have none between them. */
    public static function tellsBlank(string $word): bool
    {
        return preg_match(self::BLANK_TELLS, $word) === 1;
    }

    /** @return string what stands between two words: nothing where one of them is written without blanks */
    public static function between(string $word, string $next): string
    {
        $isUnspaced = preg_match('/'.self::LETTER.'[\p{P}\p{M}\x{A0}]*$/u', $word) === 1
            || preg_match('/^\p{P}*'.self::LETTER.'/u', $next) === 1;

        return $isUnspaced ? '' : ' ';
    }

    /** @param  list<string>  $words */
    public static function joined(array $words): string
    {
        $text = '';
        foreach ($words as $i => $word) {
            $text .= ($i === 0 ? '' : self::between($words[$i - 1], $word)).$word;
        }

        return $text;
    }

    /** Japanese writes endings and particles in hiragana: they are said, and stand, with the word before them. */
    private static function isEnding(string $word, string $part): bool
    {
        return $word !== '' && preg_match('/^(?=\p{L})\p{Hiragana}/u', $part) === 1
            && preg_match('/[\p{L}\p{N}\p{M}ー]$/u', $word) === 1
            && mb_strlen($word.$part) <= self::LONGEST;
    }

    /** @return list<int> in bytes */
    private static function places(IntlBreakIterator $breaks, string $text): array
    {
        $breaks->setText($text);
        $places = [];
        foreach ($breaks as $place) {
            if (is_int($place) && $place < strlen($text)) {
                $places[] = $place;
            }
        }

        return $places;
    }

    /** @return array{IntlBreakIterator, IntlBreakIterator} */
    private static function breaks(): array
    {
        $words = IntlBreakIterator::createWordInstance('ja');
        $lines = IntlBreakIterator::createLineInstance('ja');
        assert($words !== null && $lines !== null);

        return [$words, $lines];
    }
}
