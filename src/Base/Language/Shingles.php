<?php

declare(strict_types=1);

namespace RapidReel\Base\Language;

/**
 * How alike two texts are, by the runs of words they share: w-shingling and resemblance (A. Broder, "On the resemblance
 * and containment of documents", 1997).
 */
final class Shingles
{
    /** Runs of this many words tell whole scripts apart. */
    public const SCRIPT = 4;

    /** A hook is short; its runs are too. */
    public const HOOK = 2;

    /**
     * The shingles of a text as numbers, each once. Case, marks and signs do not count; a text shorter than a shingle
     * is one.
     *
     * @return list<int> 32 bits each, rising
     */
    public static function of(string $text, int $width): array
    {
        // Most texts are plain, and the long way is slow.
        $plain = preg_match('/[^\x00-\x7F]/', $text) !== 1 ? strtolower($text) : mb_strtolower(
            (string) preg_replace('/\p{Mn}+/u', '', (string) normalizer_normalize($text, \Normalizer::FORM_D)),
        );
        preg_match_all('/[\p{L}\p{N}]+/u', str_replace(["'", '’'], '', $plain), $matches);
        $words = $matches[0];
        $numbers = [];
        $line = implode(' ', $words);
        $ends = [];
        $end = -1;
        foreach ($words as $word) {
            $ends[] = $end += strlen($word) + 1;
        }
        for ($i = 0, $count = count($words), $last = max(0, $count - $width); $words !== [] && $i <= $last; $i++) {
            $start = $i === 0 ? 0 : $ends[$i - 1] + 1;
            $numbers[crc32(substr($line, $start, $ends[min($count, $i + $width) - 1] - $start))] = true;
        }
        $numbers = array_keys($numbers);
        sort($numbers);

        return $numbers;
    }

    /**
     * |a ∩ b| ÷ |a ∪ b|
     *
     * @param  list<int>  $a
     * @param  list<int>  $b
     * @return float 0…1; 0 where either is empty
     */
    public static function resemblance(array $a, array $b): float
    {
        if ($a === [] || $b === []) {
            return 0.0;
        }
        $shared = count(array_intersect_key(array_flip($a), array_flip($b)));

        return $shared / (count($a) + count($b) - $shared);
    }
}
