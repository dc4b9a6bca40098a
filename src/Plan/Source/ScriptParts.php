<?php

declare(strict_types=1);

namespace RapidReel\Plan\Source;

use RapidReel\Text\Cleanup\Form\Talk;
use RapidReel\Text\Cleanup\ScriptReader;
use RapidReel\Text\Rules\Labels;
use RapidReel\Text\Rules\Lists\WordLists;
use RapidReel\Text\Rules\Marks;
use RapidReel\Text\Script\UnusableScript;

/**
 * Parts a text into scripts at its lines of three or more hyphens. Such a line also underlines headings, closes a head
 * of "key: value", and parts a writer's talk from the script: what says nothing stays with the script beside it.
 */
final class ScriptParts
{
    private const RULE = '/^[ \t]*-{3,}[ \t]*$/';

    private const FACTS = '/^(?:[\p{L}][\p{L}\p{N} _.-]{0,40}:(?:\s.*)?|-\s.*|#.*|\s*)$/u';

    /** @return list<array{head: string, text: string}> a script's head as "key: value", and all else of it */
    public static function of(string $text): array
    {
        $parts = self::joined(self::cut($text));
        $scripts = [];
        [$head, $facts] = ['', ''];
        foreach ($parts as $i => [$part, $isBetween]) {
            if ($head === '' && FrontMatter::isHeadAlone($part)) {
                $head = $part;
            } elseif ($facts === '' && $isBetween && isset($parts[$i + 1]) && self::isFacts($part)) {
                [$known, $others] = self::sorted($part);
                $head = trim("$head\n$known");
                $facts = $others === '' ? '' : "---\n$others\n---\n\n";
            } else {
                $scripts[] = ['head' => $head, 'text' => $facts.$part];
                [$head, $facts] = ['', ''];
            }
        }
        if ($head.$facts !== '') {
            $scripts[] = ['head' => '', 'text' => trim($facts === '' ? $head : "$head\n\n$facts")];
        }

        return $scripts;
    }

    /** @return list<array{string, bool}> what stands between rules, and whether there is one before it too */
    private static function cut(string $text): array
    {
        $parts = [];
        $part = [];
        $isBetween = false;
        $add = static function (bool $next) use (&$parts, &$part, &$isBetween): void {
            $whole = HeadLists::spelledOut(trim(implode("\n", $part)));
            if ($whole !== '') {
                $parts[] = [$whole, $isBetween];
            }
            [$part, $isBetween] = [[], $next];
        };
        $isFenced = false;
        foreach (explode("\n", $text) as $line) {
            $isFenced = preg_match('/^\s*```/', $line) === 1 ? ! $isFenced : $isFenced;
            if (! $isFenced && preg_match(self::RULE, $line) === 1 && ! self::underlines($part)) {
                $add(true);
            } else {
                $part[] = $line;
            }
        }
        $add(false);

        return $parts;
    }

    /**
     * Whether a rule right under these lines underlines the last of them.
     *
     * @param  list<string>  $lines
     */
    private static function underlines(array $lines): bool
    {
        $last = trim((string) end($lines));

        return $last !== '' && mb_strlen($last) <= 60 && (new Labels(WordLists::for($last)))->areAll($last);
    }

    /**
     * @param  list<array{string, bool}>  $parts
     * @return list<array{string, bool}>
     */
    private static function joined(array $parts): array
    {
        $joined = [];
        foreach ($parts as [$part, $isBetween]) {
            $isHead = FrontMatter::isHeadAlone($part) || ($isBetween && self::isFacts($part));
            [$before, $wasBetween] = array_pop($joined) ?? [null, false];
            if ($before !== null && ! $isHead
                && (self::isTalk($before, after: $part) || self::isTalk($part, before: $before))) {
                $joined[] = ["$before\n\n---\n\n$part", $wasBetween];

                continue;
            }
            if ($before !== null) {
                $joined[] = [$before, $wasBetween];
            }
            $joined[] = [$part, $isBetween];
        }

        return $joined;
    }

    /** Whether a part says nothing beside the one that stands before or after it. */
    private static function isTalk(string $part, string $before = '', string $after = ''): bool
    {
        if (FrontMatter::isHeadAlone($part)) {
            return false;
        }
        $own = explode("\n", $part);
        $above = $before === '' ? [] : [...explode("\n", $before), '', '---', ''];
        $below = $after === '' ? [] : ['', '---', '', ...explode("\n", $after)];
        $lines = [...$above, ...$own, ...$below];
        $words = WordLists::for(implode("\n", $lines));
        $talk = (new Talk($words, new Labels($words)))->among($lines);
        $from = count($above);
        $rest = array_filter($own, static fn (int $i): bool => ! isset($talk[$from + $i]), ARRAY_FILTER_USE_KEY);
        $left = trim(implode("\n", $rest));
        if ($left === '' || count($rest) === count($own)) {
            return $left === '';
        }
        try {
            (new ScriptReader)->read($left, mostWords: PHP_INT_MAX);
        } catch (UnusableScript) {
            return true;
        }

        return false;
    }

    public static function isFacts(string $part): bool
    {
        foreach (explode("\n", $part) as $line) {
            if (preg_match(self::FACTS, $line) !== 1 || Marks::ends($line)) {
                return false;
            }
        }

        return true;
    }

    /** @return array{string, string} lines with keys of ours, and the others */
    private static function sorted(string $part): array
    {
        $lines = explode("\n", $part);
        $isKnown = static fn (string $line): bool => preg_match('/^([\p{L}_ -]+?)\s*:/u', $line, $key) === 1
            && FrontMatter::keyOf($key[1]) !== null;
        $known = array_filter($lines, $isKnown);

        return [trim(implode("\n", $known)), trim(implode("\n", array_diff_key($lines, $known)))];
    }
}
