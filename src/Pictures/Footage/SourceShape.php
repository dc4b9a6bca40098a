<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage;

/** How pictures of a file lie. */
final readonly class SourceShape
{
    /**
     * @param  float  $pixelAspect  width of a pixel over its height
     * @param  bool  $isOnItsSide  whether the file says that it is to be turned by a quarter, which its reader does
     * @param  int  $orientation  EXIF, 1…8; its reader does nothing about it
     */
    public function __construct(
        public float $pixelAspect = 1.0,
        public bool $isOnItsSide = false,
        public int $orientation = 1,
    ) {
    }
}
