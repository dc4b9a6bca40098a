<?php

declare(strict_types=1);

namespace RapidReel\Making\Render;

/** A piece of a short that is rendered by itself, and where in the short it stands. */
final readonly class Segment
{
    public string $key;

    /** @param  int  $scene  number of its scene, from 0 */
    public function __construct(
        public Recipe $recipe,
        public int $scene,
        public int $startMs,
    ) {
        $this->key = $recipe->key();
    }

    /** @param  list<self>  $segments */
    public static function frames(array $segments): int
    {
        return array_sum(array_map(static fn (self $one): int => $one->recipe->frames, $segments));
    }
}
