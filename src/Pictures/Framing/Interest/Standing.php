<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Interest;

/**
 * What stands out in a picture by itself, without its neighbours in time: what is far from the border, what has another
 * colour than its surroundings, what has more detail than they have.
 */
final class Standing
{
    private const BORDER = 0.6;

    private const COLOUR = 0.25;

    private const DETAIL = 0.15;

    /** How much less counts at the sides than in the middle. */
    private const MIDDLE = 0.45;

    /** Colours of what is seen differ less than its brightness does, and say more. */
    private const CHROMA = 2;

    public static function in(SmallPicture $picture): Profile
    {
        $width = intdiv($picture->width, 2);
        $height = intdiv($picture->height, 2);
        $light = $picture->halfLight();
        $border = self::far($light, $picture->blue, $picture->red, $width, $height);
        [$colour, $detail] = self::surroundings($light, $picture->blue, $picture->red, $width, $height);
        $across = array_fill(0, $width, 0.0);
        $down = array_fill(0, $height, 0.0);
        foreach ([[$border, self::BORDER], [$colour, self::COLOUR], [$detail, self::DETAIL]] as [$map, $weight]) {
            $sum = array_sum($map);
            if ($sum <= 0) {
                continue;
            }
            $profile = Profile::of($map, $width, $height);
            foreach ($profile->across as $x => $value) {
                $across[$x] += $weight * $value / $sum;
            }
            foreach ($profile->down as $y => $value) {
                $down[$y] += $weight * $value / $sum;
            }
        }

        return new Profile(self::middle($across), self::middle($down));
    }

    /**
     * The square of the distance, so that what is large and pale counts less than what is clear.
     *
     * @param  list<int>  $light
     * @param  list<int>  $blue
     * @param  list<int>  $red
     * @return list<int>
     */
    private static function far(array $light, array $blue, array $red, int $width, int $height): array
    {
        $light = BarrierDistance::of($light, $width, $height);
        $blue = BarrierDistance::of($blue, $width, $height);
        $red = BarrierDistance::of($red, $width, $height);
        $far = [];
        foreach ($light as $at => $distance) {
            $sum = $distance + self::CHROMA * ($blue[$at] + $red[$at]);
            $far[] = $sum * $sum;
        }

        return $far;
    }

    /**
     * How much colour and detail differ from those of the whole picture.
     *
     * @param  list<int>  $light
     * @param  list<int>  $blue
     * @param  list<int>  $red
     * @return array{list<float>, list<float>}
     */
    private static function surroundings(array $light, array $blue, array $red, int $width, int $height): array
    {
        $size = $width * $height;
        $meanLight = array_sum($light) / $size;
        $meanBlue = array_sum($blue) / $size;
        $meanRed = array_sum($red) / $size;
        $colour = $edges = [];
        for ($y = 0, $at = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++, $at++) {
                $difference = abs($light[$at] - $meanLight) / 2
                    + self::CHROMA * (abs($blue[$at] - $meanBlue) + abs($red[$at] - $meanRed));
                $colour[] = $difference * $difference;
                $edges[] = ($x > 0 ? abs($light[$at] - $light[$at - 1]) : 0)
                    + ($y > 0 ? abs($light[$at] - $light[$at - $width]) : 0);
            }
        }
        $mean = array_sum($edges) / $size;
        $detail = array_map(static fn (int $edge): float => $edge > $mean ? $edge - $mean : 0.0, $edges);

        return [$colour, $detail];
    }

    /**
     * @param  array<int, float>  $profile
     * @return list<float>
     */
    private static function middle(array $profile): array
    {
        $size = count($profile);
        foreach ($profile as $i => $value) {
            $off = 2 * ($i + 0.5) / $size - 1;
            $profile[$i] = $value * (1 - self::MIDDLE * $off * $off);
        }

        return array_values($profile);
    }
}
