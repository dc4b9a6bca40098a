<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Matte;

/**
 * How much of a subject is in a pixel, and of which colour it is, as two tables over all colours.
 *
 * A pixel at an edge is a mix of the ground and a colour of the subject. Of all lines between a shade of the ground and
 * a colour of the subject the one that passes nearest says how much of each it is (the idea of M. Ruzon and C. Tomasi,
 * "Alpha Estimation in Natural Images", CVPR 2000, with one set of colours for the whole picture).
 */
final class MatteTables
{
    /** Raised whenever the same ground makes other tables than before. */
    public const VERSION = 1;

    /** Points along each side of a table. */
    private const SIZE = 33;

    /** From this much on it is the subject alone: its own colours are spread around those that stand for them. */
    private const WHOLE = 0.9;

    /** Off a colour of the subject counts less than off a line. */
    private const NEAR = 0.75;

    /** Below it nothing can be said of the colour: that of the subject is taken. */
    private const LEAST = 0.15;

    /**
     * @param  int  $spill  how much of the ground's light is taken off the subject, in percent
     * @return array{string, string} how much of the subject, in all three channels, and its colour; as .cube files
     */
    public static function of(PlainGround $ground, int $spill): array
    {
        $last = self::SIZE - 1;
        $alphas = $colours = ['LUT_3D_SIZE '.self::SIZE];
        $lines = self::lines($ground);
        $cast = self::cast($ground->colours[0]);
        for ($blue = 0; $blue <= $last; $blue++) {
            for ($green = 0; $green <= $last; $green++) {
                for ($red = 0; $red <= $last; $red++) {
                    $one = [255 * $red / $last, 255 * $green / $last, 255 * $blue / $last];
                    [$alpha, $colour] = self::mixed($one, $ground, $lines);
                    $alphas[] = sprintf('%1$.4F %1$.4F %1$.4F', $alpha);
                    $colours[] = vsprintf('%.4F %.4F %.4F', self::cleaned($colour, $cast, $spill / 100));
                }
            }
        }

        return [implode("\n", $alphas)."\n", implode("\n", $colours)."\n"];
    }

    /**
     * @param  array{float, float, float}  $one
     * @param  list<array{array{int, int, int}, array{int, int, int}, array{int, int, int}, int}>  $lines
     * @return array{float, array{float, float, float}}
     */
    private static function mixed(array $one, PlainGround $ground, array $lines): array
    {
        [$red, $green, $blue] = $one;
        $near = INF;
        $shade = $ground->colours[0];
        foreach ($ground->colours as $centre) {
            $off = ($red - $centre[0]) ** 2 + ($green - $centre[1]) ** 2 + ($blue - $centre[2]) ** 2;
            if ($off < $near) {
                [$near, $shade] = [$off, $centre];
            }
        }
        $noise = $ground->noise;
        $fromGround = sqrt($near);
        if ($fromGround <= $noise) {
            return [0.0, $ground->subject[0] ?? $one];
        }
        $best = INF;
        $alpha = 1.0;
        $from = $shade;
        $to = $one;
        foreach ($ground->subject as $centre) {
            $off = self::NEAR ** 2
                * (($red - $centre[0]) ** 2 + ($green - $centre[1]) ** 2 + ($blue - $centre[2]) ** 2);
            if ($off < $best) {
                [$best, $alpha] = [$off, 1.0];
            }
        }
        foreach ($lines as [$start, $end, $way, $length]) {
            $part = (($red - $start[0]) * $way[0] + ($green - $start[1]) * $way[1] + ($blue - $start[2]) * $way[2])
                / $length;
            if ($part <= 0.0 || $part >= 1.0) {
                continue;
            }
            $off = ($red - $start[0] - $part * $way[0]) ** 2 + ($green - $start[1] - $part * $way[1]) ** 2
                + ($blue - $start[2] - $part * $way[2]) ** 2;
            if ($off < $best) {
                [$best, $alpha, $from, $to] = [$off, $part, $start, $end];
            }
        }
        // Noise of the ground ends softly.
        $alpha *= min(1.0, ($fromGround - $noise) / $noise);
        if ($alpha >= self::WHOLE) {
            return [1.0, $one];
        }
        $colour = $alpha < self::LEAST ? $to : [
            $from[0] + ($red - $from[0]) / $alpha,
            $from[1] + ($green - $from[1]) / $alpha,
            $from[2] + ($blue - $from[2]) / $alpha,
        ];
        // The end of what is taken to be whole, drawn out so that it does not jump.
        $whole = $alpha < 0.7 ? $alpha : 0.7 + ($alpha - 0.7) * 0.3 / (self::WHOLE - 0.7);

        return [$whole, $colour];
    }

    /** @return list<array{array{int, int, int}, array{int, int, int}, array{int, int, int}, int}> */
    private static function lines(PlainGround $ground): array
    {
        $lines = [];
        foreach ($ground->colours as $start) {
            foreach ($ground->subject as $end) {
                $way = [$end[0] - $start[0], $end[1] - $start[1], $end[2] - $start[2]];
                $lines[] = [$start, $end, $way, (int) max(1, $way[0] ** 2 + $way[1] ** 2 + $way[2] ** 2)];
            }
        }

        return $lines;
    }

    /**
     * The direction of a colour away from grey, such that its share in another can be read off; null of a grey.
     *
     * @param  array{int, int, int}  $colour
     * @return array{float, float, float, float}|null and the square of its length
     */
    private static function cast(array $colour): ?array
    {
        $mean = array_sum($colour) / 3;
        $way = [$colour[0] - $mean, $colour[1] - $mean, $colour[2] - $mean];
        $length = $way[0] ** 2 + $way[1] ** 2 + $way[2] ** 2;

        return $length < 300 ? null : [$way[0], $way[1], $way[2], $length];
    }

    /**
     * @param  array{float|int, float|int, float|int}  $colour  0…255, may lie outside
     * @param  array{float, float, float, float}|null  $cast
     * @return array{float, float, float} 0…1
     */
    private static function cleaned(array $colour, ?array $cast, float $part): array
    {
        if ($cast !== null && $part > 0) {
            $mean = array_sum($colour) / 3;
            $share = (($colour[0] - $mean) * $cast[0] + ($colour[1] - $mean) * $cast[1]
                + ($colour[2] - $mean) * $cast[2]) / $cast[3];
            $off = max(0.0, $share) * $part;
            $colour = [$colour[0] - $off * $cast[0], $colour[1] - $off * $cast[1], $colour[2] - $off * $cast[2]];
        }
        $within = static fn (float|int $x): float => max(0.0, min(1.0, $x / 255));

        return [$within($colour[0]), $within($colour[1]), $within($colour[2])];
    }
}
