<?php

declare(strict_types=1);

namespace RapidReel\Base\Colour;

/** The colours that a picture is mostly made of: k-means in CIELAB (S. Lloyd, 1982), begun far apart. */
final class Palette
{
    private const COUNT = 5;

    private const ROUNDS = 8;

    /**
     * @param  non-empty-list<Lab>  $pixels
     * @return non-empty-list<array{Lab, float}> each with the share it takes up, the largest first
     */
    public static function of(array $pixels): array
    {
        $centres = self::apart($pixels);
        $shares = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $l = $a = $b = array_fill(0, count($centres), 0.0);
            $counts = array_fill(0, count($centres), 0);
            foreach ($pixels as $pixel) {
                $nearest = 0;
                $least = INF;
                foreach ($centres as $i => $centre) {
                    $off = ($pixel->l - $centre->l) ** 2 + ($pixel->a - $centre->a) ** 2
                        + ($pixel->b - $centre->b) ** 2;
                    if ($off < $least) {
                        [$nearest, $least] = [$i, $off];
                    }
                }
                $l[$nearest] += $pixel->l;
                $a[$nearest] += $pixel->a;
                $b[$nearest] += $pixel->b;
                $counts[$nearest]++;
            }
            $shares = [];
            foreach ($counts as $i => $count) {
                if ($count > 0) {
                    $centres[$i] = new Lab($l[$i] / $count, $a[$i] / $count, $b[$i] / $count);
                    $shares[$i] = $count / count($pixels);
                }
            }
        }
        arsort($shares);
        $palette = [];
        foreach ($shares as $i => $share) {
            $palette[] = [$centres[$i], (float) $share];
        }

        return $palette === [] ? [[$pixels[0], 1.0]] : $palette;
    }

    /**
     * The first is the mean, each further one the furthest from those before.
     *
     * @param  non-empty-list<Lab>  $pixels
     * @return non-empty-list<Lab>
     */
    private static function apart(array $pixels): array
    {
        $count = count($pixels);
        $sum = static fn (string $axis): float => array_sum(array_column($pixels, $axis)) / $count;
        $centres = [new Lab($sum('l'), $sum('a'), $sum('b'))];
        $off = array_fill(0, $count, INF);
        while (count($centres) < self::COUNT) {
            $last = $centres[count($centres) - 1];
            $furthest = 0;
            foreach ($pixels as $i => $pixel) {
                $distance = ($pixel->l - $last->l) ** 2 + ($pixel->a - $last->a) ** 2 + ($pixel->b - $last->b) ** 2;
                $off[$i] = min($off[$i], $distance);
                $furthest = $off[$i] > $off[$furthest] ? $i : $furthest;
            }
            $centres[] = $pixels[$furthest];
        }

        return $centres;
    }
}
