<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage\Matching;

use InvalidArgumentException;
use SplPriorityQueue;

/**
 * Gives every row a column of its own so that the sum of costs is the least there is: by shortest augmenting paths with
 * potentials (R. Jonker and A. Volgenant, 1987; J. Edmonds and R. Karp, 1972), on few columns a row.
 */
final class Assignment
{
    /**
     * @param  list<array<int, float>>  $costs  of each row, by column; a column that is not there cannot be had
     * @return list<int> the column of each row
     *
     * @throws InvalidArgumentException when there are too few columns
     */
    public static function solve(array $costs): array
    {
        $least = 0.0;
        foreach ($costs as $row) {
            $least = $row === [] ? $least : min($least, min($row));
        }
        /** @var array<int, int> $rowOf  by column */
        $rowOf = [];
        $columnOf = [];
        /** @var array<int, float> $price  potentials of the columns */
        $price = [];
        foreach ($costs as $row => $own) {
            [$end, $came, $distances, $total] = self::way($row, $costs, $rowOf, $columnOf, $price, $least);
            foreach ($distances as $column => $distance) {
                if ($distance < $total) {
                    $price[$column] = ($price[$column] ?? 0.0) + $distance - $total;
                }
            }
            for ($column = $end; ; $column = $before) {
                $from = $came[$column];
                $before = $columnOf[$from] ?? null;
                $rowOf[$column] = $from;
                $columnOf[$from] = $column;
                if ($from === $row || $before === null) {
                    break;
                }
            }
        }
        ksort($columnOf);

        return array_values($columnOf);
    }

    /**
     * The cheapest way from a row to a free column, over rows that take another one instead.
     *
     * @param  list<array<int, float>>  $costs
     * @param  array<int, int>  $rowOf
     * @param  array<int, int>  $columnOf
     * @param  array<int, float>  $price
     * @return array{int, array<int, int>, array<int, float>, float} the free column, the row that each column is
     *   reached from, how far each that was settled is, and how far the free one is
     */
    private static function way(
        int $row,
        array $costs,
        array $rowOf,
        array $columnOf,
        array $price,
        float $least,
    ): array {
        $queue = new SplPriorityQueue;
        $distances = $came = $settled = [];
        $open = $row;
        $far = 0.0;
        while (true) {
            // What the row that is to move would save by leaving its own column.
            $own = $columnOf[$open] ?? null;
            $saved = $own === null ? 0.0 : $costs[$open][$own] - $least - ($price[$own] ?? 0.0);
            foreach ($costs[$open] as $column => $cost) {
                if (isset($settled[$column])) {
                    continue;
                }
                $distance = $far + $cost - $least - ($price[$column] ?? 0.0) - $saved;
                if ($distance < ($distances[$column] ?? INF)) {
                    $distances[$column] = $distance;
                    $came[$column] = $open;
                    $queue->insert([$column, $distance], [-$distance, -$column]);
                }
            }
            do {
                if ($queue->isEmpty()) {
                    throw new InvalidArgumentException('There are fewer columns than rows that want them.');
                }
                /** @var array{int, float} $next */
                $next = $queue->extract();
            } while (isset($settled[$next[0]]) || $next[1] > $distances[$next[0]]);
            [$column, $far] = $next;
            if (! isset($rowOf[$column])) {
                return [$column, $came, array_intersect_key($distances, $settled), $far];
            }
            $settled[$column] = true;
            $open = $rowOf[$column];
        }
    }
}
