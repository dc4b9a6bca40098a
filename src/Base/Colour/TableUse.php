<?php

declare(strict_types=1);

namespace RapidReel\Base\Colour;

/** A colour table that is applied after all else of a grade. */
final readonly class TableUse
{
    /**
     * @param  string  $cube  hash of it; empty for none
     * @param  int  $strength  0…100 %
     */
    public function __construct(
        public string $cube = '',
        public int $strength = 100,
    ) {
    }
}
