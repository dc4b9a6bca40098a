<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage;

use InvalidArgumentException;

/**
 * A hash that is nearly the same for pictures that are: whether each of 8 × 8 patches is brighter than the one to its
 * right (the difference hash; common practice, no published source).
 */
final class PictureHash
{
    public const WIDTH = 9;

    public const HEIGHT = 8;

    /** Bits in which pictures that are nearly the same may differ. */
    public const NEAR = 5;

    /**
     * One part more than bits in which near ones differ, so that at least one of them is the same in both: first digit,
     * from 1, and how many. For indexes of those who keep hashes.
     */
    public const PARTS = [[1, 3], [4, 3], [7, 3], [10, 3], [13, 2], [15, 2]];

    /**
     * @param  list<int>  $greys  9 × 8 levels, row after row
     * @return string 16 hexadecimal digits
     */
    public static function of(array $greys): string
    {
        if (count($greys) !== self::WIDTH * self::HEIGHT) {
            throw new InvalidArgumentException('A picture is hashed by 9 × 8 levels.');
        }
        $hash = '';
        for ($y = 0; $y < self::HEIGHT; $y++) {
            $bits = 0;
            for ($x = 0; $x < self::WIDTH - 1; $x++) {
                $at = $y * self::WIDTH + $x;
                // A little more, so that noise on an even ground says nothing.
                $bits = 2 * $bits + ($greys[$at] > $greys[$at + 1] + 2 ? 1 : 0);
            }
            $hash .= sprintf('%02x', $bits);
        }

        return $hash;
    }

    /** In how many bits two differ: 0…64. */
    public static function distance(string $one, string $other): int
    {
        $differ = 0;
        for ($i = 0; $i < 16; $i += 2) {
            $bits = (int) hexdec(substr($one, $i, 2)) ^ (int) hexdec(substr($other, $i, 2));
            for (; $bits > 0; $bits &= $bits - 1) {
                $differ++;
            }
        }

        return $differ;
    }

    /** Whether a hash tells anything: an even picture looks like every other even one. */
    public static function tells(string $hash): bool
    {
        $set = self::distance($hash, '0000000000000000');

        return $set >= 6 && $set <= 58;
    }
}
