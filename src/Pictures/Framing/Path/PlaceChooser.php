<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Path;

/**
 * Chooses a place of a window for every moment, so that what it gains in all, less a price for every step it moves, is
 * the most there is: exactly, by dynamic programming (R. Bellman, 1957).
 */
final class PlaceChooser
{
    /**
     * @param  non-empty-list<list<float>>  $gains  of every place at every moment
     * @param  float  $price  of moving by one place
     * @param  int  $furthest  places that it may move from one moment to the next
     * @return non-empty-list<int> a place for every moment
     */
    public static function choose(array $gains, float $price, int $furthest): array
    {
        $best = $gains[0];
        $places = count($best);
        $from = [];
        for ($moment = 1, $moments = count($gains); $moment < $moments; $moment++) {
            $next = $came = [];
            foreach ($gains[$moment] as $place => $gain) {
                $most = -INF;
                $origin = $place;
                $end = min($places - 1, $place + $furthest);
                for ($other = max(0, $place - $furthest); $other <= $end; $other++) {
                    $value = $best[$other] - $price * ($other < $place ? $place - $other : $other - $place);
                    // Of equal ones the nearest: nothing moves without a reason.
                    if ($value > $most || ($value === $most && abs($other - $place) < abs($origin - $place))) {
                        $most = $value;
                        $origin = $other;
                    }
                }
                $next[] = $most + $gain;
                $came[] = $origin;
            }
            $best = $next;
            $from[] = $came;
        }
        $place = $best === [] ? 0 : (int) array_search(max($best), $best, true);
        $chosen = [$place];
        for ($moment = count($from) - 1; $moment >= 0; $moment--) {
            $place = $from[$moment][$place];
            $chosen[] = $place;
        }

        return array_reverse($chosen);
    }
}
