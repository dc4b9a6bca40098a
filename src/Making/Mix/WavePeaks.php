<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix;

use RapidReel\Voice\Speech\Pcm;

/** The outline of a sound, to be drawn. */
final class WavePeaks
{
    public const STEP_MS = 5;

    /** @return list<int> the largest sample of every 5 ms, 0…100 of full scale */
    public static function of(Pcm $sound): array
    {
        $peaks = [];
        for (
            $step = 0, $size = strlen($sound->bytes);
            ($at = 2 * $sound->sampleAt($step * self::STEP_MS)) < $size;
            $step++
        ) {
            $values = Pcm::values(
                substr($sound->bytes, $at, max(2, 2 * $sound->sampleAt(($step + 1) * self::STEP_MS) - $at)),
            );
            $peak = $values === [] ? 0 : max(max($values), -min($values));
            $peaks[] = (int) round($peak / 327.68);
        }

        return $peaks;
    }
}
