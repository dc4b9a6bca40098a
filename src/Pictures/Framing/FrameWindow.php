<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing;

use InvalidArgumentException;

/**
 * Where the upright window stands over a source: its centre as fractions of the source's width and height, its height
 * as a fraction of the source's height.
 */
final readonly class FrameWindow
{
    public function __construct(
        public float $x,
        public float $y,
        public float $scale,
    ) {
        if ($x < 0 || $x > 1 || $y < 0 || $y > 1 || $scale <= 0 || $scale > 1) {
            throw new InvalidArgumentException(sprintf('No window at %.3f, %.3f with scale %.3f.', $x, $y, $scale));
        }
    }

    /**
     * How wide a window of some height is.
     *
     * @param  float  $scale  its height as a fraction of the source's
     * @param  int  $width  of the source, in pixels
     * @param  int  $height  of the source, in pixels
     * @param  float  $aspect  of the window, width / height
     * @return float a fraction of the source's width
     */
    public static function width(float $scale, int $width, int $height, float $aspect): float
    {
        return min(1.0, $scale * $height * $aspect / $width);
    }
}
