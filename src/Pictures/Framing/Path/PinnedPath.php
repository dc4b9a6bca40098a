<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Path;

use RapidReel\Pictures\Framing\FrameWindow;
use RapidReel\Pictures\Framing\Interest\InterestMap;

/**
 * A path bent through pins: at each it is exactly where the operator put it; between two it is theirs alone; before the
 * first and after the last it comes from and goes back to its own way.
 */
final class PinnedPath
{
    /**
     * @param  non-empty-array<int, FrameWindow>  $windows  of one shot, by ms
     * @param  non-empty-list<Pin>  $pins  within its time, in order
     * @param  float  $largest  height of the largest window of the aspect, as a fraction of the source's
     * @return non-empty-array<int, FrameWindow>
     */
    public static function through(
        array $windows,
        array $pins,
        float $largest,
        InterestMap $map,
        float $aspect,
        int $returnMs,
    ): array {
        $at = [];
        foreach ($pins as $pin) {
            $at[$pin->ms] = self::window($pin, $largest, $map, $aspect);
            $windows[$pin->ms] ??= $at[$pin->ms];
        }
        ksort($windows);
        $times = array_keys($at);
        $first = $times[0];
        $last = $times[count($times) - 1];
        $bent = [];
        $next = 0;
        foreach ($windows as $ms => $own) {
            if ($ms <= $first) {
                $bent[$ms] = self::between($at[$first], $own, min(1.0, ($first - $ms) / $returnMs));
            } elseif ($ms >= $last) {
                $bent[$ms] = self::between($at[$last], $own, min(1.0, ($ms - $last) / $returnMs));
            } else {
                while ($times[$next + 1] < $ms) {
                    $next++;
                }
                $bent[$ms] = self::between(
                    $at[$times[$next]],
                    $at[$times[$next + 1]],
                    ($ms - $times[$next]) / ($times[$next + 1] - $times[$next]),
                );
            }
        }

        return $bent;
    }

    /** The window that a pin asks for, moved inside the picture where it would stand over its edge. */
    public static function window(Pin $pin, float $largest, InterestMap $map, float $aspect): FrameWindow
    {
        $scale = $largest / $pin->close;
        $width = FrameWindow::width($scale, $map->width, $map->height, $aspect);

        return new FrameWindow(
            max($width / 2, min(1 - $width / 2, $pin->x)),
            max($scale / 2, min(1 - $scale / 2, $pin->y)),
            $scale,
        );
    }

    /** @param  float  $part  0…1 of the way, eased at both ends */
    private static function between(FrameWindow $from, FrameWindow $to, float $part): FrameWindow
    {
        $eased = $part * $part * (3 - 2 * $part);

        return new FrameWindow(
            $from->x + $eased * ($to->x - $from->x),
            $from->y + $eased * ($to->y - $from->y),
            $from->scale + $eased * ($to->scale - $from->scale),
        );
    }
}
