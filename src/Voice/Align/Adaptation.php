<?php

declare(strict_types=1);

namespace RapidReel\Voice\Align;

/**
 * How the cepstra of one speaker become those of another who says the same: a linear map by least squares over frames
 * that go with each other, kept near the identity where there are few (ridge regression; speaker adaptation by a linear
 * transform as in C. Leggetter and P. Woodland, "Maximum likelihood linear regression", 1995).
 */
final readonly class Adaptation
{
    private const SIZE = Cepstra::COEFFICIENTS;

    /** So many frames that say nothing have changed stand against those that were heard. */
    private const DOUBT = 20.0;

    /** @param  list<list<float>>  $rows  for every coefficient that comes out the weights of those that go in */
    private function __construct(private array $rows)
    {
    }

    /**
     * @param  list<float>  $from  frames of one, SpeechFeatures::SIZE numbers each
     * @param  list<float>  $to  of the other
     * @param  WarpPath  $path  which of them go together
     */
    public static function along(WarpPath $path, array $from, array $to): self
    {
        $square = $cross = array_fill(0, self::SIZE, array_fill(0, self::SIZE, 0.0));
        for ($i = 0; $i < self::SIZE; $i++) {
            $square[$i][$i] = $cross[$i][$i] = self::DOUBT;
        }
        foreach ($path->firsts as $row => $first) {
            $at = $row * SpeechFeatures::SIZE;
            $last = $path->lasts[$row];
            $mean = array_fill(0, self::SIZE, 0.0);
            for ($column = $first; $column <= $last; $column++) {
                $with = $column * SpeechFeatures::SIZE;
                for ($i = 0; $i < self::SIZE; $i++) {
                    $mean[$i] += $to[$with + $i];
                }
            }
            $part = 1 / ($last - $first + 1);
            for ($i = 0; $i < self::SIZE; $i++) {
                $value = $from[$at + $i];
                for ($k = 0; $k < self::SIZE; $k++) {
                    $square[$i][$k] += $value * $from[$at + $k];
                    $cross[$i][$k] += $value * $mean[$k] * $part;
                }
            }
        }

        return new self(self::solved($square, $cross));
    }

    /**
     * @param  list<float>  $frame  coefficients of the one
     * @return list<float> as the other would have said it
     */
    public function of(array $frame): array
    {
        $said = [];
        foreach ($this->rows as $weights) {
            $sum = 0.0;
            foreach ($weights as $i => $weight) {
                $sum += $weight * $frame[$i];
            }
            $said[] = $sum;
        }

        return $said;
    }

    /**
     * By elimination; what stands on the diagonal is never nought, as doubt is added to it.
     *
     * @param  array<int, array<int, float>>  $square  symmetric, positive definite
     * @param  array<int, array<int, float>>  $cross
     * @return list<list<float>> a row for each column of the solution
     */
    private static function solved(array $square, array $cross): array
    {
        for ($i = 0; $i < self::SIZE; $i++) {
            for ($row = 0; $row < self::SIZE; $row++) {
                $factor = $row === $i ? 0.0 : $square[$row][$i] / $square[$i][$i];
                if ($factor === 0.0) {
                    continue;
                }
                for ($k = 0; $k < self::SIZE; $k++) {
                    $square[$row][$k] -= $factor * $square[$i][$k];
                    $cross[$row][$k] -= $factor * $cross[$i][$k];
                }
            }
        }
        $rows = [];
        for ($k = 0; $k < self::SIZE; $k++) {
            $weights = [];
            for ($i = 0; $i < self::SIZE; $i++) {
                $weights[] = $cross[$i][$k] / $square[$i][$i];
            }
            $rows[] = $weights;
        }

        return $rows;
    }
}
