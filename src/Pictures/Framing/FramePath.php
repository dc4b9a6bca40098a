<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing;

use InvalidArgumentException;

/**
 * Where the window stands at every moment of a shot: windows at rising times (ms from the shot's start), moved in
 * straight lines in between, held before the first and after the last.
 */
final readonly class FramePath
{
    /**
     * @param  non-empty-array<int, FrameWindow>  $points  by ms
     */
    public function __construct(public array $points)
    {
        $before = -1;
        foreach (array_keys($points) as $ms) {
            if ($ms <= $before) {
                throw new InvalidArgumentException('The points of a frame path must follow one another in time.');
            }
            $before = $ms;
        }
    }

    /** The largest window of an aspect (width / height) that a source of this size holds, still, in its middle. */
    public static function centred(int $width, int $height, float $aspect): self
    {
        return new self([0 => new FrameWindow(0.5, 0.5, min(1.0, $width / ($height * $aspect)))]);
    }

    /** Whether its windows are all of one size, to a hundredth of a pixel of a picture of 1080 lines. */
    public function keepsItsSize(): bool
    {
        $scales = array_map(static fn (FrameWindow $window): float => $window->scale, $this->points);

        return max($scales) - min($scales) < 1e-5;
    }

    public function isStill(): bool
    {
        $first = $this->points[array_key_first($this->points)];
        foreach ($this->points as $window) {
            if ($window->x !== $first->x || $window->y !== $first->y || $window->scale !== $first->scale) {
                return false;
            }
        }

        return true;
    }

    public function at(int $ms): FrameWindow
    {
        $beforeMs = array_key_first($this->points);
        $before = $this->points[$beforeMs];
        foreach ($this->points as $pointMs => $window) {
            if ($pointMs > $ms) {
                if ($pointMs === array_key_first($this->points)) {
                    return $window;
                }
                $part = ($ms - $beforeMs) / ($pointMs - $beforeMs);

                return new FrameWindow(
                    $before->x + $part * ($window->x - $before->x),
                    $before->y + $part * ($window->y - $before->y),
                    $before->scale + $part * ($window->scale - $before->scale),
                );
            }
            $beforeMs = $pointMs;
            $before = $window;
        }

        return $before;
    }

    /** The same from a later moment on, which is its new beginning. */
    public function from(int $ms): self
    {
        $points = [0 => $this->at($ms)];
        foreach ($this->points as $pointMs => $window) {
            if ($pointMs > $ms) {
                $points[$pointMs - $ms] = $window;
            }
        }

        return new self($points);
    }

    /** The same, so many times as long. */
    public function stretched(float $times): self
    {
        $points = [];
        foreach ($this->points as $ms => $window) {
            $points[(int) round($ms * $times)] = $window;
        }

        return new self($points);
    }

    /** The same again and again, each so long, until a time. */
    public function repeated(int $everyMs, int $untilMs): self
    {
        $points = [];
        for ($from = 0; $from < $untilMs; $from += $everyMs) {
            foreach ($this->points as $ms => $window) {
                if ($ms < $everyMs) {
                    $points[$from + $ms] = $window;
                }
            }
            // It jumps back from there, and does not go.
            $points[$from + $everyMs - 1] ??= $this->at($everyMs);
        }
        ksort($points);

        return new self($points === [] ? $this->points : $points);
    }

    /** The largest window of the path. */
    public function widest(): float
    {
        return max(array_map(static fn (FrameWindow $window): float => $window->scale, $this->points));
    }

    /** @return list<array{ms: int, x: float, y: float, scale: float}> */
    public function toArray(): array
    {
        $rows = [];
        foreach ($this->points as $ms => $window) {
            $rows[] = ['ms' => $ms, 'x' => $window->x, 'y' => $window->y, 'scale' => $window->scale];
        }

        return $rows;
    }

    /** @param  non-empty-list<array{ms: int, x: float|int, y: float|int, scale: float|int}>  $rows */
    public static function fromArray(array $rows): self
    {
        $points = [];
        foreach ($rows as $row) {
            $points[$row['ms']] = new FrameWindow((float) $row['x'], (float) $row['y'], (float) $row['scale']);
        }

        return new self($points);
    }
}
