<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Outbox;

/** What the clock on the wall of a channel shows. */
final readonly class WallTime
{
    /** @param  string  $time  HH:MM */
    public function __construct(
        public string $zone,
        public string $time,
    ) {
    }
}
