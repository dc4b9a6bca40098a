<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing;

/** The window over a source for the time of a shot, or the whole of it over something. */
final readonly class FramedShot
{
    public function __construct(
        public FramePath $path,
        public ?Backdrop $backdrop = null,
    ) {
    }
}
