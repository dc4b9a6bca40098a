<?php

declare(strict_types=1);

namespace RapidReel\Base\Colour;

/** The transfer of sRGB (IEC 61966-2-1). */
final class Srgb
{
    /**
     * @param  float  $value  0…1, as it is stored
     * @return float 0…1, as it is seen
     */
    public static function linear(float $value): float
    {
        return $value <= 0.04045 ? $value / 12.92 : (($value + 0.055) / 1.055) ** 2.4;
    }
}
