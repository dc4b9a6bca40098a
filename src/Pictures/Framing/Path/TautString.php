<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Path;

/**
 * The shortest line through a tube: it holds still wherever the tube lets it and never turns without need. The taut
 * string of L. Davies and A. Kovac, "Local Extremes, Runs, Strings and Multiresolution", Annals of Statistics 29
 * (2001); here by the funnel of convex hulls that both walls span, with both ends free.
 */
final class TautString
{
    /**
     * @param  non-empty-list<float>  $low
     * @param  non-empty-list<float>  $high  nowhere below the low one
     * @return non-empty-list<float> a value for every moment, between both
     */
    public static function through(array $low, array $high): array
    {
        $last = count($low) - 1;
        // A still line as long as it goes: where it begins is where the first wall that it cannot pass stands.
        $start = self::still($low, $high, 0, 1);
        if ($start === null) {
            // The middle of what is free for all.
            return array_fill(0, $last + 1, (max($low) + min($high)) / 2);
        }
        $end = self::still($low, $high, $last, -1);
        [$startAt, $startValue] = $start;
        [$endAt, $endValue] = $end ?? [$last, $startValue];
        $knots = [[$startAt, $startValue], ...self::between($low, $high, $startAt, $startValue, $endAt, $endValue)];
        $line = [];
        for ($i = 0; $i < $startAt; $i++) {
            $line[] = $startValue;
        }
        for ($k = 1, $count = count($knots); $k < $count; $k++) {
            [$fromAt, $fromValue] = $knots[$k - 1];
            [$toAt, $toValue] = $knots[$k];
            for ($i = $fromAt; $i < $toAt; $i++) {
                $line[] = $fromValue + ($toValue - $fromValue) * ($i - $fromAt) / ($toAt - $fromAt);
            }
        }
        for ($i = count($line); $i <= $last; $i++) {
            $line[] = $endValue;
        }

        return $line === [] ? [$startValue] : $line;
    }

    /**
     * The last moment, seen from one end, at which a still line touches a wall before another wall forces it to move.
     *
     * @param  non-empty-list<float>  $low
     * @param  non-empty-list<float>  $high
     * @return array{int, float}|null none where it need never move
     */
    private static function still(array $low, array $high, int $from, int $step): ?array
    {
        $floor = $low[$from];
        $ceiling = $high[$from];
        $floorAt = $ceilingAt = $from;
        for ($i = $from; isset($low[$i]); $i += $step) {
            if ($low[$i] > $ceiling) {
                return [$ceilingAt, $ceiling];
            }
            if ($high[$i] < $floor) {
                return [$floorAt, $floor];
            }
            if ($low[$i] >= $floor) {
                [$floor, $floorAt] = [$low[$i], $i];
            }
            if ($high[$i] <= $ceiling) {
                [$ceiling, $ceilingAt] = [$high[$i], $i];
            }
        }

        return null;
    }

    /**
     * The knots after the first: at each, the straight way on is bent by a wall.
     *
     * @param  non-empty-list<float>  $low
     * @param  non-empty-list<float>  $high
     * @return list<array{int, float}>
     */
    private static function between(array $low, array $high, int $at, float $value, int $endAt, float $end): array
    {
        $low[$endAt] = $high[$endAt] = $end;
        $knots = [];
        while ($at < $endAt) {
            $steepest = INF;
            $flattest = -INF;
            $steepestAt = $flattestAt = $at;
            $next = null;
            for ($i = $at + 1; $i <= $endAt; $i++) {
                $toHigh = ($high[$i] - $value) / ($i - $at);
                $toLow = ($low[$i] - $value) / ($i - $at);
                if ($toLow > $steepest) {
                    $next = [$steepestAt, $high[$steepestAt]];
                    break;
                }
                if ($toHigh < $flattest) {
                    $next = [$flattestAt, $low[$flattestAt]];
                    break;
                }
                if ($toHigh <= $steepest) {
                    [$steepest, $steepestAt] = [$toHigh, $i];
                }
                if ($toLow >= $flattest) {
                    [$flattest, $flattestAt] = [$toLow, $i];
                }
            }
            $next ??= [$endAt, $end];
            $knots[] = $next;
            [$at, $value] = $next;
        }

        return $knots;
    }
}
