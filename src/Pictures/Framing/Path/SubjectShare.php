<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Path;

use RapidReel\Base\SafeArea;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\FrameWindow;
use RapidReel\Pictures\Framing\Interest\InterestMap;

/** How much of what a picture is about is in its window, and how much of that an outlet leaves to be seen. */
final class SubjectShare
{
    /**
     * @param  FramePath  $path  in ms of the clip
     * @param  float  $aspect  of the window
     * @param  SafeArea  $safe  what an outlet leaves alone
     * @return array{held: float, clear: float} 0…1, in the middle of all moments; clear is a part of what is held
     */
    public static function of(
        InterestMap $map,
        FramePath $path,
        int $fromMs,
        int $toMs,
        float $aspect,
        SafeArea $safe,
    ): array {
        $wide = max(0.01, 1 - $safe->left - $safe->right);
        $high = max(0.01, 1 - $safe->top - $safe->bottom);
        $points = [];
        foreach ($path->points as $ms => $window) {
            $width = FrameWindow::width($window->scale, $map->width, $map->height, $aspect);
            $points[$ms] = new FrameWindow(
                min(1.0, max(0.0, $window->x + $width * ($safe->left - $safe->right) / 2)),
                min(1.0, max(0.0, $window->y + $window->scale * ($safe->top - $safe->bottom) / 2)),
                $window->scale * $high,
            );
        }
        $held = PathFinder::held($map, $path, $fromMs, $toMs, $aspect);
        $clear = PathFinder::held($map, new FramePath($points), $fromMs, $toMs, $aspect * $wide / $high);

        return ['held' => $held, 'clear' => $held > 0 ? min(1.0, $clear / $held) : 1.0];
    }
}
