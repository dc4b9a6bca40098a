<?php

declare(strict_types=1);

namespace RapidReel\Language;

/** The words of a text that can name a picture, in a common form: lower case, common endings off, no function words. */
final class Terms
{
    private const FUNCTION_WORDS = ' a an the and or but if then so as at by for from in into of off on onto out over to up with without is are was were be been being am do does did done have has had having will would can could should may might must not no nor it its he him his she her hers they them their we us our you your i me my mine this that these those there here who whom whose which what when where why how all any both each few more most other some such only own same than too very just once again also even ever never every still yet now about after before between through during above below down under until while because one two three four five six seven eight nine ten first last next new old get got go goes went come came make made say said tell told know knew thing things time way day man woman people ';

    /** @return list<string> in order of the text, repeated where the text repeats */
    public static function of(string $text): array
    {
        preg_match_all('/[\p{L}\p{N}]+(?:[\'’]\p{L}+)?/u', mb_strtolower($text), $matches);
        $terms = [];
        foreach ($matches[0] as $word) {
            $word = (string) preg_replace('/[\'’]\p{L}+$/u', '', $word);
            if (mb_strlen($word) > 1 && ! str_contains(self::FUNCTION_WORDS, " $word ")) {
                $terms[] = self::stem($word);
            }
        }

        return $terms;
    }

    private static function stem(string $word): string
    {
        foreach (['ies' => 'y', 'sses' => 'ss', 'shes' => 'sh', 'ches' => 'ch', 'xes' => 'x', 'ing' => '', 'ed' => '', 's' => ''] as $ending => $instead) {
            $kept = mb_strlen($word) - mb_strlen($ending);
            if ($kept >= 3 && str_ends_with($word, $ending) && ! str_ends_with($word, 'ss')) {
                return mb_substr($word, 0, $kept).$instead;
            }
        }

        return $word;
    }
}
