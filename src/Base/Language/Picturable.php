<?php

declare(strict_types=1);

namespace RapidReel\Base\Language;

/**
 * Tells words that can be seen from those that nobody can picture, by list and by ending (common practice, no published
 * source).
 */
final class Picturable
{
    private const VAGUE = ' thing stuff aspect technique process concept idea issue factor method approach strategy '
        .'system solution result way kind sort type part element feature situation matter case problem reason fact '
        .'point theory principle value quality nature sense level term detail information knowledge experience '
        .'opportunity challenge benefit success failure mindset content context potential impact effect effort goal '
        .'purpose truth power energy freedom progress change growth topic subject tip trick hack secret lesson story '
        .'journey something anything everything nothing someone anyone everyone nobody somebody it this that these '
        .'those ';

    private const SEEN_ALL_THE_SAME = ' station ocean lion million cushion fashion companion champion mansion nation '
        .'horizon garment moment monument basement apartment ornament instrument parchment cement city witness '
        .'harness wilderness business prism university cavity electricity invention procession lotion potion eruption '
        .'explosion collision excavation plantation population fountain mountain captain ';

    /**
     * The words of a text that nobody can picture, as written, in order, each once.
     *
     * @return list<string>
     */
    public static function vague(string $text): array
    {
        preg_match_all('/[\p{L}]+(?:[\'’]\p{L}+)?/u', $text, $matches);
        $vague = [];
        foreach ($matches[0] as $word) {
            if (self::isVague(mb_strtolower($word))) {
                $vague[mb_strtolower($word)] ??= $word;
            }
        }

        return array_values($vague);
    }

    /** How many different words of a text say something that can be seen. */
    public static function seen(string $text): int
    {
        return count(array_filter(
            array_unique(Terms::of($text)),
            static fn (string $term): bool => preg_match('/^\d+$/', $term) !== 1 && ! self::isVague($term),
        ));
    }

    private static function isVague(string $word): bool
    {
        $singular = (string) preg_replace('/(?<=[a-z]{3})s$/', '', $word);
        if (str_contains(self::VAGUE, " $word ") || str_contains(self::VAGUE, " $singular ")) {
            return true;
        }

        return mb_strlen($word) > 6 &&
            preg_match('/(?:tion|sion|ness|ity|ism|ance|ence|ment|ology|acy|ship|hood|ality|ability)$/', $singular) ===
                1 &&
            ! str_contains(self::SEEN_ALL_THE_SAME, " $singular ");
    }
}
