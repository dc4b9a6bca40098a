<?php

declare(strict_types=1);

namespace App\Jobs;

/** Work that was ordered for a row, which waits until it is done. */
interface Ordered
{
    /** Kind and id of the row. */
    public function about(): string;
}
