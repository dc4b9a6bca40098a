<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

/** Work that was ordered for a row, which waits until it is done. */
interface Ordered
{
    /** Begun so many times by workers that ended over it, an order is given up: it may be what ends them. */
    public const PATIENCE = 25;

    /** Kind and id of the row. */
    public function about(): string;
}
