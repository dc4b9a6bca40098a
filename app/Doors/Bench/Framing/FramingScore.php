<?php

declare(strict_types=1);

namespace App\Doors\Bench\Framing;

/** How well windows held a subject whose place is known. */
final class FramingScore
{
    private int $frames = 0;

    private int $held = 0;

    private int $fitting = 0;

    private int $whole = 0;

    private float $inside = 0.0;

    private float $jitter = 0.0;

    private int $steps = 0;

    /**
     * @param  list<float>  $middles  of the window across, as fractions of the source
     * @param  list<array{x: float, y: float, w: float, h: float}>  $truth  as many
     * @param  float  $width  of the window
     */
    public function add(array $middles, array $truth, float $width): void
    {
        foreach ($truth as $i => $place) {
            $off = abs($place['x'] - $middles[$i]);
            $this->frames++;
            $this->held += $off <= $width / 2 ? 1 : 0;
            $left = max($middles[$i] - $width / 2, $place['x'] - $place['w'] / 2);
            $right = min($middles[$i] + $width / 2, $place['x'] + $place['w'] / 2);
            $this->inside += max(0.0, $right - $left) / $place['w'];
            $isIn = $place['x'] - $place['w'] / 2 >= 0 && $place['x'] + $place['w'] / 2 <= 1;
            if ($place['w'] <= $width && $isIn) {
                $this->fitting++;
                $this->whole += $off + $place['w'] / 2 <= $width / 2 + 1e-6 ? 1 : 0;
            }
            if ($i >= 2) {
                $this->jitter += abs($middles[$i] - 2 * $middles[$i - 1] + $middles[$i - 2]) / $width;
                $this->steps++;
            }
        }
    }

    /** Percent of frames in which the subject's middle is in the window. */
    public function held(): float
    {
        return 100 * $this->held / max(1, $this->frames);
    }

    /** Percent of frames in which all of it is, of those in which it can be. */
    public function whole(): float
    {
        return 100 * $this->whole / max(1, $this->fitting);
    }

    /** Percent of the subject that is in the window, over all frames. */
    public function inside(): float
    {
        return 100 * $this->inside / max(1, $this->frames);
    }

    /** How unevenly the window moves: mean change of its speed from step to step, in windows. */
    public function jitter(): float
    {
        return $this->jitter / max(1, $this->steps);
    }

    /**
     * How often a path turns back.
     *
     * @param  list<float>  $middles
     */
    public static function turns(array $middles): int
    {
        $turns = $direction = 0;
        for ($i = 1, $count = count($middles); $i < $count; $i++) {
            $moved = $middles[$i] - $middles[$i - 1];
            if (abs($moved) > 1e-5) {
                $turns += $direction !== 0 && ($moved <=> 0) !== $direction ? 1 : 0;
                $direction = $moved <=> 0;
            }
        }

        return $turns;
    }
}
