<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Schedule;

use DateTimeImmutable;

/** A short at its hour. */
final readonly class Dealt
{
    /** @param  string  $local  the hour on the wall of its channel, as `WallClock::FORM` */
    public function __construct(
        public Waiting $short,
        public string $local,
        public DateTimeImmutable $moment,
    ) {
    }
}
