<?php

declare(strict_types=1);

namespace RapidReel\Base\Language;

use Normalizer;
use NumberFormatter;
use RapidReel\Base\Language\Pack\LanguagePack;

/**
 * Counts the syllables of words by their spelling.
 *
 * English: groups of vowel letters, less the silent ones, plus those where two neighbours are two syllables. Other
 * alphabets: groups of vowels. Scripts whose letters are syllables or consonants: by their letters.
 */
final class Syllables
{
    /** A word of a text as it is counted: with its apostrophes, and the points inside numbers and abbreviations. */
    public const WORD = '/[\p{L}\p{M}\p{N}]+(?:[\'’.,]?[\p{L}\p{M}\p{N}]+)*/u';

    /** Vowels that are written and not heard, each as one match. */
    private const SILENT =
        '/'.
        // At the end: "lamp", "lives", "burned", but "table", "houses", "wanted".
        '[^aeiouy]\Ke(?=$|\'s$)(?<![^aeiouylrw]le)(?<![sxzcg]e(?=\'))(?<!^[^aeiouy]e)(?<!^[^aeiouy]{2}e)'.
        '|[^aeiouysxzcg]\Ke(?=s$)(?<!che)(?<!she)(?<![^aeiouylrw]le)'.
        '|[^aeiouydt]\Ke(?=d$)(?<![^aeiouylrw]le)(?<!^re)(?<!nake)(?<!wicke)(?<!sacre)(?<!hundre)'.
        // Before an ending: "lonely", "careful".
        '|[^aeiouy]\Ke(?=(?:ly|ful|fully|less|lessly|ment|ments|ness|some)$)(?<![^aeiouylrw]le)(?<![jr]ele)'.
        // Inside a compound: "someone" parts after "some", "lighthousekeeper" after "house".
        '|^(?:som|for|ther|wher|hom|lif|tim|fir|saf|bas|nam|mak|spac|wid|lim|hors|hous|car|hop|whol|whit|lov|tap|sid'.
        '|grav|stor|brid|pric|ic|her|mor|not|nin|fiv|us|wher|scar|fram|lin|shor|wav|warehous|lighthous'.
        '|chees)\Ke(?=[b-df-hj-mpqt-xz][a-z]|n[ao]|thing|sh[io]|r[io])'.
        '|[a-z]som\Ke(?=ly|ness)|any\Kone'.
        // Said without their middle.
        '|ev\Ke(?=ry|ning|ral)|(?:ic|tion|sion)\Ka(?=lly$)|diff\Ke(?=ren)|fav\Ko(?=ri)|choc\Ko(?=l)|bus\Ki(?=n)'
            .'|asp\Ki(?=rin)|cath\Ko(?=lic)|shakesp|salesm|cleveland|\bop\Ke(?=ra)|gu\Ke|restau|wed\Kne/';

    /** Neighbours that are two syllables, and consonants that are one without a vowel, each as one match. */
    private const HEARD = [
        '/[^aeioucgstlnx]\K(?:ia|io|iu)(?!ge)|liar|relia|[st]ri\Ka|lio(?=t)|^lion/',
        '/(?<!fr)(?<!f)(?<![ct])ie(?=nce|nt|ty|t$|ts$|tl)/',
        '/(?:[bdlmnprtvz])\Kie(?=r$|rs$|st$)(?<!old(?=ie))(?<!^[a-z](?=ie))(?<!^[a-z]{2}(?=ie))/',
        '/[aeiouy](?=ing(?:s|ly|ton)?$)|[iy]er$(?<!eyer)(?<=[aou][y]er)|oyal|\byaw/',
        '/[^gqaeo]u\K(?:a(?!nt?$|de)|e(?=l|nc|nt)|ou|ity|in$|ins$|id)/',
        '/sms?$|thms?$|[ds]n\'t$|[^aeiouyw]\'(?:ll|ve|d)$|(?:[sxzc]|ch|sh|[cgsz]e)\'s$|[aeiou]ire[ds]?$'
            .'|[a-z]ire[ds]?(?:ly)?$|^m[rs]s?$/',
        '/(?:^cr|\bid|\bar|theat|\bcr)ea(?![mskp]|tu)|rea(?=ct|li[sz]|ss)/',
        '/^(?!coo|cou|coi|coa|coe?d?s?$|co[ei]$|ree|rei[gn]|reu[bt]|rea|prea|prei)(?:re|pre|co)(?=[aeiou])/',
        '/eo(?!us|n$|ns$|u|ple|pard|p|r[gd]|ff)|oe(?=t|m|i|s?\b(?<=[^aeiou]loe|joe))|eum|iet[^$]|scie|naive|noah|chaos'
            .'|uite|uiet|ead[ay]/',
    ];

    /** So many words are remembered: texts use the same ones again and again. */
    private const REMEMBERED = 20_000;

    /** @var array<string, int> */
    private static array $known = [];

    /** @var array<string, NumberFormatter> by language */
    private static array $spellers = [];

