<?php

declare(strict_types=1);

namespace App\Ground\Work;

use RuntimeException;

/** What a worker was at goes back to the queue as it was: the worker is to stop, or the disk is full. */
final class HandedBack extends RuntimeException
{
    private function __construct(
        string $why,
        public readonly bool $isForRoom = false,
        public readonly bool $isForOthers = false,
    ) {
        parent::__construct($why);
    }

    public static function forRoom(): self
    {
        return new self('There is no room on the disk.', isForRoom: true);
    }

    public static function forTheNight(): self
    {
        return new self('The worker is to stop.');
    }

    /** What somebody sits before comes first. */
    public static function forOthers(): self
    {
        return new self('Others wait.', isForOthers: true);
    }
}
