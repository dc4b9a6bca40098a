<?php

declare(strict_types=1);

namespace RapidReel\Voice;

/** Tells a recording that was made too loud: its tops are cut off. */
final class Clipping
{
    /** From this share of samples at full scale on it can be heard. */
    private const AUDIBLE = 0.001;

    public static function isHeard(Pcm $sound): bool
    {
        $full = 0;
        for ($at = 0, $size = strlen($sound->bytes); $at < $size; $at += 131_072) {
            foreach (Pcm::values(substr($sound->bytes, $at, 131_072)) as $value) {
                $full += $value >= 32_760 || $value <= -32_760 ? 1 : 0;
            }
        }

        return $full > self::AUDIBLE * max(1, $sound->samples());
    }
}
