<?php

declare(strict_types=1);

namespace App\Work;

use RuntimeException;

/** What a worker was at goes back to the queue as it was: the worker is to stop, or the disk is full. */
final class HandedBack extends RuntimeException
{
    private function __construct(public readonly bool $isForRoom)
    {
        parent::__construct($isForRoom ? 'There is no room on the disk.' : 'The worker is to stop.');
    }

    public static function forRoom(): self
    {
        return new self(true);
    }

    public static function forTheNight(): self
    {
        return new self(false);
    }
}
