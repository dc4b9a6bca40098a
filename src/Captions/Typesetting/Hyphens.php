<?php

declare(strict_types=1);

namespace RapidReel\Captions\Typesetting;

/**
 * A word that is too long for a line, in parts: before a consonant that a vowel follows, as German, French, Spanish
 * and others part most of theirs, with a hyphen at the end of each part but the last. Scripts that have no hyphens get
 * none.
 */
final class Hyphens
{
    private const HAS_HYPHENS = '/^[\p{Latin}\p{Greek}\p{Cyrillic}\p{M}\p{N}\p{P}]+$/u';

    private const VOWEL = '/^[aeiouyàáâãäåæèéêëìíîïòóôõöøœùúûüýÿāēīōūаеёиоуыэюяіїєαεηιουωάέήίόύώ]/iu';

    private const LETTER = '/^\p{L}/u';

    private const TOGETHER = '/^(?:sch|c[hlr]|p[hlrf]|t[hr]|sh|b[lr]|[dkw]r|kn|k[lw]|f[lr]|g[lnr]|ll[aeiou]|rr|qu)/iu';

    /** On each side of a hyphen at least. */
    private const LEAST = 2;

    /**
     * @param  int  $each  letters a part has about
     * @return non-empty-list<string>
     */
    public static function parts(string $word, int $each): array
    {
        preg_match_all('/\X/u', $word, $found);
        $letters = $found[0];
        $has = preg_match(self::HAS_HYPHENS, $word) === 1;
        $parts = [];
        $from = 0;
        while (count($letters) - $from > $each) {
            $to = $has ? self::place($letters, $from, $from + $each) : $from + $each;
            $part = implode('', array_slice($letters, $from, $to - $from));
            $isMarked = ! $has || preg_match('/[\p{L}\p{M}]$/u', $part) !== 1;
            $parts[] = $part.($isMarked ? '' : '-');
            $from = $to;
        }
        $parts[] = implode('', array_slice($letters, $from));

        return $parts;
    }

    /**
     * The last good place before so many letters, and no earlier than half of them; else after as many.
     *
     * @param  list<string>  $letters
     */
    private static function place(array $letters, int $from, int $until): int
    {
        for ($at = $until; $at >= $from + max(self::LEAST, intdiv($until - $from, 2)); $at--) {
            $isOnset = preg_match(self::LETTER, $letters[$at]) === 1 && preg_match(self::VOWEL, $letters[$at]) !== 1
                && preg_match(self::VOWEL, $letters[$at + 1] ?? '') === 1;
            $isAfterMark = preg_match('/^\p{Pd}/u', $letters[$at - 1]) === 1;
            if (($isOnset || $isAfterMark) && count($letters) - $at >= self::LEAST) {
                return $isOnset ? self::begin($letters, $at, $from + self::LEAST) : $at;
            }
        }

        return $until;
    }

    /**
     * Consonants that begin a syllable together are not parted.
     *
     * @param  list<string>  $letters
     */
    private static function begin(array $letters, int $at, int $least): int
    {
        while ($at > $least) {
            $three = implode('', array_slice($letters, $at - 1, 3));
            if (preg_match(self::TOGETHER, $three) !== 1) {
                break;
            }
            $at--;
        }

        return $at;
    }
}
