<?php

declare(strict_types=1);

namespace App\Desks\Exporting;

use App\Media\Process\Watcher;
use App\Shelves\Models\ExportState;
use RapidReel\Making\Render\Progress;

/** Writes an export's progress into its record, at most twice a second, and looks there whether it is called off. */
final class ExportWatcher implements Watcher
{
    private float $started;

    private float $written = 0;

    private bool $cancelled = false;

    private bool $hasAchieved = false;

    public function __construct(private readonly ExportClaim $claim)
    {
        $this->started = hrtime(true) / 1e9;
    }

    /** @throws TakenOver */
    public function progress(Progress $progress): void
    {
        $now = hrtime(true) / 1e9;
        if ($now - $this->written < 0.5) {
            return;
        }
        $this->written = $now;
        $this->cancelled = $this->claim->state() === ExportState::Cancelling;
        if (! $this->cancelled) {
            $this->claim->write([
                'percent' => $progress->percent(),
                'doing' => $progress->doing,
                'seconds_left' => $progress->secondsLeft($now - $this->started),
            ]);
        }
    }

    public function achieved(): void
    {
        if (! $this->hasAchieved) {
            $this->hasAchieved = true;
            $this->claim->achieved();
        }
    }

    public function isCancelled(): bool
    {
        return $this->cancelled;
    }
}
