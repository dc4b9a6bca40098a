<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Path;

use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\FrameWindow;
use RapidReel\Pictures\Framing\Interest\InterestMap;

/** Looks through a frame path for what a viewer would mind. */
final class PathProblems
{
    /** Of what is of interest, a window should hold so much. */
    public const ENOUGH = 0.4;

    /** What lasts no longer than this is no matter. */
    private const SHORTEST_MS = 400;

    /** Windows a second. */
    private const FASTEST = 1.7;

    /** Common practice, no published source: an HD source may fill an upright frame, a smaller one looks soft. */
    public const ENLARGED = 2.7;

    /**
     * @param  FramePath  $path  in ms of the clip
     * @param  float  $aspect  of the window
     * @param  int  $frameHeight  of the finished picture, in pixels
     * @return list<PathProblem>
     */
    public static function of(
        InterestMap $map,
        FramePath $path,
        int $fromMs,
        int $toMs,
        float $aspect,
        int $frameHeight,
    ): array {
        $found = [];
        $step = $map->stepMs;
        $before = $path->at($fromMs);
        for ($ms = $fromMs; $ms < $toMs; $ms += $step) {
            $window = $path->at($ms);
            $width = FrameWindow::width($window->scale, $map->width, $map->height, $aspect);
            if (PathFinder::held($map, $path, $ms, $ms + 1, $aspect) < self::ENOUGH) {
                $found[] = new PathProblem(ProblemKind::Outside, $ms, $ms + $step);
            }
            $speed = max(abs($window->x - $before->x) / $width, abs($window->y - $before->y) / $window->scale)
                * 1000 / $step;
            if ($speed > self::FASTEST && ! self::isCut($map, $ms - $step, $ms)) {
                $found[] = new PathProblem(ProblemKind::Fast, $ms - $step, $ms);
            }
            if ($frameHeight / ($window->scale * $map->height) > self::ENLARGED) {
                $found[] = new PathProblem(ProblemKind::Soft, $ms, $ms + $step);
            }
            $before = $window;
        }

        return self::together($found, $step);
    }

    private static function isCut(InterestMap $map, int $fromMs, int $toMs): bool
    {
        return array_filter($map->shots, static fn (int $ms): bool => $ms > $fromMs && $ms <= $toMs) !== [];
    }

    /**
     * @param  list<PathProblem>  $found
     * @return list<PathProblem>
     */
    private static function together(array $found, int $stepMs): array
    {
        $spans = [];
        foreach (ProblemKind::cases() as $kind) {
            $open = null;
            foreach ($found as $one) {
                if ($one->kind !== $kind) {
                    continue;
                }
                if ($open !== null && $one->fromMs <= $open->toMs + $stepMs) {
                    $open = new PathProblem($kind, $open->fromMs, $one->toMs);

                    continue;
                }
                $spans[] = $open;
                $open = $one;
            }
            $spans[] = $open;
        }

        return array_values(array_filter(
            $spans,
            static fn (?PathProblem $span): bool => $span !== null &&
                ($span->kind === ProblemKind::Fast || $span->toMs - $span->fromMs >= self::SHORTEST_MS),
        ));
    }
}
