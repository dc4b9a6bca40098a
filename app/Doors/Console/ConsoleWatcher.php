<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Media\Process\Watcher;
use RapidReel\Making\Render\Progress;

/** Tells progress on standard error: one line a short, rewritten on a terminal, said once elsewhere. */
final class ConsoleWatcher implements Watcher
{
    private int $told = -1;

    private bool $terminal;

    private float $started;

    public function __construct(private readonly string $label)
    {
        $this->terminal = stream_isatty(STDERR);
        $this->started = microtime(true);
        if (! $this->terminal) {
            fwrite(STDERR, $this->label."\n");
        }
    }

    public function progress(Progress $progress): void
    {
        if ($this->terminal && $progress->percent() !== $this->told) {
            $this->told = $progress->percent();
            $left = $progress->secondsLeft(microtime(true) - $this->started);
            fwrite(
                STDERR,
                sprintf(
                    "\r\033[K%s  %d %%  %s%s",
                    $this->label,
                    $this->told,
                    $progress->doing,
                    $left === null ? '' : ", $left s left",
                ),
            );
        }
    }

    public function done(): void
    {
        if ($this->terminal) {
            fwrite(STDERR, sprintf("\r\033[K%s  done in %.1f s\n", $this->label, microtime(true) - $this->started));
        }
    }

    public function achieved(): void
    {
    }

    public function isCancelled(): bool
    {
        return false;
    }
}
