<?php

declare(strict_types=1);

namespace App\Library;

/** Where footage and music come from. */
interface ShelfSource
{
    public function shelf(): Shelf;
}
