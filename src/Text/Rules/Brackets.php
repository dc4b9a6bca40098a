<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules;

/** Finds brackets and what belongs to them, in one pass whatever their number and depth. */
final class Brackets
{
    private const PAIRS = ['[' => ']', '{' => '}', '(' => ')'];

    /**
     * The pairs that stand in no other pair, in order. One that is never closed, or closed and never opened, is no
     * pair.
     *
     * @return list<array{int, int}> first byte, and the byte after the last
     */
    public static function outermost(string $text): array
    {
        preg_match_all('/[\[\]{}()]/', $text, $matches, PREG_OFFSET_CAPTURE);
        $open = ['[' => [], '{' => [], '(' => []];
        $pairs = [];
        foreach ($matches[0] as [$bracket, $at]) {
            if (isset(self::PAIRS[$bracket])) {
                $open[$bracket][] = $at;

                continue;
            }
            $opener = match ($bracket) {
                ']' => '[',
                '}' => '{',
                default => '(',
            };
            if ($open[$opener] === []) {
                continue;
            }
            $from = array_pop($open[$opener]);
            // Pairs close after those inside them: whatever began later is inside.
            while ($pairs !== [] && $pairs[count($pairs) - 1][0] > $from) {
                array_pop($pairs);
            }
            $pairs[] = [$from, $at + 1];
        }
        usort($pairs, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $outermost = [];
        $end = 0;
        foreach ($pairs as $pair) {
            if ($pair[0] >= $end) {
                $outermost[] = $pair;
                $end = $pair[1];
            }
        }

        return $outermost;
    }

    /** How many of a kind are opened and not closed. */
    public static function unclosed(string $text, string $opener): int
    {
        return substr_count($text, $opener) - substr_count($text, self::PAIRS[$opener]);
    }
}
