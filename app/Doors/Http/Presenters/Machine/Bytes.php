<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Machine;

/** Sizes as disks are sold: 1,000 bytes are a kilobyte. */
final class Bytes
{
    public static function said(int $bytes): string
    {
        return match (true) {
            $bytes >= 99_500_000_000 => number_format($bytes / 1e9).' GB',
            $bytes >= 1_000_000_000 => number_format($bytes / 1e9, 1).' GB',
            $bytes >= 9_950_000 => number_format($bytes / 1e6).' MB',
            $bytes >= 100_000 => number_format($bytes / 1e6, 1).' MB',
            $bytes > 0 => number_format(max(1, $bytes / 1e3)).' kB',
            default => '–',
        };
    }
}
