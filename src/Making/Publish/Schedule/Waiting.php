<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Schedule;

/** A short that is to be dealt, or stands on a day already. */
final readonly class Waiting
{
    /**
     * @param  list<int>  $apartFrom  ids of those that are not posted on the same day: much the same, or the same hook
     */
    public function __construct(
        public int $id,
        public array $apartFrom = [],
    ) {
    }

    public function isApartFrom(self $other): bool
    {
        return in_array($other->id, $this->apartFrom, true) || in_array($this->id, $other->apartFrom, true);
    }
}
