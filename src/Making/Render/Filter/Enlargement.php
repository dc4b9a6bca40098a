<?php

declare(strict_types=1);

namespace RapidReel\Making\Render\Filter;

/** How a piece of a source is made larger so that frames can be cut out of it. */
final readonly class Enlargement
{
    /**
     * @param  float  $window  pixels of the larger picture to one of the source, by which windows are measured
     * @param  float  $across  the same for places from the left
     * @param  float  $down  and for places from the top. Both differ from the window's by less than a thousandth: a
     *                       held window is cut in whole pairs of pixels, and one that moves shows the same
     * @param  array{int, int}  $canvas  size of the whole larger picture
     * @param  array{int, int}  $piece  size of what is of the source in it
     */
    public function __construct(
        public float $window,
        public float $across,
        public float $down,
        public array $canvas,
        public array $piece,
    ) {
    }

    /** Sizes as the filter that scales takes them. */
    public function scaled(): string
    {
        return implode(':', $this->piece);
    }

    /** What fills up the rest, with a comma before it; nothing where there is no rest. */
    public function padded(): string
    {
        return $this->piece === $this->canvas ? '' : ",pad={$this->canvas[0]}:{$this->canvas[1]}:0:0";
    }
}
