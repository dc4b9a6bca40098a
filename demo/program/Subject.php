<?php

declare(strict_types=1);

namespace RapidReel\Demo;

use Closure;

/** What moves in a clip: how it is drawn about its origin, and the box that it fills. */
final readonly class Subject
{
    /**
     * @param  Closure(Pen, float): mixed  $draw  at a phase from 0 to 1
     * @param  int  $side  of the square it is drawn in, the origin in the middle
     * @param  int  $poses  how many frames one round of it takes
     * @param  array{float|int, float|int, float|int, float|int}  $box  width, height, and its middle from the origin
     */
    public function __construct(
        public string $name,
        public Closure $draw,
        public int $side,
        public int $poses,
        public array $box,
        public float $scale = 1,
    ) {
    }
}
