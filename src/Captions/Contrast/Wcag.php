<?php

declare(strict_types=1);

namespace RapidReel\Captions\Contrast;

use RapidReel\Base\Colour\Srgb;

/** Contrast of two colours by the Web Content Accessibility Guidelines (W3C, WCAG 2.2, "relative luminance"). */
final class Wcag
{
    /** What text has to have at least (success criterion 1.4.3). */
    public const LEAST = 4.5;

    /** @var list<float>|null what a channel of 0…255 adds before it is weighed */
    private static ?array $linear = null;

    /**
     * @param  int  $red  0…255
     * @param  int  $green  0…255
     * @param  int  $blue  0…255
     * @return float 0, black, to 1, white
     */
    public static function luminance(int $red, int $green, int $blue): float
    {
        $linear = self::$linear ??= array_map(
            static fn (int $channel): float => Srgb::linear($channel / 255),
            range(0, 255),
        );

        return 0.2126 * $linear[$red] + 0.7152 * $linear[$green] + 0.0722 * $linear[$blue];
    }

    /** @param  string  $colour  RRGGBB */
    public static function luminanceOf(string $colour): float
    {
        return self::luminance(...self::channels($colour));
    }

    /** @return float 1, none, to 21 */
    public static function ratio(float $one, float $other): float
    {
        return (max($one, $other) + 0.05) / (min($one, $other) + 0.05);
    }

    /** @return array{int, int, int} red, green and blue, 0…255 */
    public static function channels(string $colour): array
    {
        return [
            (int) hexdec(substr($colour, 0, 2)), (int) hexdec(substr($colour, 2, 2)),
            (int) hexdec(substr($colour, 4, 2)),
        ];
    }
}
