<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation;

use NumberFormatter;
use RapidReel\Base\Language\LanguageFinder;
use RapidReel\Base\Language\WrittenAs;

/** Whether the numbers of a sentence are in its translation, written as its language writes them (ICU, CLDR). */
final class Numbers
{
    /** Digits of any script, with what may part thousands and decimals; a blank alone parts two numbers. */
    private const WRITTEN = '/\p{Nd}+(?:[.,٫٬’\'\x{A0}\x{202F}]\p{Nd}+)*/u';

    /**
     * @param  string  $from  BCP 47
     * @param  string  $to  BCP 47
     * @return list<string> what is told, in words
     */
    public static function told(string $source, string $target, string $from, string $to): array
    {
        $here = self::of($target, $to);
        $foreign = self::of($target, $from);
        $told = [];
        foreach (self::of($source, $from) as $written => $number) {
            if (in_array($number, $here, true) || self::isSpelled($number, $target, $to)) {
                continue;
            }
            $told[] = in_array($number, $foreign, true)
                ? sprintf('“%s” is written %s in %s.', $written, self::written($number, $to), LanguageFinder::name(
                    WrittenAs::primary($to),
                ))
                : "The number $written is not in it.";
        }

        return $told;
    }

    /** @return array<array-key, float> by how they are written */
    private static function of(string $text, string $language): array
    {
        $numbers = [];
        $reader = new NumberFormatter($language, NumberFormatter::DECIMAL);
        preg_match_all(self::WRITTEN, $text, $found);
        foreach ($found[0] as $written) {
            $number = $reader->parse($written);
            if ($number !== false) {
                $numbers[$written] = (float) $number;
            }
        }

        return $numbers;
    }

    private static function isSpelled(float $number, string $target, string $language): bool
    {
        $spelled = (new NumberFormatter($language, NumberFormatter::SPELLOUT))->format($number);

        return is_string($spelled) && $spelled !== '' && str_contains(self::plain($target), self::plain($spelled));
    }

    private static function written(float $number, string $language): string
    {
        return (string) (new NumberFormatter($language, NumberFormatter::DECIMAL))->format($number);
    }

    /** Without blanks, soft hyphens and accents: how they are used in numbers varies. */
    private static function plain(string $text): string
    {
        $plain = transliterator_transliterate('NFD; [:M:] Remove; Lower', $text);

        return (string) preg_replace('/[\s\x{AD}\-]+/u', '', $plain === false ? $text : $plain);
    }
}
