<?php

declare(strict_types=1);

namespace App\Gateways\Outlets;

use RapidReel\Making\Publish\Results\Point;

/** Where shorts are brought to. Another service is one class more. */
interface OutletDoor
{
    /**
     * What became of what was sent under a key, however that ended here.
     *
     * @return Sent|null null where it knows of nothing
     *
     * @throws OutletFailure
     */
    public function find(string $key): ?Sent;

    /**
     * Brings it there, going on where it broke; what is there already under its key is not brought again.
     *
     * @param  callable(int): void  $sent  told how many percent are there; what it throws ends it
     *
     * @throws OutletFailure
     */
    public function send(Parcel $parcel, callable $sent): Sent;

    /**
     * What posts brought so far.
     *
     * @param  list<string>  $ids  as the outlet calls them
     * @return array<string, Point> by id; what it does not know is missing
     *
     * @throws OutletFailure
     */
    public function results(array $ids): array;
}
