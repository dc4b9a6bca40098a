<?php

declare(strict_types=1);

namespace RapidReel\Plan\Pace;

/**
 * Which scenes to leave out to save so many frames: those that are marked as optional before all others, then those
 * that are needed least, and of equals as few frames as will do. Found exactly, as a knapsack by dynamic programming.
 */
final class LeastNeeded
{
    /**
     * @param  array<int, PacedScene>  $scenes  by number
     * @param  list<int>  $droppable  numbers of those that may go
     * @param  array<int, int>  $frames  that leaving each out saves
     * @param  int  $wanted  frames to be saved
     * @return list<int>|null numbers of the scenes that go, rising; null where all together save too little
     */
    public static function of(array $scenes, array $droppable, array $frames, int $wanted): ?array
    {
        if ($wanted <= 0) {
            return [];
        }
        $items = [];
        foreach ($droppable as $number) {
            $items[$number] = $scenes[$number]->isOptional ? 0 : 1 + (int) round(1000 * $scenes[$number]->need);
        }
        if (array_sum(array_intersect_key($frames, $items)) < $wanted) {
            return null;
        }
        // Need counts before frames: no sum of frames is as large.
        $weight = 1 + array_sum($frames);
        $best = [0 => 0] + array_fill(0, $wanted + 1, PHP_INT_MAX);
        $taken = [];
        foreach ($items as $number => $need) {
            $cost = $need * $weight + $frames[$number];
            $row = str_repeat("\0", $wanted + 1);
            for ($saved = $wanted; $saved > 0; $saved--) {
                $before = $best[max(0, $saved - $frames[$number])];
                if ($before !== PHP_INT_MAX && $before + $cost < $best[$saved]) {
                    $best[$saved] = $before + $cost;
                    $row[$saved] = "\1";
                }
            }
            $taken[$number] = $row;
        }
        $gone = [];
        $saved = $wanted;
        foreach (array_reverse($taken, true) as $number => $row) {
            if ($saved > 0 && $row[$saved] === "\1") {
                $gone[] = $number;
                $saved = max(0, $saved - $frames[$number]);
            }
        }
        sort($gone);

        return $gone;
    }
}
