<?php

declare(strict_types=1);

namespace App\Ground\Work;

use Closure;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * Calls something again and again while other work goes on in this process, whatever that is: a long computation as
 * well as waiting for a program. A child process knocks by a signal, so that a worker that is stopped, killed or hung
 * is silent.
 */
final class Heartbeat
{
    private ?Process $knocker = null;

    /** @param  Closure(): void  $beat */
    public function __construct(
        private readonly Closure $beat,
        private readonly float $everySeconds,
    ) {
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public function during(Closure $work): mixed
    {
        if (! function_exists('pcntl_signal')) {
            return $work();
        }
        $async = pcntl_async_signals(true);
        // System calls go on where they were; nobody else uses this signal, and by default it does nothing.
        pcntl_signal(SIGURG, fn () => ($this->beat)());
        $this->knocker = $this->knocker();
        $this->knocker->start();
        try {
            return $work();
        } finally {
            $this->knocker?->stop(0);
            pcntl_signal(SIGURG, SIG_DFL);
            pcntl_async_signals($async);
        }
    }

    private function knocker(): Process
    {
        $script = sprintf('while sleep %.2f; do kill -URG "$1" 2>/dev/null || exit 0; done', $this->everySeconds);
        $guard = (new ExecutableFinder())->find('setpriv');
        $process = new Process([
            ...$guard === null ? [] : [$guard, '--pdeathsig', 'KILL'],
            '/bin/sh', '-c', $script, 'knocker',
            (string) getmypid(),
        ]);

        return $process->setTimeout(null)->disableOutput();
    }
}
