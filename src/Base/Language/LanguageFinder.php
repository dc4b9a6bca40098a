<?php

declare(strict_types=1);

namespace RapidReel\Base\Language;

use Locale;

/**
 * Tells the language of a text: by its letters where they are one language's, else by how many of its words are the
 * small ones of a language (Ingle 1976; Grefenstette 1995, "Comparing two language identification schemes"). What is
 * too short or too mixed to be told is nobody's.
 */
final class LanguageFinder
{
    /** So many words are needed before the small ones among them tell anything. */
    private const LEAST_WORDS = 8;

    /** So much of the words are small ones of a language that is told, */
    private const LEAST_SHARE = 0.16;

    /** and so many times as many as of the next. */
    private const AHEAD = 1.35;

    /** So many are of no other language: nobody else is asked for then. */
    private const SURE_SHARE = 0.3;

    /** So much of the letters are of a script that is the text's. */
    private const SCRIPT_SHARE = 0.5;

    /** Letters of one language or, where there are several, of the one of them that most is written in. */
    private const SCRIPTS = [
        'ja' => '[\p{Hiragana}\p{Katakana}]', 'zh' => '\p{Han}', 'ko' => '\p{Hangul}', 'ar' => '\p{Arabic}',
        'ru' => '\p{Cyrillic}', 'el' => '\p{Greek}', 'he' => '\p{Hebrew}', 'hi' => '\p{Devanagari}',
        'th' => '\p{Thai}', 'bn' => '\p{Bengali}', 'ta' => '\p{Tamil}', 'te' => '\p{Telugu}', 'ka' => '\p{Georgian}',
        'hy' => '\p{Armenian}', 'am' => '\p{Ethiopic}', 'km' => '\p{Khmer}',
    ];

    /** Letters that others of the same script do not have, and so much of all letters they are at least. */
    private const TELLING = [
        'ar' => ['fa' => '/[پچژگکی]/u'], 'ru' => ['uk' => '/[іїєґ]/u', 'sr' => '/[јљњћђџ]/u'],
        'hi' => ['mr' => '/[ळऱ]/u'],
    ];

    private const TELLING_SHARE = 0.02;

    /** Small words of languages of which no more is known here. */
    private const SMALL = [
        'nl' => 'de het een en van ik te dat die in is niet zijn op aan met als voor was er maar om hij zij haar naar '
            .'heb ook dan wat bij nog over werd hun deze ze uit geen wel door toen waren',
        'pl' => 'i w nie na się że z do to jest jak o po co tak za od by ale ten był była było dla już jego jej przez '
            .'tylko przy który gdy ich nikt kto',
        'sv' => 'och att det i en jag hon som han på den med var sig för så till är men ett om hade de av icke inte '
            .'mig du då sin nu har när från ut ingen där',
        'da' => 'og i jeg det at en den til er som på de med han af for ikke der var mig sig men et har om vi min '
            .'havde ham hun nu over da fra du ud hvor blev',
        'no' => 'og i jeg det at en et den til er som på de med han av ikke der så var meg seg men har om vi min hadde '
            .'hun nå over da fra du ut hvor ble',
        'fi' => 'ja on ei se että hän oli joka mutta niin kuin kun myös ovat sen siitä hänen olen ole minä vain jo '
            .'sitten tai eivät oli kaikki',
        'cs' => 'a se v na je že s z do to i o k ale jak za po byl bylo byla jsem jeho nebo jako by už který pro když '
            .'ani jen také',
        'tr' => 've bir bu da de için ile çok ama ne gibi daha o ki en sonra kadar var yok mi her olan olarak ben sen '
            .'onu değil',
        'hu' => 'a az és hogy nem is egy volt meg de csak már van mint ki el ha ez mert vagy minden aki amikor még '
            .'lett neki',
        'ro' => 'și în de la cu nu pe că o un a fost este ca din mai pentru care se lui era prin dar sau când după '
            .'nimeni',
        'id' => 'yang dan di itu dengan untuk tidak ini dari dalam akan pada juga saya ke karena tersebut bisa ada '
            .'mereka adalah oleh telah',
        'vi' => 'và của là có không một những cho được các trong đã người này với để khi đến ra như ở',
    ];

    /** @var array<string, array<string, true>> */
    private static array $small = [];

    /**
     * @param  string  $expected  what it most likely is
     * @return string|null primary part of a BCP 47 tag; null where it cannot be told
     */
    public static function of(string $text, string $expected = 'en'): ?string
    {
        $text = mb_strtolower(mb_strcut($text, 0, 20_000));
        $letters = (int) preg_match_all('/\p{L}/u', $text);
        if ($letters === 0) {
            return null;
        }

        return self::byScript($text, $letters) ?? self::byWords($text, $expected);
    }

    /**
     * The one of some languages whose small words are most among those of a text.
     *
     * @param  non-empty-list<string>  $codes  the first has it where two are level
     */
    public static function likeliest(string $text, array $codes): string
    {
        $counts = self::counted(mb_strtolower($text), $codes);
        arsort($counts);

        // A stable order: of level ones the first stays ahead.
        return (string) array_key_first($counts);
    }

    /** In English, by CLDR. */
    public static function name(string $code): string
    {
        return (string) Locale::getDisplayLanguage($code, 'en');
    }

    private static function byScript(string $text, int $letters): ?string
    {
        if (preg_match_all('/\p{Latin}/u', $text) > 0.9 * $letters) {
            return null;
        }
        foreach (self::SCRIPTS as $code => $script) {
            $count = (int) preg_match_all("/$script/u", $text);
            // Japanese is written with as many Chinese signs as with its own, and nobody else writes those.
            if ($count < ($code === 'ja' ? 0.1 : self::SCRIPT_SHARE) * $letters) {
                continue;
            }
            foreach (self::TELLING[$code] ?? [] as $other => $telling) {
                if (preg_match_all($telling, $text) > self::TELLING_SHARE * $letters) {
                    return $other;
                }
            }

            return $code;
        }

        return null;
    }

    private static function byWords(string $text, string $expected): ?string
    {
        $all = (int) preg_match_all('/\p{L}+/u', $text);
        if ($all < self::LEAST_WORDS) {
            return null;
        }
        if (self::counted($text, [$expected])[$expected] > self::SURE_SHARE * $all) {
            return $expected;
        }
        $codes = [
            ...array_map(static fn (Pack\LanguagePack $pack): string => $pack->code, LanguagePacks::all()),
            ...array_keys(self::SMALL),
        ];
        $counts = self::counted($text, $codes);
        arsort($counts);
        [$best, $next] = array_slice([...array_values($counts), 0, 0], 0, 2);

        return $best >= self::LEAST_SHARE * $all && $best >= self::AHEAD * $next
            ? (string) array_key_first($counts)
            : null;
    }

    /**
     * @param  list<string>  $codes
     * @return array<string, int> how many words of a text are small ones of each
     */
    private static function counted(string $text, array $codes): array
    {
        preg_match_all('/\p{L}+/u', $text, $found);
        $words = array_count_values($found[0]);
        $counts = [];
        foreach ($codes as $code) {
            self::$small[$code] ??= isset(self::SMALL[$code])
                ? array_fill_keys(explode(' ', self::SMALL[$code]), true)
                : LanguagePacks::of($code)->words->functionWords;
            $counts[$code] = array_sum(array_intersect_key($words, self::$small[$code]));
        }

        return $counts;
    }
}
