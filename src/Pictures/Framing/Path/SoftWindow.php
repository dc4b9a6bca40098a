<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Path;

/** How much of a profile is inside a window at each of its places, its middle counting more than its edges. */
final class SoftWindow
{
    private const SOFT = 4;

    /** In a wider window what is nearer to its middle than this counts twice: it has room enough on either side. */
    private const CORE = 0.16;

    /**
     * @param  string  $profile  bytes
     * @param  float  $width  of the window, as a part of the whole
     * @param  int  $places  at least 2; the first has the window at one end, the last at the other
     * @return list<float> a part from 0 to 1 each
     */
    public static function gains(string $profile, float $width, int $places): array
    {
        $size = strlen($profile);
        $half = $width * $size / 2;
        $span = $size - 2 * $half;
        $core = min($half, self::CORE * $size);
        /** @var array<int, int> $bytes */
        $bytes = unpack('C*', $profile);
        $sum = max(1, array_sum($bytes));
        $gains = [];
        for ($place = 0; $place < $places; $place++) {
            $middle = $half + $span * $place / ($places - 1);
            $inside = 0.0;
            $last = min($size - 1, (int) floor($middle + $half));
            for ($i = max(0, (int) ($middle - $half)); $i <= $last; $i++) {
                $off = ($i + 0.5 - $middle) / $half;
                if ($off > -1 && $off < 1) {
                    $inside += $bytes[$i + 1] * (1 - abs($off) ** self::SOFT);
                }
                $off *= $half / $core;
                if ($core < $half && $off > -1 && $off < 1) {
                    $inside += $bytes[$i + 1] * (1 - abs($off) ** self::SOFT);
                }
            }
            $gains[] = $inside / $sum;
        }

        return $gains;
    }
}
