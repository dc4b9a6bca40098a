<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Matte;

/**
 * Finds the plain ground of a clip by itself: the colour that its border has nearly everywhere and all the time. The
 * lower border does not count, as a subject comes into the picture from there.
 */
final class GroundFinder
{
    /** Colours of one ground lie within so much of each other, beside being lit more or less (own measurements). */
    private const REACH = 48;

    private const REACH_GREY = 26;

    private const LEAST_REACH = 16;

    /** A colour is lit by these parts of its middle; a grey less, as others are greys too. */
    private const LIT = [0.4, 1.6];

    private const LIT_GREY = [0.86, 1.15];

    /** What has less colour, or less light, is as good as a grey. */
    private const COLOURED = 0.5;

    private const DARK = 90;

    /** So much of the border has it, over all and in each picture but a few. */
    private const SHARE = 0.62;

    private const GREY_SHARE = 0.86;

    private const EACH_SHARE = 0.4;

    /** Shades of a ground, and colours of a subject, that are told apart. */
    private const SHADES = 5;

    private const COLOURS = 12;

    private const MOST_PIXELS = 6_000;

    /**
     * @param  non-empty-list<string>  $pictures  of the clip, small, three bytes a pixel: red, green, blue
     * @param  array{int, int, int}|null  $known  the ground's colour, where somebody says it
     * @return PlainGround|null null where there is none
     */
    public static function of(array $pictures, int $width, int $height, ?array $known = null): ?PlainGround
    {
        $border = self::border($pictures, $width, $height);
        $centre = $known ?? self::centre($border);
        if ($centre === null) {
            return null;
        }
        [$reach, $lit] = self::reach(array_merge(...$border), $centre);
        $ground = $other = [];
        foreach ($pictures as $picture) {
            self::part($picture, $width, $height, $centre, $reach, $lit, $ground, $other);
        }
        $ground = self::thinned($ground);
        if ($ground === []) {
            return null;
        }
        $shades = Clusters::of($ground, self::SHADES);
        $off = [];
        foreach ($ground as $one) {
            $off[] = Clusters::distance($one, $shades);
        }
        sort($off);
        $noise = (int) round(min(40.0, max(5.0, 1.25 * $off[(int) floor(0.97 * (count($off) - 1))] + 2)));
        // What is still near a shade belongs to it.
        $other = array_filter(
            self::thinned($other),
            static fn (array $one): bool => Clusters::distance($one, $shades) > 2 * $noise,
        );

        return new PlainGround($shades, $other === [] ? [] : Clusters::of(array_values($other), self::COLOURS), $noise);
    }

    /**
     * @param  non-empty-list<string>  $pictures
     * @return non-empty-list<non-empty-list<array{int, int, int}>>
     */
    private static function border(array $pictures, int $width, int $height): array
    {
        $places = self::borderPlaces($width, $height);

        return array_map(
            static fn (string $picture): array => array_map(
                static fn (int $at): array => self::pixel($picture, $at),
                $places,
            ),
            $pictures,
        );
    }

    /**
     * How far colours of the ground lie from its middle, and how it is lit: those of a subject may be near.
     *
     * @param  list<array{int, int, int}>  $border
     * @param  array{int, int, int}  $centre
     * @return array{int, array{float, float}}
     */
    private static function reach(array $border, array $centre): array
    {
        $usual = self::lit($centre);
        $most = self::reachOf($centre);
        $off = $parts = [];
        foreach ($border as $one) {
            $distance = self::off($one, $centre, $usual);
            if ($distance < $most ** 2) {
                $off[] = $distance;
                $parts[] = self::partOf($one, $centre);
            }
        }
        if ($off === []) {
            return [$most, $usual];
        }
        sort($off);
        sort($parts);
        $last = count($off) - 1;

        return [
            (int) round(max(self::LEAST_REACH, min($most, 1.2 * sqrt($off[(int) floor(0.98 * $last)]) + 6))),
            // The middle may be lit a little more than the border, and less.
            [
                max($usual[0], 0.92 * $parts[(int) floor(0.01 * $last)]),
                min($usual[1], 1.12 * $parts[(int) floor(0.99 * $last)]),
            ],
        ];
    }

