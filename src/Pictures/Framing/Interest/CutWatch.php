<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Interest;

/**
 * Finds the pictures that begin a shot of a clip, from pictures that come one after the other: what differs much from
 * the one before and more than neighbours differ there, unless the next but one is as before, which is a flash.
 */
final class CutWatch
{
    /** Blocks across; as many down as are square. */
    private const BLOCKS = 16;

    /** Levels by which the mean of blocks must differ. */
    private const DIFFERENT = 14.0;

    /** So many times as much as the pictures beside it. */
    private const MORE = 2.5;

    /** @var list<list<float>> blocks of the last four pictures */
    private array $last = [];

    /** @var list<float> how much each of them differs from the one before */
    private array $changes = [];

    private int $seen = 0;

    /**
     * @return bool|null whether the picture before this one begins a shot; null at the first
     */
    public function see(SmallPicture $picture): ?bool
    {
        $blocks = self::blocks($picture);
        $before = $this->last[count($this->last) - 1] ?? null;
        $change = $before === null ? 0.0 : self::difference($before, $blocks);
        $this->last[] = $blocks;
        $this->changes[] = $change;
        if (count($this->last) > 4) {
            array_shift($this->last);
            array_shift($this->changes);
        }
        $this->seen++;

        return $this->seen === 1 ? null : $this->isCut();
    }

    /** The same of the last picture, when none comes after it. */
    public function end(): bool
    {
        $this->last[] = $this->last[count($this->last) - 1] ?? [];
        $this->changes[] = 0.0;
        $this->seen++;

        return $this->isCut();
    }

    /** Of the last but one. */
    private function isCut(): bool
    {
        $count = count($this->changes);
        $change = $this->changes[$count - 2];
        $beside = max($this->changes[$count - 1], $this->changes[$count - 3] ?? 0.0);
        if ($change < self::DIFFERENT) {
            return false;
        }
        if ($count >= 3 && self::difference($this->last[$count - 3], $this->last[$count - 1]) < $change / 2) {
            return false;
        }
        // The end of a flash is none either.
        if ($count >= 4 && self::difference($this->last[$count - 4], $this->last[$count - 2]) < $change / 2) {
            return false;
        }

        return $change > self::MORE * $beside;
    }

    /** @return list<float> */
    private static function blocks(SmallPicture $picture): array
    {
        $side = max(1, intdiv($picture->width, self::BLOCKS));
        $across = max(1, intdiv($picture->width, $side));
        $down = max(1, intdiv($picture->height, $side));
        $light = array_fill(0, $across * $down, 0);
        $colour = $light;
        for ($y = 0; $y < $down * $side; $y += 2) {
            $row = $y * $picture->width;
            $block = intdiv($y, $side) * $across;
            for ($x = 0; $x < $across * $side; $x += 2) {
                $at = $block + intdiv($x, $side);
                $light[$at] += $picture->light[$row + $x];
                $half = ($row >> 2) + ($x >> 1);
                $colour[$at] += $picture->blue[$half] - $picture->red[$half];
            }
        }
        $each = max(1, intdiv($side + 1, 2) ** 2);

        return array_map(
            static fn (int $sum): float => $sum / $each,
            [...$light, ...$colour],
        );
    }

    /**
     * @param  list<float>  $one
     * @param  list<float>  $other
     */
    private static function difference(array $one, array $other): float
    {
        $sum = 0.0;
        foreach ($one as $i => $value) {
            $sum += abs($value - $other[$i]);
        }

        return 2 * $sum / max(1, count($one));
    }
}
