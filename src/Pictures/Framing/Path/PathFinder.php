<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Path;

use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\FrameWindow;
use RapidReel\Pictures\Framing\Interest\InterestMap;

/**
 * Finds the frame path through a map of interest: the best place at every moment, then the hand of somebody who holds
 * the camera still as long as the subject stays in, and moves gently when it must. Each shot of a clip is framed by
 * itself.
 */
final class PathFinder
{
    /** Between two points of a path. */
    private const POINT_MS = 40;

    /** Corners are rounded over so long. */
    private const EASE_MS = 900;

    /** From a pin the window is back on its own way after so long. */
    private const RETURN_MS = 1_000;

    /** Two shots that meet are so far apart in a path. */
    private const CUT_MS = 1;

    /** Points are left out where the line is nowhere further off: fractions of the source. */
    private const OFF = 0.00015;

    /** @return FramePath from a moment of the clip to another, in ms of the clip */
    public static function find(InterestMap $map, int $fromMs, int $toMs, PathRules $rules): FramePath
    {
        $toMs = max($fromMs + 1, $toMs);
        $largest = self::largest($map, $rules->aspect);
        $scale = $largest / $rules->close;
        $width = FrameWindow::width($scale, $map->width, $map->height, $rules->aspect);
        $points = [];
        $pins = $rules->sortedPins();
        foreach ($map->shots as $number => $startMs) {
            $startMs = max($startMs, $fromMs);
            $endMs = min($map->shots[$number + 1] ?? $toMs, $toMs);
            if ($endMs <= $startMs) {
                continue;
            }
            $first = min($map->moments() - 1, (int) ceil($startMs / $map->stepMs));
            $end = max($first + 1, min($map->moments(), (int) ceil($endMs / $map->stepMs)));
            $cut = static fn (array $profiles): array => array_slice($profiles, $first, $end - $first);
            /** @var non-empty-list<string> $across */
            $across = $cut($map->across);
            /** @var non-empty-list<string> $down */
            $down = $cut($map->down);
            $x = Line::through($across, $width, $map->stepMs, $rules->isStill);
            $y = Line::through($down, $scale, $map->stepMs, $rules->isStill);
            $inside = array_values(array_filter(
                $pins,
                static fn (Pin $pin): bool => $pin->ms >= $startMs && $pin->ms < $endMs,
            ));
            $windows = self::windows($x, $y, $scale, $first * $map->stepMs, $map->stepMs, $startMs, $endMs);
            if ($inside !== []) {
                $windows = PinnedPath::through($windows, $inside, $largest, $map, $rules->aspect, self::RETURN_MS);
            }
            foreach (self::simpler($windows) as $ms => $window) {
                $points[$ms === $endMs && $endMs > $startMs + self::CUT_MS ? $endMs - self::CUT_MS : $ms] = $window;
            }
        }
        ksort($points);

        if ($points === []) {
            return FramePath::centred($map->width, $map->height, $rules->aspect);
        }
        $path = new FramePath($points);

        return $path->isStill() ? new FramePath([0 => reset($points)]) : $path;
    }

    /** Height of the largest window of an aspect, as a fraction of the source's. */
    public static function largest(InterestMap $map, float $aspect): float
    {
        return min(1.0, $map->width / ($map->height * $aspect));
    }

    /** How much of the interest the window of a path holds, in the middle of all moments of a time: 0…1. */
    public static function held(InterestMap $map, FramePath $path, int $fromMs, int $toMs, float $aspect): float
    {
        $held = [];
        for ($ms = $fromMs; $ms < $toMs; $ms += $map->stepMs) {
            $moment = min($map->moments() - 1, intdiv($ms, $map->stepMs));
            $window = $path->at($ms);
            $width = FrameWindow::width($window->scale, $map->width, $map->height, $aspect);
            $held[] = min(
                self::inside($map->across[$moment], $window->x, $width),
                self::inside($map->down[$moment], $window->y, $window->scale),
            );
        }
        sort($held);

        return $held === [] ? 1.0 : $held[intdiv(count($held), 2)];
    }

