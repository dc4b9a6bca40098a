<?php

declare(strict_types=1);

namespace RapidReel\Plan\Finding;

/** What becomes of a short that something speaks against. */
enum Severity: string
{
    /** It is not exported and cannot be cleared. */
    case Stops = 'stops';
    case Warns = 'warns';
    case Ignored = 'ignored';

    public function rank(): int
    {
        return match ($this) {
            self::Stops => 0,
            self::Warns => 1,
            self::Ignored => 2,
        };
    }
}
