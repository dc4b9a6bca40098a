<?php

declare(strict_types=1);

namespace App\Ground\Work;

use Closure;

/**
 * Lets work be ended in the middle of it when the application is stopped (SIGTERM, Ctrl-C): it is handed back. What is
 * whole or not at all is not ended in the middle, but after it.
 */
final class Stopping
{
    /** How many that are not to be ended are within one another. */
    private static int $whole = 0;

    private static bool $isDue = false;

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     *
     * @throws HandedBack
     */
    public static function during(Closure $work): mixed
    {
        if (! function_exists('pcntl_signal')) {
            return $work();
        }
        $async = pcntl_async_signals(true);
        $before = [];
        foreach ([SIGTERM, SIGINT] as $signal) {
            $before[$signal] = pcntl_signal_get_handler($signal);
            pcntl_signal($signal, static function () use ($before, $signal): void {
                // The worker's own handler has it leave after this order.
                is_callable($before[$signal]) && call_user_func($before[$signal]);
                self::$isDue = true;
                self::endIfDue();
            });
        }
        try {
            return $work();
        } finally {
            self::$isDue = false;
            foreach ($before as $signal => $handler) {
                pcntl_signal($signal, $handler);
            }
            pcntl_async_signals($async);
        }
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work  soon done
     * @return T
     *
     * @throws HandedBack once it is done, if the application was stopped meanwhile
     */
    public static function after(Closure $work): mixed
    {
        self::$whole++;
        try {
            $done = $work();
        } finally {
            self::$whole--;
        }
        self::endIfDue();

        return $done;
    }

    /** @throws HandedBack */
    private static function endIfDue(): void
    {
        if (self::$isDue && self::$whole === 0) {
            self::$isDue = false;

            throw HandedBack::forTheNight();
        }
    }
}
