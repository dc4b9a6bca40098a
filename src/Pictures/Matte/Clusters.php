<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Matte;

/** A few colours that stand for many, in the picture's own red, green and blue: k-means (S. Lloyd, 1982). */
final class Clusters
{
    private const ROUNDS = 6;

    /**
     * @param  non-empty-list<array{int, int, int}>  $pixels
     * @return non-empty-list<array{int, int, int}> the one that most are near first
     */
    public static function of(array $pixels, int $count): array
    {
        // Each begins furthest from those before.
        $centres = [self::mean($pixels)];
        $least = array_fill(0, count($pixels), PHP_INT_MAX);
        while (count($centres) < $count) {
            $last = $centres[count($centres) - 1];
            $furthest = 0;
            foreach ($pixels as $i => $one) {
                $least[$i] = min($least[$i], self::off($one, $last));
                $furthest = $least[$i] > $least[$furthest] ? $i : $furthest;
            }
            if ($least[$furthest] === 0) {
                break;
            }
            $centres[] = $pixels[$furthest];
        }
        $members = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $members = [];
            foreach ($pixels as $one) {
                $members[self::nearest($one, $centres)][] = $one;
            }
            foreach ($members as $i => $of) {
                $centres[$i] = self::mean($of);
            }
        }
        uasort($members, static fn (array $a, array $b): int => count($b) <=> count($a));

        return array_map(static fn (int $i): array => $centres[$i], array_keys($members));
    }

    /**
     * @param  non-empty-list<array{int, int, int}>  $pixels
     * @return array{int, int, int}
     */
    public static function mean(array $pixels): array
    {
        $count = count($pixels);
        $of = static fn (int $part): int => (int) round(array_sum(array_column($pixels, $part)) / $count);

        return [$of(0), $of(1), $of(2)];
    }

    /**
     * How far one lies from the nearest of some.
     *
     * @param  array{int, int, int}  $one
     * @param  non-empty-list<array{int, int, int}>  $centres
     */
    public static function distance(array $one, array $centres): float
    {
        return sqrt(min(array_map(static fn (array $centre): int => self::off($one, $centre), $centres)));
    }

    /**
     * @param  array{int, int, int}  $one
     * @param  array{int, int, int}  $other
     * @return int square of the distance
     */
    public static function off(array $one, array $other): int
    {
        return ($one[0] - $other[0]) ** 2 + ($one[1] - $other[1]) ** 2 + ($one[2] - $other[2]) ** 2;
    }

    /**
     * @param  array{int, int, int}  $one
     * @param  non-empty-array<int, array{int, int, int}>  $centres
     */
    private static function nearest(array $one, array $centres): int
    {
        $near = 0;
        $least = PHP_INT_MAX;
        foreach ($centres as $i => $centre) {
            $off = self::off($one, $centre);
            if ($off < $least) {
                [$near, $least] = [$i, $off];
            }
        }

        return $near;
    }
}