    /** Of all words of a text; at least 1 for each word that has a letter or a digit. */
    public static function inText(string $text, string $language = 'en'): int
    {
        preg_match_all(self::WORD, $text, $matches);

        return array_sum(array_map(static fn (string $word): int => self::of($word, $language), $matches[0]));
    }

    /**
     * @param  string  $language  as a BCP 47 tag
     * @return int at least 1
     */
    public static function of(string $word, string $language = 'en'): int
    {
        if (count(self::$known) >= self::REMEMBERED) {
            self::$known = [];
        }

        return self::$known["$language $word"] ??= self::counted($word, LanguagePacks::of($language));
    }

    private static function counted(string $word, LanguagePack $pack): int
    {
        if (preg_match('/\d/', $word) === 1) {
            return self::ofNumber($word, $pack);
        }
        if ($pack->syllables->vowels !== '') {
            return self::byVowels($word, $pack);
        }
        $word = str_replace(
            '’',
            "'",
            mb_strtolower(
                (string) preg_replace('/\p{Mn}+/u', '', (string) normalizer_normalize($word, Normalizer::FORM_D)),
            ),
        );
        if (preg_match('/^[a-z\'.]+$/', $word) !== 1) {
            return max(1, self::ofOtherScript($word));
        }
        if (
            preg_match('/[aeiouy]/', $word) !== 1 &&
            preg_match('/^[a-z.]{2,5}$/', $word) === 1 &&
            ! in_array($word, ['mr', 'mrs', 'ms', 'dr', 'st'], true)
        ) {
            // Said letter by letter; only the w has more than one.
            return strlen(str_replace('.', '', $word)) + 2 * substr_count($word, 'w');
        }
        $count = preg_match_all('/[aeiouy]+/', $word) - preg_match_all(self::SILENT, $word);
        foreach (self::HEARD as $pattern) {
            $count += preg_match_all($pattern, $word);
        }

        return max(1, $count);
    }

    /** Vowels that are one syllable together, less those that are not heard. */
    private static function byVowels(string $word, LanguagePack $pack): int
    {
        $plain = mb_strtolower((string) normalizer_normalize($word, Normalizer::FORM_C));
        if ($pack->code === 'el') {
            // An accent says nothing of syllables there, but a diaeresis does.
            $plain = (string) normalizer_normalize($plain, Normalizer::FORM_D);
            $plain = (string) normalizer_normalize(
                (string) preg_replace('/\x{0301}/u', '', $plain),
                Normalizer::FORM_C,
            );
        }
        if ($pack->code === 'ar') {
            // Short vowels are not written: about two syllables to five letters, from trying.
            return max(1, (int) round(0.4 * preg_match_all('/\p{Arabic}/u', $plain)));
        }
        $count = (int) preg_match_all("/(?:{$pack->syllables->vowels})/u", $plain);
        if ($count > 1 && $pack->syllables->silent !== '') {
            $count -= (int) preg_match_all("/{$pack->syllables->silent}/u", $plain);
        }

        return max(1, $count);
    }

    private static function ofNumber(string $word, LanguagePack $pack): int
    {
        $count = 0;
        foreach (
            (array) preg_split(
                '/(\d+)/',
                str_replace(',', '', $word),
                -1,
                PREG_SPLIT_DELIM_CAPTURE | PREG_SPLIT_NO_EMPTY,
            ) as $part
        ) {
            $part = (string) $part;
            if (ctype_digit($part) && strlen($part) <= 15) {
                $spelled = (string) (self::$spellers[$pack->code] ??= new NumberFormatter(
                    $pack->code,
                    NumberFormatter::SPELLOUT,
                ))->format((int) $part);
                $count += self::inText(str_replace(['-', "\u{AD}"], [' ', ''], $spelled), $pack->code);
            } elseif (ctype_digit($part)) {
                $count += strlen($part);
            } else {
                // A point is said; an ending such as that of "3rd" is part of the number's last word.
                $count +=
                    $part === '.'
                        ? 1
                        : (preg_match('/^(?:st|nd|rd|th|s)$/', $part) === 1
                            ? 0
                            : self::inText($part, $pack->code));
            }
        }

        return max(1, $count);
    }

    private static function ofOtherScript(string $word): int
    {
        $vowels = preg_match_all('/[aeiouyæœøαεηιουωаеиоуыэюяіїєў]+/u', $word);
        $syllabic = preg_match_all('/[\p{Han}\p{Hiragana}\p{Katakana}\p{Hangul}]/u', $word);
        // Short vowels are not written there: about two syllables to five letters, from trying.
        $consonantal = preg_match_all('/[\p{Arabic}\p{Hebrew}]/u', $word);
        $rest = preg_match_all('/[\p{Devanagari}\p{Bengali}\p{Tamil}\p{Thai}]/u', $word);

        return $vowels + $syllabic + (int) round(0.4 * $consonantal) + (int) round(0.6 * $rest);
    }
}
