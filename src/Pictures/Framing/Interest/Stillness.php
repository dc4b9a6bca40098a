<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Interest;

/**
 * What holds still where all around it moves, as a bird on the water or a boat before trees in the wind: cells with
 * little of the motion that the rest has, but for those that reach the border, which are sky, wall or ground.
 */
final class Stillness
{
    /** Pixels of a cell along each side. */
    private const CELL = 6;

    /** How much of what was seen before stays, from picture to picture. */
    private const STAYS = 0.95;

    /** What has less than this part of the motion of a cell in the middle of all holds still. */
    private const STILL = 0.25;

    /** @var list<float> motion of each cell, of late */
    private array $activity = [];

    private int $columns = 0;

    private int $rows = 0;

    /** @param  list<float>  $map  motion of every pixel */
    public function see(array $map, int $width, int $height): void
    {
        $columns = intdiv($width + self::CELL - 1, self::CELL);
        $rows = intdiv($height + self::CELL - 1, self::CELL);
        if ([$columns, $rows] !== [$this->columns, $this->rows]) {
            [$this->columns, $this->rows] = [$columns, $rows];
            $this->forget();
        }
        $sums = array_fill(0, $columns * $rows, 0.0);
        foreach ($map as $at => $value) {
            if ($value > 0) {
                $sums[intdiv(intdiv($at, $width), self::CELL) * $columns + intdiv($at % $width, self::CELL)] += $value;
            }
        }
        $activity = [];
        foreach ($sums as $cell => $sum) {
            $activity[] = self::STAYS * $this->activity[$cell] + (1 - self::STAYS) * $sum;
        }
        $this->activity = $activity;
    }

    public function forget(): void
    {
        $this->activity = array_fill(0, $this->columns * $this->rows, 0.0);
    }

    /** Where it lies, by columns and rows of cells: nothing where hardly anything moves. */
    public function profile(): Profile
    {
        $across = array_fill(0, max(1, $this->columns), 0.0);
        $down = array_fill(0, max(1, $this->rows), 0.0);
        $sorted = $this->activity;
        sort($sorted);
        $usual = $sorted[intdiv(count($sorted), 2)] ?? 0.0;
        $limit = self::STILL * $usual;
        $ground = $this->ground($limit);
        foreach ($this->activity as $cell => $value) {
            if ($value < $limit && ! isset($ground[$cell])) {
                $across[$cell % $this->columns] += 1 - $value / $limit;
                $down[intdiv($cell, $this->columns)] += 1 - $value / $limit;
            }
        }

        return new Profile(array_values($across), array_values($down));
    }

    /** @return array<int, true> still cells that reach the border over others */
    private function ground(float $limit): array
    {
        $open = [];
        foreach (array_keys($this->activity) as $cell) {
            $x = $cell % $this->columns;
            $y = intdiv($cell, $this->columns);
            if ($x === 0 || $y === 0 || $x === $this->columns - 1 || $y === $this->rows - 1) {
                $open[] = $cell;
            }
        }
        $ground = [];
        while (($cell = array_pop($open)) !== null) {
            if (isset($ground[$cell]) || $this->activity[$cell] >= $limit) {
                continue;
            }
            $ground[$cell] = true;
            $x = $cell % $this->columns;
            $x > 0 && $open[] = $cell - 1;
            $x < $this->columns - 1 && $open[] = $cell + 1;
            $cell >= $this->columns && $open[] = $cell - $this->columns;
            $cell < $this->columns * ($this->rows - 1) && $open[] = $cell + $this->columns;
        }

        return $ground;
    }
}
