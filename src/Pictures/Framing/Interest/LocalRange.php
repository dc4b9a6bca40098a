<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Interest;

/** For every pixel the darkest and the brightest of its neighbourhood of three by three. */
final readonly class LocalRange
{
    /**
     * @param  list<int>  $darkest
     * @param  list<int>  $brightest
     */
    private function __construct(public array $darkest, public array $brightest)
    {
    }

    public static function of(SmallPicture $picture): self
    {
        [$width, $height, $light] = [$picture->width, $picture->height, $picture->light];
        // Across first, then down: each pixel is compared with two, twice.
        $low = $high = [];
        for ($y = 0, $at = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++, $at++) {
                $value = $light[$at];
                $left = $x > 0 ? $light[$at - 1] : $value;
                $right = $x < $width - 1 ? $light[$at + 1] : $value;
                $smaller = $left < $right ? $left : $right;
                $larger = $left < $right ? $right : $left;
                $low[] = $value < $smaller ? $value : $smaller;
                $high[] = $value > $larger ? $value : $larger;
            }
        }
        $darkest = $brightest = [];
        $last = ($height - 1) * $width;
        $size = $height * $width;
        for ($at = 0; $at < $size; $at++) {
            $smallest = $low[$at];
            $largest = $high[$at];
            if ($at >= $width) {
                $smallest = $low[$at - $width] < $smallest ? $low[$at - $width] : $smallest;
                $largest = $high[$at - $width] > $largest ? $high[$at - $width] : $largest;
            }
            if ($at < $last) {
                $smallest = $low[$at + $width] < $smallest ? $low[$at + $width] : $smallest;
                $largest = $high[$at + $width] > $largest ? $high[$at + $width] : $largest;
            }
            $darkest[] = $smallest;
            $brightest[] = $largest;
        }

        return new self($darkest, $brightest);
    }
}
