<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Interest;

/**
 * By how many pixels all of a picture moved since another, which is the camera's doing. Sums of columns and of rows say
 * which shifts are likely; the one with the least difference is taken, where what differs much counts no more than what
 * differs somewhat, so that a subject that moves by itself has no say.
 */
final class CameraShift
{
    private const STEP = 3;

    /** Levels of brightness from which on a difference is just a difference. */
    private const DIFFERENT = 24;

    /** As a part of a side. */
    private const FURTHEST = 0.2;

    /** A shift must explain this much more than none does, so that rest stays rest. */
    private const BETTER = 0.97;

    /**
     * @param  array{int, int}  $guess  one that was found a moment ago
     * @return array{int, int} right and down, so that the picture at (x, y) was at (x - right, y - down) before
     */
    public static function between(SmallPicture $before, SmallPicture $now, array $guess = [0, 0]): array
    {
        [$columnsBefore, $rowsBefore] = self::sums($before);
        [$columnsNow, $rowsNow] = self::sums($now);
        $across = self::likely($columnsBefore, $columnsNow);
        $down = self::likely($rowsBefore, $rowsNow);
        $tried = [];
        $best = [0, 0];
        $least = self::BETTER * ($tried['0 0'] = self::difference($before, $now, 0, 0));
        $candidates = [$guess];
        foreach ($across as $x) {
            foreach ($down as $y) {
                $candidates[] = [$x, $y];
            }
        }
        foreach ($candidates as [$x, $y]) {
            $difference = $tried["$x $y"] ??= self::difference($before, $now, $x, $y);
            if ($difference < $least) {
                [$best, $least] = [[$x, $y], $difference];
            }
        }
        for ($round = 0; $round < 4 && $best !== [0, 0]; $round++) {
            [$x, $y] = $best;
            foreach ([[$x - 1, $y], [$x + 1, $y], [$x, $y - 1], [$x, $y + 1]] as [$nextX, $nextY]) {
                $difference = $tried["$nextX $nextY"] ??= self::difference($before, $now, $nextX, $nextY);
                if ($difference < $least) {
                    [$best, $least] = [[$nextX, $nextY], $difference];
                }
            }
            if ($best === [$x, $y]) {
                break;
            }
        }

        return $best;
    }

    /** @return array{list<int>, list<int>} of columns and of rows */
    private static function sums(SmallPicture $picture): array
    {
        [$width, $height, $light] = [$picture->width, $picture->height, $picture->light];
        $columns = array_fill(0, $width, 0);
        $rows = [];
        $at = 0;
        for ($y = 0; $y < $height; $y++) {
            $sum = 0;
            for ($x = 0; $x < $width; $x++, $at++) {
                $value = $light[$at];
                $sum += $value;
                $columns[$x] += $value;
            }
            $rows[] = $sum;
        }

        return [array_values($columns), $rows];
    }

    /**
     * The three shifts at which two profiles differ least.
     *
     * @param  list<int>  $before
     * @param  list<int>  $now
     * @return list<int>
     */
    private static function likely(array $before, array $now): array
    {
        $size = count($now);
        $far = (int) max(2, self::FURTHEST * $size);
        $costs = [];
        for ($shift = -$far; $shift <= $far; $shift++) {
            $from = max(0, $shift);
            $to = min($size, $size + $shift);
            $sum = $squares = 0.0;
            for ($i = $from; $i < $to; $i++) {
                $difference = $now[$i] - $before[$i - $shift];
                $sum += $difference;
                $squares += $difference * $difference;
            }
            $count = $to - $from;
            // A light that went on everywhere is no shift.
            $costs[$shift] = $squares / $count - ($sum / $count) ** 2;
        }
        asort($costs);

        return array_slice(array_keys($costs), 0, 3);
    }

    /** The mean difference of what both show. */
    private static function difference(SmallPicture $before, SmallPicture $now, int $right, int $down): float
    {
        [$width, $height] = [$now->width, $now->height];
        [$old, $new] = [$before->light, $now->light];
        $left = max(0, $right);
        $end = min($width, $width + $right);
        $bottom = min($height, $height + $down);
        $sum = $count = 0;
        $back = $down * $width + $right;
        for ($y = max(0, $down) + 1; $y < $bottom; $y += self::STEP) {
            $row = $y * $width;
            for ($x = $left + 1; $x < $end; $x += self::STEP) {
                $difference = abs($new[$row + $x] - $old[$row + $x - $back]);
                $sum += $difference > self::DIFFERENT ? self::DIFFERENT : $difference;
                $count++;
            }
        }

        return $count === 0 ? (float) self::DIFFERENT : $sum / $count;
    }
}
