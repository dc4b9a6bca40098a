<?php

declare(strict_types=1);

namespace RapidReel\Captions\Typesetting;

use RapidReel\Captions\Cue\CueWord;

/**
 * In which order the words of a line stand from left to right, by the direction of their letters: runs of words of the
 * other direction keep their own (Unicode Standard Annex #9, rules L2 and N1, for whole words).
 */
final class Direction
{
    private const LEFTWARDS = '/[\p{Hebrew}\p{Arabic}\p{Syriac}\p{Thaana}\p{Nko}]/u';

    private const RIGHTWARDS = '/[\p{L}\p{Nd}]/u';

    /** Whether a text has letters that are read from the right. */
    public static function isLeftwards(string $text): bool
    {
        return preg_match(self::LEFTWARDS, $text) === 1;
    }

    /**
     * @param  list<Unit>  $units  as they are read
     * @param  non-empty-list<CueWord>  $words
     * @param  bool  $isLeftwards  whether the caption is read from the right
     * @return list<Unit> as they are seen
     */
    public static function order(array $units, array $words, bool $isLeftwards): array
    {
        $runs = [];
        foreach ($units as $unit) {
            $text = $words[$unit->word]->text;
            $own = match (true) {
                self::isLeftwards($text) => true,
                preg_match(self::RIGHTWARDS, $text) === 1 => false,
                default => $isLeftwards,
            };
            $last = count($runs) - 1;
            if ($last >= 0 && $runs[$last][0] === $own) {
                $runs[$last][1][] = $unit;
            } else {
                $runs[] = [$own, [$unit]];
            }
        }
        $seen = [];
        foreach ($isLeftwards ? array_reverse($runs) : $runs as [$own, $some]) {
            array_push($seen, ...($own ? array_reverse($some) : $some));
        }

        return $seen;
    }
}
