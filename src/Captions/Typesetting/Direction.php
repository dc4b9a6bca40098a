<?php

declare(strict_types=1);

namespace RapidReel\Captions\Typesetting;

use RapidReel\Captions\Cue\CueWord;

/**
 * In which order the words of a line stand from left to right, by the direction of their letters (Unicode Standard
 * Annex #9, rules W7, N1, N2, I1, I2 and L2, for whole words and the blanks between them).
 */
final class Direction
{
    private const LEFTWARDS = '/[\p{Hebrew}\p{Arabic}\p{Syriac}\p{Thaana}\p{Nko}]/u';

    private const RIGHTWARDS = '/\p{L}/u';

    private const NUMBER = '/\p{Nd}/u';

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
        $levels = self::levels(
            array_map(static fn (Unit $unit): string => $words[$unit->word]->text, $units), $isLeftwards ? 1 : 0,
        );
        $seen = [];
        // Words at even places, blanks at odd ones; from the highest level down, whatever is at it or above is turned.
        $order = array_keys($levels);
        for ($level = max([0, ...$levels]); $level >= 1; $level--) {
            $order = self::turned($order, $levels, $level);
        }
        foreach ($order as $at) {
            if ($at % 2 === 0) {
                $seen[] = $units[intdiv($at, 2)];
            }
        }

        return $seen;
    }

    /**
     * @param  list<string>  $texts  of words
     * @return list<int> level of each word, and of the blank after each but the last
     */
    private static function levels(array $texts, int $base): array
    {
        // True from the right, false from the left, null for a number, which goes either way.
        $strong = $base === 1;
        $own = [];
        foreach ($texts as $text) {
            $isNumber = preg_match(self::RIGHTWARDS, $text) !== 1 && preg_match(self::NUMBER, $text) === 1;
            $is = match (true) {
                self::isLeftwards($text) => true,
                preg_match(self::RIGHTWARDS, $text) === 1 => false,
                default => null,
            };
            // W7: after letters from the left a number is like them.
            $own[] = $is ?? ($isNumber ? ($strong ? 'number' : false) : null);
            $strong = $is ?? $strong;
        }
        $sides = self::sides($own, $base === 1);
        $levels = [];
        foreach ($own as $i => $is) {
            $levels[] = $is === 'number' ? 2 : self::level($is ?? $sides[$i][0], $base);
            if ($i < count($own) - 1) {
                $levels[] = self::level($sides[$i][1], $base);
            }
        }

        return $levels;
    }

    /**
     * N1 and N2: what has no direction takes that of both its sides, where they are the same, else that of the whole.
     *
     * @param  list<bool|string|null>  $own
     * @return list<array{bool, bool}> that of each word that has none, and of the blank after each
     */
    private static function sides(array $own, bool $base): array
    {
        $isFrom = static fn (bool|string|null $is): ?bool => is_bool($is) || $is === null ? $is : true;
        $before = $after = [];
        $last = $base;
        foreach ($own as $i => $is) {
            $before[$i] = $last;
            $last = $isFrom($is) ?? $last;
        }
        $next = $base;
        for ($i = count($own) - 1; $i >= 0; $i--) {
            $after[$i] = $next;
            $next = $isFrom($own[$i]) ?? $next;
        }
        $sides = [];
        foreach ($own as $i => $is) {
            $left = $isFrom($is) ?? $before[$i];
            $right = $after[$i];
            $sides[] = [
                $before[$i] === $after[$i] ? $before[$i] : $base, $left === $right ? $left : $base,
            ];
        }

        return $sides;
    }

    /** I1 and I2. */
    private static function level(bool $isLeftwards, int $base): int
    {
        return $isLeftwards ? 1 : 2 * $base;
    }

    /**
     * L2.
     *
     * @param  list<int>  $order
     * @param  list<int>  $levels
     * @return list<int>
     */
    private static function turned(array $order, array $levels, int $level): array
    {
        $turned = $run = [];
        foreach ($order as $at) {
            if ($levels[$at] >= $level) {
                $run[] = $at;

                continue;
            }
            array_push($turned, ...array_reverse($run), ...[$at]);
            $run = [];
        }
        array_push($turned, ...array_reverse($run));

        return $turned;
    }
}
