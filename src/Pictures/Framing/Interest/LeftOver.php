<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Interest;

/**
 * The motion that is left over when the camera's own is taken off: where a picture differs from all that stood nearby
 * in the one before as well as in the one after.
 */
final class LeftOver
{
    /** Noise: levels of brightness. */
    private const NOISE = 4;

    private const POWER = 1.5;

    /** Motion that may be none, a pixel. */
    private const WEAK = 0.03;

    /** What differs by more says no more: levels of brightness. */
    private const MOST = 30;

    /**
     * @param  list<array{LocalRange, array{int, int}}>  $others  pictures of other moments, and by how much all of this
     *   picture moved since each
     * @return list<float>
     */
    public static function of(SmallPicture $now, array $others): array
    {
        if ($others === []) {
            return array_fill(0, $now->width * $now->height, 0.0);
        }
        $powers = [];
        for ($value = 0; $value < 256; $value++) {
            $powers[] = min(self::MOST, $value) ** self::POWER;
        }
        [$width, $height, $light] = [$now->width, $now->height, $now->light];
        $left = array_fill(0, $width * $height, 255);
        foreach ($others as [$range, [$right, $down]]) {
            [$darkest, $brightest] = [$range->darkest, $range->brightest];
            $back = $down * $width + $right;
            for ($y = 0, $at = 0; $y < $height; $y++) {
                if ($y < $down || $y >= $height + $down) {
                    for ($x = 0; $x < $width; $x++, $at++) {
                        $left[$at] = 0;
                    }

                    continue;
                }
                for ($x = 0; $x < $width; $x++, $at++) {
                    if ($left[$at] === 0) {
                        continue;
                    }
                    if ($x < $right || $x >= $width + $right) {
                        $left[$at] = 0;

                        continue;
                    }
                    $value = $light[$at];
                    $over = $value - $brightest[$at - $back];
                    if ($over <= 0) {
                        $over = $darkest[$at - $back] - $value;
                    }
                    $over -= self::NOISE;
                    if ($over <= 0) {
                        $left[$at] = 0;
                    } elseif ($over < $left[$at]) {
                        $left[$at] = $over;
                    }
                }
            }
        }
        $map = [];
        foreach ($left as $over) {
            $map[] = $over === 0 ? 0.0 : $powers[$over];
        }

        return $map;
    }

    /**
     * How much motion counts by how much there is: some pixels that differ are grain, or edges that shake.
     *
     * @param  list<float>  $profile
     * @param  int  $width  pixels that each number of the profile is the sum of
     * @return float 0…1; a half where it is as weak as grain may be
     */
    public static function strength(array $profile, int $width): float
    {
        $sum = array_sum($profile);
        $weak = self::WEAK * $width * count($profile);

        return $sum * $sum / max(1e-9, $sum * $sum + $weak * $weak);
    }

    /**
     * How much motion counts by how close together it is: nothing where its best fifth has less than 0.4 of it, all
     * from 0.7 on.
     *
     * @param  list<float>  $profile
     */
    public static function concentration(array $profile): float
    {
        $sum = array_sum($profile);
        if ($sum <= 0) {
            return 0.0;
        }
        $fifth = max(1, (int) round(count($profile) / 5));
        $share = $most = array_sum(array_slice($profile, 0, $fifth));
        for ($i = $fifth, $count = count($profile); $i < $count; $i++) {
            $share += $profile[$i] - $profile[$i - $fifth];
            $most = max($most, $share);
        }

        return max(0.0, min(1.0, ($most / $sum - 0.4) / 0.3));
    }
}
