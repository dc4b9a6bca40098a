<?php

declare(strict_types=1);

namespace App\Ground\Work;

use Closure;

/** Lets work be ended in the middle of it when the application is stopped (SIGTERM, Ctrl-C): it is handed back. */
final class Stopping
{
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

                throw HandedBack::forTheNight();
            });
        }
        try {
            return $work();
        } finally {
            foreach ($before as $signal => $handler) {
                pcntl_signal($signal, $handler);
            }
            pcntl_async_signals($async);
        }
    }
}
