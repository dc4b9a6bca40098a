<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Interest;

/**
 * What stands out in a picture by itself, without its neighbours in time: what is far from the border, what has another
 * colour than its surroundings, what has more detail than they have.
 */
final class Standing
{
    private const BORDER = .5;

    private const COLOUR = .4;

    private const DETAIL = .1;

    /** How much less counts at the sides than in the middle. */
    private const MIDDLE = 0.45;

    /** Colours of what is seen differ less than its brightness does, and say more. */
    private const CHROMA = 2;

    /** Colours of a side vary by so much at least: square of levels. */
    private const SPREAD = 100.0;

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
     * How much colour and detail differ from those of the surroundings: colour from that of each side of the picture,
     * without the one that it differs from most, which the subject may touch.
     *
     * @param  list<int>  $light
     * @param  list<int>  $blue
     * @param  list<int>  $red
     * @return array{list<float>, list<float>}
     */
    private static function surroundings(array $light, array $blue, array $red, int $width, int $height): array
    {
        $size = $width * $height;
        $lights = self::sides($light, $width, $height);
        $blues = self::sides($blue, $width, $height);
        $reds = self::sides($red, $width, $height);
        $colour = $edges = [];
        for ($y = 0, $at = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++, $at++) {
                $sum = $most = 0.0;
                foreach ($lights as $side => [$mean, $counts]) {
                    $off = $light[$at] - $mean;
                    $far = $off * $off * $counts;
                    $off = $blue[$at] - $blues[$side][0];
                    $far += $off * $off * $blues[$side][1];
                    $off = $red[$at] - $reds[$side][0];
                    $far = sqrt($far + $off * $off * $reds[$side][1]);
                    $sum += $far;
                    $most = $far > $most ? $far : $most;
                }
                $colour[] = ($sum - $most) ** 2;
                $edges[] = ($x > 0 ? abs($light[$at] - $light[$at - 1]) : 0)
                    + ($y > 0 ? abs($light[$at] - $light[$at - $width]) : 0);
            }
        }
        $mean = array_sum($edges) / $size;
        $detail = array_map(static fn (int $edge): float => $edge > $mean ? $edge - $mean : 0.0, $edges);

        return [$colour, $detail];
    }

    /**
     * @param  list<int>  $plane
     * @return list<array{float, float}> mean of each side, and how much what is far from it counts
     */
    private static function sides(array $plane, int $width, int $height): array
    {
        $broad = max(1, intdiv(min($width, $height), 10));
        $sums = $squares = $counts = [0, 0, 0, 0];
        for ($y = 0, $at = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++, $at++) {
                foreach ([$y < $broad, $y >= $height - $broad, $x < $broad, $x >= $width - $broad] as $side => $isIn) {
                    if ($isIn) {
                        $sums[$side] += $plane[$at];
                        $squares[$side] += $plane[$at] * $plane[$at];
                        $counts[$side]++;
                    }
                }
            }
        }
        $sides = [];
        foreach ($counts as $side => $count) {
            $mean = $sums[$side] / max(1, $count);
            $sides[] = [(float) $mean, 1 / (self::SPREAD + $squares[$side] / max(1, $count) - $mean * $mean)];
        }

        return $sides;
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
