<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Interest;

/** How interest lies across a picture and down it. */
final readonly class Profile
{
    /**
     * @param  list<float>  $across  a column each
     * @param  list<float>  $down  a row each
     */
    public function __construct(public array $across, public array $down)
    {
    }

    /**
     * @param  list<float|int>  $map  row after row
     */
    public static function of(array $map, int $width, int $height): self
    {
        $across = array_fill(0, $width, 0.0);
        $down = [];
        for ($y = 0, $at = 0; $y < $height; $y++) {
            $sum = 0.0;
            for ($x = 0; $x < $width; $x++, $at++) {
                $value = $map[$at];
                if ($value > 0) {
                    $sum += $value;
                    $across[$x] += $value;
                }
            }
            $down[] = $sum;
        }

        return new self(array_values($across), $down);
    }

    /**
     * A bell, 1 in all.
     *
     * @return list<float>
     */
    public static function bell(int $size, float $middle, float $spread): array
    {
        $bell = [];
        for ($i = 0; $i < $size; $i++) {
            $bell[] = exp(-(($i + 0.5 - $middle) ** 2) / (2 * $spread * $spread));
        }
        $whole = array_sum($bell);

        return array_map(static fn (float $value): float => $value / $whole, $bell);
    }

    public static function empty(int $width, int $height): self
    {
        return new self(array_fill(0, $width, 0.0), array_fill(0, $height, 0.0));
    }
}
