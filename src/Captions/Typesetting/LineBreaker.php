<?php

declare(strict_types=1);

namespace RapidReel\Captions\Typesetting;

/** On which lines of a caption its words stand: of all ways to break it the one of least cost. */
final readonly class LineBreaker
{
    /** Of type that is shrunk to half its size. */
    private const SHRUNK = 50.0;

    /** Of lines of which one is full and the others empty. */
    private const UNEVEN = 4.0;

    /** Of every line but the first. */
    private const LINE = 0.8;

    /** So many can be tried in every way. */
    private const FEW = 12;

    /** How much a break that parts what belongs together counts. */
    private const BREAK = 0.4;

    /**
     * @param  non-empty-list<Unit>  $units
     * @param  list<float>  $after  what it costs to break after each
     * @param  float  $room  that a line has
     * @param  float  $blank  between two words
     * @param  int  $most  lines
     * @return array{non-empty-list<int>, float} units on each line, and how large the type can be, 0…1
     */
    public static function best(array $units, array $after, float $room, float $blank, int $most): array
    {
        $best = [[count($units)], 0.0];
        $least = INF;
        $ways = count($units) <= self::FEW
            ? self::ways(count($units), $most)
            : self::even($units, $after, $blank, $most);
        foreach ($ways as $lines) {
            [$scale, $uneven] = self::fit($units, $lines, $room, $blank);
            $cost = self::SHRUNK * (1 / max(0.01, $scale) - 1)
                + self::UNEVEN * $uneven + self::LINE * (count($lines) - 1);
            $at = -1;
            foreach (array_slice($lines, 0, -1) as $count) {
                $at += $count;
                $cost += self::BREAK * $after[$at];
            }
            if ($cost < $least - 0.0001) {
                [$least, $best] = [$cost, [$lines, $scale]];
            }
        }

        return $best;
    }

    /**
     * @param  non-empty-list<Unit>  $units
     * @param  non-empty-list<int>  $lines
     * @return array{float, float} how large the type can be, and how uneven the lines are, both 0…1
     */
    public static function fit(array $units, array $lines, float $room, float $blank): array
    {
        $widths = [];
        $at = 0;
        foreach ($lines as $count) {
            $widths[] = self::width(array_slice($units, $at, $count), $blank);
            $at += $count;
        }
        $widest = max($widths);
        if ($widest <= 0) {
            return [1.0, 0.0];
        }
        $uneven = 0.0;
        foreach ($widths as $width) {
            $uneven += (1 - $width / $widest) ** 2;
        }

        return [min(1.0, $room / $widest), $uneven / count($widths)];
    }

    /** @param  list<Unit>  $units  of one line */
    public static function width(array $units, float $blank): float
    {
        $width = 0.0;
        foreach ($units as $i => $unit) {
            $width += $unit->room + ($i === 0 || $unit->isGlued ? 0.0 : $blank);
        }

        return $width;
    }

    /**
     * For each number of lines the most even way, found by dynamic programming: lines cost the square of their width,
     * breaks what they part.
     *
     * @param  non-empty-list<Unit>  $units
     * @param  list<float>  $after
     * @return non-empty-list<non-empty-list<int>>
     */
    private static function even(array $units, array $after, float $blank, int $most): array
    {
        $count = count($units);
        $whole = max(1.0, self::width($units, $blank));
        $upTo = [0.0];
        foreach ($units as $i => $unit) {
            $upTo[] = $upTo[$i] + $unit->room + ($unit->isGlued ? 0.0 : $blank);
        }
        $best = [array_fill(0, $count + 1, INF)];
        $best[0][0] = 0.0;
        $from = [];
        $ways = [[$count]];
        for ($line = 1; $line <= $most; $line++) {
            $best[$line] = array_fill(0, $count + 1, INF);
            for ($end = $line; $end <= $count; $end++) {
                for ($start = $line - 1; $start < $end; $start++) {
                    $width = ($upTo[$end] - $upTo[$start]) / $whole;
                    $cost = $best[$line - 1][$start] + self::UNEVEN * $width ** 2
                        + ($end < $count ? self::BREAK * $after[$end - 1] / $count : 0.0);
                    if ($cost < $best[$line][$end]) {
                        [$best[$line][$end], $from[$line][$end]] = [$cost, $start];
                    }
                }
            }
            $lines = [];
            for ([$end, $left] = [$count, $line]; $left > 0; $left--) {
                $start = $from[$left][$end] ?? 0;
                array_unshift($lines, max(1, $end - $start));
                $end = $start;
            }
            $ways[] = $lines;
        }

        return $ways;
    }

    /** @return list<non-empty-list<int>> all ways to part so many into no more lines than that, fewest lines first */
    private static function ways(int $count, int $most): array
    {
        $ways = [[$count]];
        if ($most > 1) {
            for ($first = 1; $first < $count; $first++) {
                foreach (self::ways($count - $first, $most - 1) as $rest) {
                    $ways[] = [$first, ...$rest];
                }
            }
        }
        usort($ways, static fn (array $a, array $b): int => count($a) <=> count($b));

        return $ways;
    }
}
