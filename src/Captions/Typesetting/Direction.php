<?php

declare(strict_types=1);

namespace RapidReel\Captions\Typesetting;

use RapidReel\Base\Language\UnspacedWords;
use RapidReel\Base\Language\WrittenAs;
use RapidReel\Captions\Cue\CueWord;

/** From which side captions are read, and in which order their words stand on a line (Unicode Standard Annex #9). */
final class Direction
{
    private const OTHER_WAY = '[\p{Hebrew}\p{Arabic}\p{Syriac}\p{Thaana}\p{Nko}]';

    private const LEFTWARDS = '/(?=\p{L})'.self::OTHER_WAY.'/u';

    /** Letters and digits that another stands to the left of. */
    private const TURNED = '/'.self::OTHER_WAY.'/u';

    /** Whether a text has letters that are read from the right. */
    public static function isLeftwards(string $text): bool
    {
        return preg_match(self::LEFTWARDS, $text) === 1;
    }

    /**
     * Whether a caption is read from the right: where its language is, also if it begins with a name of another; else
     * by its first letter (P2 and P3).
     *
     * @param  list<CueWord>  $words
     */
    public static function ofCaption(array $words, string $language): bool
    {
        if (WrittenAs::isFromTheRight($language)) {
            return true;
        }
        foreach ($words as $word) {
            if (preg_match('/\p{L}/u', $word->text, $found) === 1) {
                return self::isLeftwards($found[0]);
            }
        }

        return false;
    }

    /**
     * @param  list<Unit>  $units  as they are read
     * @param  non-empty-list<CueWord>  $words
     * @param  bool  $isLeftwards  whether the caption is read from the right
     * @return list<Unit> as they are seen, from left to right
     */
    public static function order(array $units, array $words, bool $isLeftwards): array
    {
        $texts = array_map(static fn (Unit $unit): string => $words[$unit->word]->text, $units);
        $line = '';
        $spans = [];
        foreach ($texts as $i => $text) {
            $line .= $i === 0 ? '' : UnspacedWords::between($texts[$i - 1], $text);
            $spans[] = [mb_strlen($line), mb_strlen($text)];
            $line .= $text;
        }
        if (! $isLeftwards && preg_match(self::TURNED, $line) !== 1) {
            return $units;
        }
        $seen = self::seen(BidiLevels::of($line, $isLeftwards ? 1 : 0));
        $left = [];
        foreach ($spans as $i => [$from, $length]) {
            $left[$i] = self::leftmost($texts[$i], array_slice($seen, $from, $length));
        }
        asort($left);

        return array_map(static fn (int $i): Unit => $units[$i], array_keys($left));
    }

    /**
     * A mark at the edge of a word may stand apart from it: it is where its letters are.
     *
     * @param  list<int>  $places  of its characters
     */
    private static function leftmost(string $text, array $places): int
    {
        $letters = array_filter(
            mb_str_split($text), static fn (string $one): bool => preg_match('/[\p{L}\p{N}]/u', $one) === 1,
        );

        return min([PHP_INT_MAX, ...($letters === [] ? $places : array_intersect_key($places, $letters))]);
    }

    /**
     * L2: from the highest level down, whatever is at it or above is turned.
     *
     * @param  list<int>  $levels
     * @return list<int> place of each character, from the left
     */
    private static function seen(array $levels): array
    {
        $order = array_keys($levels);
        for ($level = max([0, ...$levels]); $level >= 1; $level--) {
            $turned = $run = [];
            foreach ($order as $at) {
                if ($levels[$at] >= $level) {
                    $run[] = $at;

                    continue;
                }
                array_push($turned, ...array_reverse($run), ...[$at]);
                $run = [];
            }
            $order = [...$turned, ...array_reverse($run)];
        }
        $seen = array_flip($order);
        ksort($seen);

        return array_values($seen);
    }
}
