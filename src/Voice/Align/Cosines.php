<?php

declare(strict_types=1);

namespace RapidReel\Voice\Align;

/** The discrete cosine transform of type II, orthonormal (N. Ahmed, T. Natarajan and K. Rao, 1974), as a matrix. */
final class Cosines
{
    /** @return list<list<float>> a row for each coefficient */
    public static function matrix(int $coefficients, int $inputs): array
    {
        $matrix = [];
        for ($k = 0; $k < $coefficients; $k++) {
            $scale = sqrt(($k === 0 ? 1 : 2) / $inputs);
            $matrix[] = array_map(
                static fn (int $n): float => $scale * cos((M_PI * $k * (2 * $n + 1)) / (2 * $inputs)),
                range(0, $inputs - 1),
            );
        }

        return $matrix;
    }
}
