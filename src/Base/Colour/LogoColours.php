<?php

declare(strict_types=1);

namespace RapidReel\Base\Colour;

/** The colours that a logo is made of, as it has them: not mixed with what lies between them. */
final class LogoColours
{
    /** One that covers less is what edges are smoothed with. */
    private const LEAST_SHARE = 0.02;

    /** Nearer ones look the same (CIEDE2000). */
    private const ALIKE = 6.0;

    /**
     * @param  list<array{int, int, int}>  $pixels  red, green and blue, 0…255, of those that can be seen
     * @return list<string> as RRGGBB, the one that covers most first
     */
    public static function of(array $pixels): array
    {
        if ($pixels === []) {
            return [];
        }
        $labs = array_map(static fn (array $one): Lab => Lab::ofRgb(...self::shares($one)), $pixels);
        $centres = array_column(Palette::of($labs), 0);
        $members = [];
        foreach ($labs as $i => $lab) {
            $near = 0;
            $least = INF;
            foreach ($centres as $c => $centre) {
                $off = ($lab->l - $centre->l) ** 2 + ($lab->a - $centre->a) ** 2 + ($lab->b - $centre->b) ** 2;
                if ($off < $least) {
                    [$near, $least] = [$c, $off];
                }
            }
            $key = sprintf('%02X%02X%02X', ...$pixels[$i]);
            $members[$near][$key] = ($members[$near][$key] ?? 0) + 1;
        }
        $found = [];
        foreach ($members as $of) {
            // Of all that is near, the colour that is there most: flat areas, not their edges.
            arsort($of);
            $found[(string) array_key_first($of)] = array_sum($of) / count($pixels);
        }
        arsort($found);
        $kept = [];
        foreach ($found as $colour => $share) {
            $lab = Lab::ofHex((string) $colour);
            $isNew = array_filter(
                $kept,
                static fn (string $other): bool => Lab::ofHex($other)->difference($lab) < self::ALIKE,
            ) === [];
            if ($share >= self::LEAST_SHARE && $isNew) {
                $kept[] = (string) $colour;
            }
        }

        return $kept;
    }

    /**
     * How clear one stands on the other (WCAG 2.1, contrast ratio).
     *
     * @return float 1…21
     */
    public static function contrast(string $one, string $other): float
    {
        $light = static function (string $colour): float {
            [$red, $green, $blue] = array_map(Srgb::linear(...), self::shares(self::rgb($colour)));

            return 0.2126 * $red + 0.7152 * $green + 0.0722 * $blue + 0.05;
        };
        [$a, $b] = [$light($one), $light($other)];

        return max($a, $b) / min($a, $b);
    }

    /** @return array{int, int, int} */
    private static function rgb(string $colour): array
    {
        [$red, $green, $blue] = array_map(hexdec(...), str_split($colour, 2));

        return [(int) $red, (int) $green, (int) $blue];
    }

    /**
     * @param  array{int, int, int}  $rgb
     * @return array{float, float, float} 0…1
     */
    private static function shares(array $rgb): array
    {
        return [$rgb[0] / 255, $rgb[1] / 255, $rgb[2] / 255];
    }
}
