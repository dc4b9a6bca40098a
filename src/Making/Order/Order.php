<?php

declare(strict_types=1);

namespace RapidReel\Making\Order;

use JsonException;

/**
 * What is to be made, as a value: it holds all that makes it what it is, so that whoever sees the same media can make
 * it, and makes the same. Nothing in it names a place on a disk.
 */
interface Order
{
    public function kind(): OrderKind;

    /** A hash of all that can change what comes out. */
    public function key(): string;

    /** @throws JsonException */
    public function toJson(): string;
}
