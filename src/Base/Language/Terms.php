<?php

declare(strict_types=1);

namespace RapidReel\Base\Language;

/** The words of a text that can name a picture, in a common form: lower case, common endings off, no function words. */
final class Terms
{
    private const REMEMBERED = 20_000;

    private const TEXTS_REMEMBERED = 40;

    /** @var array<string, string> */
    private static array $stems = [];

    /** @var array<string, array<array-key, string>> by language and text */
    private static array $written = [];

    /**
     * @param  string  $language  as a BCP 47 tag
     * @return list<string> in order of the text, repeated where the text repeats
     */
    public static function of(string $text, string $language = 'en'): array
    {
        $pack = LanguagePacks::of($language);
        preg_match_all('/[\p{L}\p{N}]+(?:[\'’]\p{L}+)?/u', mb_strtolower($text), $matches);
        $terms = [];
        foreach ($matches[0] as $word) {
            $word = (string) preg_replace('/[\'’]\p{L}+$/u', '', $word);
            if (mb_strlen($word) > 1 && ! isset($pack->words->functionWords[$word])) {
                $terms[] = $pack->code === 'en' ? self::stem($word) : $word;
            }
        }

        return $terms;
    }

    /**
     * Terms with the words that they stand for.
     *
     * @param  string  $language  as a BCP 47 tag
     * @return array<array-key, string> the first word of each, in lower case, by the term
     */
    public static function written(string $text, string $language = 'en'): array
    {
        $key = "$language $text";
        if (! isset(self::$written[$key])) {
            $written = [];
            preg_match_all('/[\p{L}\p{N}]+(?:[\'’]\p{L}+)?/u', $text, $matches);
            foreach ($matches[0] as $word) {
                foreach (self::of($word, $language) as $stem) {
                    $written[$stem] ??= mb_strtolower($word);
                }
            }
            // All shots of a scene have its words, one after the other.
            self::$written = [...array_slice(self::$written, -self::TEXTS_REMEMBERED), $key => $written];
        }

        return self::$written[$key];
    }

    private static function stem(string $word): string
    {
        if (count(self::$stems) >= self::REMEMBERED) {
            self::$stems = [];
        }

        return self::$stems[$word] ??= self::stemmed($word);
    }

    private static function stemmed(string $word): string
    {
        foreach (
            [
                'ies' => 'y',
                'sses' => 'ss',
                'shes' => 'sh',
                'ches' => 'ch',
                'xes' => 'x',
                'ing' => '',
                'ed' => '',
                's' => '',
            ] as $ending => $instead
        ) {
            $kept = mb_strlen($word) - mb_strlen($ending);
            if ($kept >= 3 && str_ends_with($word, $ending) && ! str_ends_with($word, 'ss')) {
                return mb_substr($word, 0, $kept).$instead;
            }
        }

        return $word;
    }
}