    /**
     * @param  non-empty-list<non-empty-list<array{int, int, int}>>  $border  by picture
     * @return array{int, int, int}|null
     */
    private static function centre(array $border): ?array
    {
        $all = array_merge(...$border);
        $bins = [];
        foreach ($all as $one) {
            $bin = ($one[0] >> 4) << 8 | ($one[1] >> 4) << 4 | $one[2] >> 4;
            $bins[$bin] = ($bins[$bin] ?? 0) + 1;
        }
        arsort($bins);
        $bin = (int) array_key_first($bins);
        $centre = [($bin >> 8 & 15) * 16 + 8, ($bin >> 4 & 15) * 16 + 8, ($bin & 15) * 16 + 8];
        for ($round = 0; $round < 4; $round++) {
            $lit = self::lit($centre);
            $near = array_filter(
                $all,
                static fn (array $one): bool => self::off($one, $centre, $lit) < self::reachOf($centre) ** 2,
            );
            $centre = $near === [] ? $centre : Clusters::mean(array_values($near));
        }
        $most = self::reachOf($centre) ** 2;
        $shares = array_map(
            static fn (array $of): float => count(array_filter(
                $of,
                static fn (array $one): bool => self::off($one, $centre, self::lit($centre)) < $most,
            )) / count($of),
            $border,
        );
        $poor = count(array_filter($shares, static fn (float $share): bool => $share < self::EACH_SHARE));

        $least = self::isGrey($centre) ? self::GREY_SHARE : self::SHARE;

        return array_sum($shares) / count($shares) < $least || 10 * $poor > count($shares) ? null : $centre;
    }

    /**
     * How far a colour lies from another, however that is lit.
     *
     * @param  array{int, int, int}  $one
     * @param  array{int, int, int}  $centre
     * @param  array{float, float}  $lit  the least and the most
     * @return float square of the distance
     */
    private static function off(array $one, array $centre, array $lit): float
    {
        $part = max($lit[0], min($lit[1], self::partOf($one, $centre)));

        return ($one[0] - $part * $centre[0]) ** 2 + ($one[1] - $part * $centre[1]) ** 2
            + ($one[2] - $part * $centre[2]) ** 2;
    }

    /**
     * How much of a colour's light another has.
     *
     * @param  array{int, int, int}  $one
     * @param  array{int, int, int}  $centre
     */
    private static function partOf(array $one, array $centre): float
    {
        $whole = max(1, $centre[0] ** 2 + $centre[1] ** 2 + $centre[2] ** 2);

        return ($one[0] * $centre[0] + $one[1] * $centre[1] + $one[2] * $centre[2]) / $whole;
    }

    /**
     * Walls, skies and fog: many pictures have some of it at their border that are before no plain ground.
     *
     * @param  array{int, int, int}  $centre
     */
    private static function isGrey(array $centre): bool
    {
        return max($centre) < self::DARK || (max($centre) - min($centre)) / max($centre) < self::COLOURED;
    }

    /** @param  array{int, int, int}  $centre */
    private static function reachOf(array $centre): int
    {
        return self::isGrey($centre) ? self::REACH_GREY : self::REACH;
    }

    /**
     * @param  array{int, int, int}  $centre
     * @return array{float, float}
     */
    private static function lit(array $centre): array
    {
        return self::isGrey($centre) ? self::LIT_GREY : self::LIT;
    }

    /** @return non-empty-list<int> of the pixels at the left, the top and the right, in bytes */
    private static function borderPlaces(int $width, int $height): array
    {
        $thick = max(1, (int) round(0.03 * min($width, $height)));
        $places = [];
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                if ($y < $thick || $x < $thick || $x >= $width - $thick) {
                    $places[] = 3 * ($y * $width + $x);
                }
            }
        }

        return $places === [] ? [0] : $places;
    }

    /**
     * Parts the pixels of a picture: those of the ground, and those that have none of it beside them. The others are
     * mixed.
     *
     * @param  array{int, int, int}  $centre
     * @param  array{float, float}  $lit
     * @param  list<array{int, int, int}>  $ground
     * @param  list<array{int, int, int}>  $other
     */
    private static function part(
        string $picture,
        int $width,
        int $height,
        array $centre,
        int $reach,
        array $lit,
        array &$ground,
        array &$other,
    ): void {
        $pixels = $isGround = [];
        for ($i = 0; $i < $width * $height; $i++) {
            $pixels[$i] = self::pixel($picture, 3 * $i);
            $isGround[$i] = self::off($pixels[$i], $centre, $lit) < $reach ** 2;
        }
        foreach ($pixels as $i => $one) {
            if ($isGround[$i]) {
                $ground[] = $one;

                continue;
            }
            $x = $i % $width;
            $isBeside = ($x > 0 && $isGround[$i - 1]) || ($x < $width - 1 && $isGround[$i + 1])
                || ($isGround[$i - $width] ?? false) || ($isGround[$i + $width] ?? false);
            if (! $isBeside) {
                $other[] = $one;
            }
        }
    }

    /** @return array{int, int, int} */
    private static function pixel(string $picture, int $at): array
    {
        return [ord($picture[$at]), ord($picture[$at + 1]), ord($picture[$at + 2])];
    }

    /**
     * @param  list<array{int, int, int}>  $pixels
     * @return list<array{int, int, int}>
     */
    private static function thinned(array $pixels): array
    {
        $step = (int) ceil(count($pixels) / self::MOST_PIXELS);
        $kept = [];
        for ($i = 0; $i < count($pixels); $i += max(1, $step)) {
            $kept[] = $pixels[$i];
        }

        return $kept;
    }
}
