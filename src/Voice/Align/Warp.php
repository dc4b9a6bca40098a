<?php

declare(strict_types=1);

namespace RapidReel\Voice\Align;

/**
 * Dynamic time warping (H. Sakoe and S. Chiba, 1978) within a band, with the steps (1,1), (1,0) and (0,1): which frames
 * of one sequence go with which of another, so that the sum of their Euclidean distances is least.
 */
final class Warp
{
    private const DIAGONAL = 0;

    private const DOWN = 1;

    private const ACROSS = 2;

    /**
     * @param  list<float>  $a  frame after frame
     * @param  list<float>  $b
     * @param  int  $size  numbers of a frame
     * @param  list<array{int, int}>  $band  for every frame of a the first and the last of b that it may go with;
     *                                       both ends never fall, and each overlaps or touches the one before
     */
    public static function path(array $a, array $b, int $size, array $band): WarpPath
    {
        $rows = count($band);
        $steps = [];
        $costs = [];
        $beforeFrom = 0;
        /** @var list<float> $before */
        $before = [];
        foreach ($band as $i => $reach) {
            $from = $reach[0];
            $to = $reach[1];
            $at = $i * $size;
            $row = [];
            $directions = [];
            $distances = [];
            $left = INF;
            $width = count($before);
            for ($j = $from; $j <= $to; $j++) {
                $sum = 0.0;
                $with = $j * $size;
                for ($k = 0; $k < $size; $k++) {
                    $difference = $a[$at + $k] - $b[$with + $k];
                    $sum += $difference * $difference;
                }
                $distance = sqrt($sum);
                $above = $j - $beforeFrom;
                $up = $above >= 0 && $above < $width ? $before[$above] : INF;
                $diagonal = $above >= 1 && $above <= $width ? $before[$above - 1] : INF;
                if ($i === 0 && $j === $from) {
                    $best = 0.0;
                    $direction = self::DIAGONAL;
                } elseif ($diagonal <= $up && $diagonal <= $left) {
                    $best = $diagonal;
                    $direction = self::DIAGONAL;
                } elseif ($up <= $left) {
                    $best = $up;
                    $direction = self::DOWN;
                } else {
                    $best = $left;
                    $direction = self::ACROSS;
                }
                $left = $best + $distance;
                $row[] = $left;
                $directions[] = $direction;
                $distances[] = $distance;
            }
            $steps[] = pack('C*', ...$directions);
            $costs[] = pack('f*', ...$distances);
            $before = $row;
            $beforeFrom = $from;
        }

        $firsts = array_fill(0, $rows, 0);
        $lasts = array_fill(0, $rows, 0);
        $local = array_fill(0, $rows, 0.0);
        $i = $rows - 1;
        $j = $rows === 0 ? 0 : $band[$i][1];
        $newRow = true;
        while ($i >= 0) {
            $place = $j - $band[$i][0];
            $values = unpack('f', $costs[$i], 4 * $place);
            $distance = $values === false || ! is_float($values[1]) ? 0.0 : $values[1];
            if ($newRow) {
                $lasts[$i] = $j;
            }
            $firsts[$i] = $j;
            $local[$i] = max($local[$i], $distance);
            $direction = ord($steps[$i][$place]);
            $newRow = $direction !== self::ACROSS;
            if ($direction !== self::DOWN) {
                $j--;
            }
            if ($direction !== self::ACROSS) {
                $i--;
            }
            if ($i >= 0 && $j < $band[$i][0]) {
                $j = $band[$i][0];
            }
        }

        return new WarpPath(array_values($firsts), array_values($lasts), array_values($local));
    }
}
