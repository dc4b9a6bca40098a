<?php

declare(strict_types=1);

namespace RapidReel\Base\Language;

/** Where the words of a text stand in another version of it. */
final class WordPlaces
{
    /**
     * Words that are in both, in order: the longest common subsequence (D. Hirschberg, 1975, gives the recurrence).
     *
     * @return array<int, int> new number of each word that is left, by its old number
     */
    public static function between(string $before, string $after): array
    {
        return self::among(self::plain($before), self::plain($after));
    }

    /**
     * The same of any lists.
     *
     * @param  list<string>  $old
     * @param  list<string>  $new
     * @return array<int, int> new place of each that is left, by its old place, in order
     */
    public static function among(array $old, array $new): array
    {
        // What both begin and end with needs no table.
        $head = 0;
        while (isset($old[$head], $new[$head]) && $old[$head] === $new[$head]) {
            $head++;
        }
        $tail = 0;
        while (
            $tail < min(count($old), count($new)) - $head &&
            $old[count($old) - 1 - $tail] === $new[count($new) - 1 - $tail]
        ) {
            $tail++;
        }
        $places = $head === 0 ? [] : array_combine(range(0, $head - 1), range(0, $head - 1));
        $oldMiddle = array_slice($old, $head, count($old) - $head - $tail);
        $newMiddle = array_slice($new, $head, count($new) - $head - $tail);
        foreach (self::common($oldMiddle, $newMiddle) as $from => $to) {
            $places[$head + $from] = $head + $to;
        }
        for ($i = $tail; $i > 0; $i--) {
            $places[count($old) - $i] = count($new) - $i;
        }

        return $places;
    }

    /**
     * Where what belonged to a word goes on: there, with the next that is left, or the last.
     *
     * @param  array<int, int>  $places  new number of each word that is left, by its old number
     * @param  int  $count  words there are now
     */
    public static function next(array $places, int $word, int $count): int
    {
        if (isset($places[$word])) {
            return $places[$word];
        }
        $later = array_filter($places, static fn (int $old): bool => $old > $word, ARRAY_FILTER_USE_KEY);

        return $later === [] ? max(0, $count - 1) : min($later);
    }

    /**
     * @param  list<string>  $old
     * @param  list<string>  $new
     * @return array<int, int>
     */
    private static function common(array $old, array $new): array
    {
        $lengths = array_fill(0, count($old) + 1, array_fill(0, count($new) + 1, 0));
        for ($i = count($old) - 1; $i >= 0; $i--) {
            for ($j = count($new) - 1; $j >= 0; $j--) {
                $lengths[$i][$j] = $old[$i] === $new[$j]
                    ? $lengths[$i + 1][$j + 1] + 1
                    : max($lengths[$i + 1][$j], $lengths[$i][$j + 1]);
            }
        }
        $places = [];
        for ($i = $j = 0; $i < count($old) && $j < count($new);) {
            if ($old[$i] === $new[$j]) {
                $places[$i++] = $j++;
            } elseif ($lengths[$i + 1][$j] >= $lengths[$i][$j + 1]) {
                $i++;
            } else {
                $j++;
            }
        }

        return $places;
    }

    /** @return list<string> words without case and marks */
    private static function plain(string $text): array
    {
        return array_map(
            static fn (ScriptWord $word): string => (string) preg_replace(
                '/[^\p{L}\p{N}]+/u',
                '',
                mb_strtolower($word->text),
            ),
            ScriptWord::of($text),
        );
    }
}
