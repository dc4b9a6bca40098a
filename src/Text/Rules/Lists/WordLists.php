<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules\Lists;

use RapidReel\Base\Language\LanguageFinder;

/**
 * The lists of several languages in one. A script is read by the English ones, as generators write English labels into
 * texts of any language, and by those of the language most of its words are of: a "Tom" who speaks in English is no
 * tone of voice in Portuguese.
 */
final class WordLists
{
    /** @var array<string, WordList> by the codes of their languages */
    private static array $joined = [];

    public static function for(string $text): WordList
    {
        return self::join(['en', self::languageOf($text)]);
    }

    /** For a note that has lost its script. */
    public static function all(): WordList
    {
        return self::join(array_keys(self::languages()));
    }

    /** @return array<string, callable(): WordList> */
    private static function languages(): array
    {
        return [
            'en' => English::list(...), 'de' => German::list(...), 'fr' => French::list(...),
            'es' => Spanish::list(...), 'it' => Italian::list(...), 'pt' => Portuguese::list(...),
            'ar' => Arabic::list(...),
        ];
    }

    /** The language whose function words are most among the first of a text; English where none is clear. */
    private static function languageOf(string $text): string
    {
        $text = mb_strtolower(mb_strcut($text, 0, 6_000));
        if (preg_match_all('/\p{Arabic}{2,}/u', $text) >= 5) {
            return 'ar';
        }

        // English has it where two are level.
        return LanguageFinder::likeliest($text, ['en', ...array_diff(array_keys(self::languages()), ['en', 'ar'])]);
    }

    /** @param  list<string>  $codes */
    private static function join(array $codes): WordList
    {
        $codes = array_values(array_unique($codes));

        return self::$joined[implode(' ', $codes)] ??= self::merge(
            array_map(static fn (string $code): WordList => self::languages()[$code](), $codes),
        );
    }

    /** @param  list<WordList>  $lists */
    private static function merge(array $lists): WordList
    {
        return new WordList(
            new LabelWords(...self::either(array_column($lists, 'labels'))),
            new NoteWords(...self::either(array_column($lists, 'notes'))),
            new ReplyWords(...self::either(array_column($lists, 'replies'))),
            new PageWords(...self::either(array_column($lists, 'pages'))),
        );
    }

    /**
     * @param  list<object>  $groups  the same one of each language
     * @return array<array-key, string>
     */
    private static function either(array $groups): array
    {
        $fields = [];
        foreach ($groups as $group) {
            foreach (get_object_vars($group) as $field => $words) {
                $fields[$field][] = is_string($words) ? $words : '';
            }
        }

        return array_map(static fn (array $words): string => '(?:'.implode('|', $words).')', $fields);
    }
}
