<?php

declare(strict_types=1);

namespace RapidReel\Making\Render\Filter;

use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\FrameWindow;

/** A frame path as expressions of the number of the frame, in pixels of the source, for ffmpeg's filters. */
final readonly class PathTrack
{
    private const TERMS = 40;

    public float $aspect;

    public function __construct(
        private FramePath $path,
        private int $width,
        private int $height,
        int $frameWidth,
        int $frameHeight,
        private int $fps,
    ) {
        $this->aspect = $frameWidth / $frameHeight;
    }

    /** Width of the widest window. */
    public function widest(): float
    {
        return min((float) $this->width, $this->path->widest() * $this->height * $this->aspect);
    }

    /** Width of the narrowest window. */
    public function narrowest(): float
    {
        return min(array_map(fn (FrameWindow $window): float => $window->scale, $this->path->points)) *
            $this->height *
            $this->aspect;
    }

    /** Whether the window keeps its middle where it is, so that only its size changes. */
    public function keepsItsMiddle(): bool
    {
        $first = $this->path->points[array_key_first($this->path->points)];
        foreach ($this->path->points as $window) {
            if (
                abs($window->x - $first->x) * $this->width > 0.25 ||
                abs($window->y - $first->y) * $this->height > 0.25
            ) {
                return false;
            }
        }

        return true;
    }

    /**
     * The part of the source that the window ever stands over: left, top, right and bottom in pixels.
     *
     * @return array{float, float, float, float}
     */
    public function bounds(): array
    {
        [$left, $top, $right, $bottom] = [(float) $this->width, (float) $this->height, 0.0, 0.0];
        foreach ($this->path->points as $window) {
            $halfHeight = $window->scale * $this->height / 2;
            $halfWidth = $halfHeight * $this->aspect;
            $left = min($left, $window->x * $this->width - $halfWidth);
            $right = max($right, $window->x * $this->width + $halfWidth);
            $top = min($top, $window->y * $this->height - $halfHeight);
            $bottom = max($bottom, $window->y * $this->height + $halfHeight);
        }

        return [
            max(0.0, $left),
            max(0.0, $top),
            min((float) $this->width, $right),
            min((float) $this->height, $bottom),
        ];
    }

    /** Width of the window at a frame. */
    public function windowWidth(string $frame): string
    {
        return $this->track($frame, fn (FrameWindow $window): float => $window->scale * $this->height * $this->aspect);
    }

    /** Its middle across. */
    public function middleX(string $frame): string
    {
        return $this->track($frame, fn (FrameWindow $window): float => $window->x * $this->width);
    }

    /** Its middle down. */
    public function middleY(string $frame): string
    {
        return $this->track($frame, fn (FrameWindow $window): float => $window->y * $this->height);
    }

    /**
     * Straight lines between the points, the values of the first and the last held outside.
     *
     * @param  string  $frame  name of the variable
     * @param  callable(FrameWindow): float  $of
     */
    private function track(string $frame, callable $of): string
    {
        $start = '0';
        $terms = [];
        $from = null;
        $before = 0.0;
        foreach ($this->path->points as $ms => $window) {
            $at = $ms * $this->fps / 1000;
            $value = $of($window);
            if ($from === null) {
                $start = sprintf('%.5f', $value);
            } elseif (abs($value - $before) > 1e-6) {
                // clip() makes each piece add its part once it is reached, and no more once it is passed.
                $terms[] = sprintf(
                    '%+.8f*clip(%s-%.5f,0,%.5f)',
                    ($value - $before) / ($at - $from),
                    $frame,
                    $from,
                    $at - $from,
                );
            }
            $from = $at;
            $before = $value;
        }

        // Its reader takes no more than a hundred terms in a row.
        $groups = array_chunk($terms, self::TERMS);

        return $start.implode(
            '',
            count($groups) < 2
                ? $terms
                : array_map(static fn (array $group): string => '+('.implode('', $group).')', $groups),
        );
    }
}
