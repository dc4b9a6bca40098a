<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Interest;

/**
 * How far every pixel is from the border of its picture, when a way is as long as the span of values that it crosses:
 * what stands clear of all that touches the border is far from it. The fast approximation by raster passes of J. Zhang,
 * S. Sclaroff, Z. Lin, X. Shen, B. Price and R. Mech, "Minimum Barrier Salient Object Detection at 80 FPS", ICCV 2015.
 */
final class BarrierDistance
{
    private const PASSES = 3;

    /**
     * @param  list<int>  $plane
     * @return list<int> a distance a pixel, 0…255
     */
    public static function of(array $plane, int $width, int $height): array
    {
        $size = $width * $height;
        $distance = array_fill(0, $size, 256);
        for ($x = 0; $x < $width; $x++) {
            $distance[$x] = $distance[$size - 1 - $x] = 0;
        }
        for ($y = 0; $y < $height; $y++) {
            $distance[$y * $width] = $distance[($y + 1) * $width - 1] = 0;
        }
        $highest = $lowest = $plane;
        for ($pass = 0; $pass < self::PASSES; $pass++) {
            $isBack = $pass % 2 === 1;
            [$first, $end, $step] = $isBack
                ? [$size - $width - 2, $width, -1]
                : [$width + 1, $size - $width - 1, 1];
            for ($at = $first; $at !== $end; $at += $step) {
                $best = $distance[$at];
                if ($best === 0) {
                    continue;
                }
                $value = $plane[$at];
                for ($i = 0; $i < 2; $i++) {
                    $from = $i === 0 ? $at - $step : $at - $step * $width;
                    $high = $highest[$from] > $value ? $highest[$from] : $value;
                    $low = $lowest[$from] < $value ? $lowest[$from] : $value;
                    if ($high - $low < $best) {
                        $best = $high - $low;
                        $highest[$at] = $high;
                        $lowest[$at] = $low;
                    }
                }
                $distance[$at] = $best;
            }
        }

        return array_values($distance);
    }
}
