<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Path;

/** How much of a profile is inside a window at each of its places, its middle counting more than its edges. */
final class SoftWindow
{
    private const SOFT = 4;

    /** In a wider window what is nearer to its middle than this counts twice: it has room enough on either side. */
    private const CORE = 0.16;

    /** Profiles come in a few sizes, and windows in a few widths. */
    private const MOST_KNOWN = 50;

    /** @var array<string, list<array{array<int, float>, array<int, float>}>> by what they were computed for */
    private static array $known = [];

    /**
     * @param  string  $profile  bytes
     * @param  float  $width  of the window, as a part of the whole
     * @param  int  $places  at least 2; the first has the window at one end, the last at the other
     * @return list<float> a part from 0 to 1 each
     */
    public static function gains(string $profile, float $width, int $places): array
    {
        /** @var array<int, int> $bytes */
        $bytes = unpack('C*', $profile);
        $sum = max(1, array_sum($bytes));
        $gains = [];
        foreach (self::weights(strlen($profile), $width, $places) as [$window, $core]) {
            $inside = 0.0;
            foreach ($window as $i => $weight) {
                $inside += $bytes[$i] * $weight;
                if (isset($core[$i])) {
                    $inside += $bytes[$i] * $core[$i];
                }
            }
            $gains[] = $inside / $sum;
        }

        return $gains;
    }

    /** @return list<array{array<int, float>, array<int, float>}> of a window at each place and of its core, by byte */
    private static function weights(int $size, float $width, int $places): array
    {
        $of = sprintf('%d %.17e %d', $size, $width, $places);
        if (isset(self::$known[$of])) {
            return self::$known[$of];
        }
        $half = $width * $size / 2;
        $span = $size - 2 * $half;
        $core = min($half, self::CORE * $size);
        $weights = [];
        for ($place = 0; $place < $places; $place++) {
            $middle = $half + $span * $place / ($places - 1);
            $last = min($size - 1, (int) floor($middle + $half));
            [$ofWindow, $ofCore] = [[], []];
            for ($i = max(0, (int) ($middle - $half)); $i <= $last; $i++) {
                $off = ($i + 0.5 - $middle) / $half;
                if ($off > -1 && $off < 1) {
                    $ofWindow[$i + 1] = 1 - abs($off) ** self::SOFT;
                }
                $off *= $half / $core;
                if ($core < $half && $off > -1 && $off < 1) {
                    $ofCore[$i + 1] = 1 - abs($off) ** self::SOFT;
                }
            }
            $weights[] = [$ofWindow, $ofCore];
        }
        self::$known = [...array_slice(self::$known, -self::MOST_KNOWN), $of => $weights];

        return $weights;
    }
}
