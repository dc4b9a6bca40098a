<?php

declare(strict_types=1);

namespace RapidReel\Plan\Source;

/**
 * Lists in the head of a script, as YAML writes them (YAML 1.2, 8.2.1 block sequences, 7.4.1 flow sequences, 8.1 block
 * scalars): brought to one line "key: value" for each of their items, as heads are read here.
 */
final class HeadLists
{
    /** Keys whose items are one value together. */
    private const TOGETHER = ['tags', 'keywords'];

    /** The same text with the lists of its head spelled out; everything after the head stays as it is. */
    public static function spelledOut(string $text): string
    {
        $lines = explode("\n", $text);
        $head = [];
        $at = 0;
        while ($at < count($lines)
            && preg_match('/^([\p{L}_ -]{3,20}?)\s*:\s*(.*)$/u', trim($lines[$at]), $found) === 1
            && FrontMatter::keyOf($found[1]) !== null) {
            [, $key, $value] = $found;
            $items = self::within($value);
            $next = $at + 1;
            if ($items === [] && preg_match('/^(?:[|>][+-]?)?$/', $value) === 1) {
                [$items, $next] = self::below($lines, $next, $value === '');
            }
            array_push($head, ...($items === [] ? [$lines[$at]] : self::lines($key, $items)));
            $at = $next;
        }

        return implode("\n", [...$head, ...array_slice($lines, $at)]);
    }

    /**
     * @param  list<string>  $items
     * @return list<string>
     */
    private static function lines(string $key, array $items): array
    {
        $plain = mb_strtolower(trim($key));
        if (in_array($plain, self::TOGETHER, true)) {
            return ["$key: ".implode(', ', $items)];
        }

        return array_map(static fn (string $item): string => "$key: $item", $items);
    }

    /** @return list<string> items of a sequence in brackets on the line of its key */
    private static function within(string $value): array
    {
        if (preg_match('/^\[(.+)\]$/us', trim($value), $found) !== 1) {
            return [];
        }
        preg_match_all('/\s*("(?:[^"\\\\]|\\\\.)*"|\'(?:[^\']|\'\')*\'|[^,]+?)\s*(?:,|$)/u', $found[1], $items);

        return array_values(array_filter(array_map(self::plain(...), $items[1]), self::isFilled(...)));
    }

    /**
     * @param  list<string>  $lines
     * @param  bool  $isList  whether items begin with a hyphen, else each indented line is one
     * @return array{list<string>, int} items, and the line after them
     */
    private static function below(array $lines, int $at, bool $isList): array
    {
        $pattern = $isList ? '/^\s*-\s+(\S.*)$/u' : '/^\s+(\S.*)$/u';
        $items = [];
        while ($at < count($lines) && preg_match($pattern, $lines[$at], $found) === 1) {
            $items[] = self::plain($found[1]);
            $at++;
        }

        return [array_values(array_filter($items, self::isFilled(...))), $at];
    }

    private static function isFilled(string $item): bool
    {
        return $item !== '';
    }

    /** A value without the quotation marks around it. */
    private static function plain(string $value): string
    {
        $value = trim($value);

        return match (1) {
            preg_match('/^"(.*)"$/us', $value, $found) => str_replace('\\"', '"', $found[1]),
            preg_match("/^'(.*)'$/us", $value, $found) => str_replace("''", "'", $found[1]),
            default => $value,
        };
    }
}
