<?php

declare(strict_types=1);

namespace RapidReel\Base\Colour;

/** Which pictures of a short look as if they were of another. */
final class OddOnes
{
    /** A picture no further from the others than that is not odd, however alike they are: CIEDE2000. */
    private const LEAST = 14.0;

    /** So many times as far as is usual among them. */
    private const TIMES = 1.6;

    /** Among fewer there is no rest to be unlike. */
    private const FEWEST = 4;

    /**
     * @param  array<int, PictureColours>  $pictures  by number of the shot
     * @return array<int, float> how far each lies from the rest: the median of its distances
     */
    public static function distances(array $pictures): array
    {
        $distances = [];
        // The same picture comes again and again, and is as far from another as that is from it.
        $known = [];
        foreach ($pictures as $i => $one) {
            $own = [];
            foreach ($pictures as $j => $other) {
                if ($i !== $j) {
                    $pair = [spl_object_id($one), spl_object_id($other)];
                    $key = min($pair).'-'.max($pair);
                    $own[] = $known[$key] ??= $one->difference($other);
                }
            }
            $distances[$i] = self::median($own);
        }

        return $distances;
    }

    /**
     * @param  array<int, PictureColours>  $pictures
     * @return list<int> numbers of the odd ones
     */
    public static function among(array $pictures): array
    {
        if (count($pictures) < self::FEWEST) {
            return [];
        }
        $distances = self::distances($pictures);
        $usual = self::median(array_values($distances));

        return array_keys(array_filter(
            $distances,
            static fn (float $distance): bool => $distance > self::LEAST && $distance > self::TIMES * $usual,
        ));
    }

    /** @param  list<float>  $values */
    private static function median(array $values): float
    {
        sort($values);
        $count = count($values);

        return $count === 0 ? 0.0 : ($values[intdiv($count - 1, 2)] + $values[intdiv($count, 2)]) / 2;
    }
}
