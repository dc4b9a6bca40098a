<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Path;

/** The middle of a window along one axis, moment after moment, as fractions of the source. */
final class Line
{
    /** Half of how far the subject may stray from the middle before the window follows, as a part of the window. */
    private const ZONE = 0.045;

    /** Moving by a whole window costs as much as seeing nothing for so many seconds. */
    private const PRICE_S = 0.08;

    /** Windows a second. */
    private const FASTEST = 1.6;

    private const PLACES = 97;

    /**
     * @param  non-empty-list<string>  $profiles
     * @param  float  $width  of the window, as a part of the source, below 1
     * @return non-empty-list<float>
     */
    public static function through(array $profiles, float $width, int $stepMs, bool $isStill): array
    {
        if ($width > 0.998) {
            return array_fill(0, count($profiles), 0.5);
        }
        $gains = array_map(
            static fn (string $profile): array => SoftWindow::gains($profile, $width, self::PLACES),
            $profiles,
        );
        if ($isStill) {
            $sums = $gains[0];
            foreach (array_slice($gains, 1) as $more) {
                foreach ($more as $place => $gain) {
                    $sums[$place] += $gain;
                }
            }
            $place = $sums === [] ? 0 : (int) array_search(max($sums), $sums, true);

            return array_fill(0, count($profiles), self::middle($place, $width));
        }
        $room = 1 - $width;
        $perWindow = $width / $room * (self::PLACES - 1);
        $places = PlaceChooser::choose(
            $gains,
            self::PRICE_S * 1000 / $stepMs / $perWindow,
            (int) max(1, ceil(self::FASTEST * $perWindow * $stepMs / 1000)),
        );
        $zone = self::ZONE * $width;
        $low = $high = [];
        foreach ($places as $place) {
            $middle = self::middle($place, $width);
            $low[] = max($width / 2, $middle - $zone);
            $high[] = min(1 - $width / 2, $middle + $zone);
        }

        return TautString::through($low, $high);
    }

    private static function middle(int $place, float $width): float
    {
        return $width / 2 + (1 - $width) * $place / (self::PLACES - 1);
    }
}
