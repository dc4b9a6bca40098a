<?php

declare(strict_types=1);

namespace App\Media\Disk;

/** What was taken away, and what was left of that which might have been. All in bytes. */
final readonly class Swept
{
    /** @param  int  $inUse  left as it is in use */
    public function __construct(
        public int $freed,
        public int $left,
        public int $inUse,
    ) {
    }
}
