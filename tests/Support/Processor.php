<?php

declare(strict_types=1);

namespace Tests\Support;

/** What this process has worked: a bound of it holds while others take the machine. */
final class Processor
{
    /** Processor time since it began, in s. */
    public static function seconds(): float
    {
        $used = getrusage() ?: [];

        return ($used['ru_utime.tv_sec'] ?? 0) + ($used['ru_stime.tv_sec'] ?? 0)
            + (($used['ru_utime.tv_usec'] ?? 0) + ($used['ru_stime.tv_usec'] ?? 0)) / 1e6;
    }
}
