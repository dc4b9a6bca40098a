<?php

declare(strict_types=1);

namespace RapidReel\Making\Render;

/** What a segment goes over into, and how. */
final readonly class Bridge
{
    /** @param  Look|null  $look  where it has another than what it comes from */
    public function __construct(
        public Layer $layer,
        public Blend $blend,
        public ?Look $look = null,
    ) {
    }
}
