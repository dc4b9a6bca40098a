<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

/** A moment of a short as it is read: minutes and seconds. */
final class Clock
{
    /** @param  int  $ms  of the short */
    public static function tenths(int $ms): string
    {
        return sprintf('%d:%04.1f', intdiv($ms, 60_000), ($ms % 60_000) / 1000);
    }

    /** @param  int  $ms  of the short */
    public static function hundredths(int $ms): string
    {
        return sprintf('%d:%05.2f', intdiv($ms, 60_000), ($ms % 60_000) / 1000);
    }
}
