<?php

declare(strict_types=1);

namespace RapidReel\Captions\Cue;

/** What letters are drawn in. */
final readonly class PieceType
{
    /**
     * @param  string  $face  id of the face that draws them
     * @param  string  $family  the name by which a renderer finds that
     * @param  float  $size  as a renderer of ASS takes it: ascent and descent of the face together
     */
    public function __construct(
        public string $face,
        public string $family,
        public float $size,
    ) {
    }
}