    private static function inside(string $profile, float $middle, float $width): float
    {
        $size = strlen($profile);
        $from = max(0, (int) round(($middle - $width / 2) * $size));
        $inside = $whole = 0;
        for ($i = 0; $i < $size; $i++) {
            $value = ord($profile[$i]);
            $whole += $value;
            $inside += $i >= $from && $i < $from + $width * $size ? $value : 0;
        }

        return $whole === 0 ? 1.0 : $inside / $whole;
    }

    /**
     * Points of the eased lines, from the start of a shot to its end.
     *
     * @param  non-empty-list<float>  $x
     * @param  non-empty-list<float>  $y
     * @return non-empty-array<int, FrameWindow>
     */
    private static function windows(
        array $x,
        array $y,
        float $scale,
        int $firstMs,
        int $stepMs,
        int $startMs,
        int $endMs,
    ): array {
        $times = [];
        for ($ms = $startMs; $ms < $endMs; $ms += self::POINT_MS) {
            $times[] = $ms;
        }
        $times[] = $endMs;
        $x = self::eased($x, $times, $firstMs, $stepMs);
        $y = self::eased($y, $times, $firstMs, $stepMs);
        $windows = [];
        foreach ($times as $i => $ms) {
            $windows[$ms] = new FrameWindow($x[$i], $y[$i], $scale);
        }

        return $windows;
    }

    /**
     * @param  non-empty-list<float>  $line
     * @param  non-empty-list<int>  $times
     * @return non-empty-list<float>
     */
    private static function eased(array $line, array $times, int $firstMs, int $stepMs): array
    {
        $last = count($line) - 1;
        if (max($line) === min($line)) {
            return array_fill(0, count($times), $line[0]);
        }
        // A bell of two boxes: speed changes evenly.
        $reach = (int) (self::EASE_MS / 2 / self::POINT_MS);
        $weights = [];
        for ($i = -$reach; $i <= $reach; $i++) {
            $weights[] = $reach + 1 - abs($i);
        }
        $whole = array_sum($weights);
        $at = static function (float $ms) use ($line, $last, $firstMs, $stepMs): float {
            $place = max(0.0, min((float) $last, ($ms - $firstMs) / $stepMs));
            $before = (int) $place;

            return $line[$before] + ($place - $before) * ($line[min($last, $before + 1)] - $line[$before]);
        };
        $eased = [];
        foreach ($times as $ms) {
            $sum = 0.0;
            foreach ($weights as $i => $weight) {
                $sum += $weight * $at($ms + ($i - $reach) * self::POINT_MS);
            }
            $eased[] = $sum / $whole;
        }

        return $eased;
    }

    /**
     * Without the points that lie on the line between others (D. Douglas and T. Peucker, 1973).
     *
     * @param  non-empty-array<int, FrameWindow>  $windows
     * @return non-empty-array<int, FrameWindow>
     */
    private static function simpler(array $windows): array
    {
        $times = array_keys($windows);
        $last = count($times) - 1;
        $kept = [$times[0] => true, $times[$last] => true];
        $open = [[0, $last]];
        while ($open !== []) {
            [$from, $to] = array_pop($open);
            $start = $windows[$times[$from]];
            $end = $windows[$times[$to]];
            $span = max(1, $times[$to] - $times[$from]);
            $most = self::OFF;
            $at = null;
            for ($i = $from + 1; $i < $to; $i++) {
                $part = ($times[$i] - $times[$from]) / $span;
                $window = $windows[$times[$i]];
                $off = max(
                    abs($start->x + $part * ($end->x - $start->x) - $window->x),
                    abs($start->y + $part * ($end->y - $start->y) - $window->y),
                    abs($start->scale + $part * ($end->scale - $start->scale) - $window->scale),
                );
                if ($off > $most) {
                    [$most, $at] = [$off, $i];
                }
            }
            if ($at !== null) {
                $kept[$times[$at]] = true;
                array_push($open, [$from, $at], [$at, $to]);
            }
        }

        $left = array_intersect_key($windows, $kept);

        return $left === [] ? $windows : $left;
    }
}
