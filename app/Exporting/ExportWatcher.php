<?php

declare(strict_types=1);

namespace App\Exporting;

use App\Media\Watcher;
use App\Models\Export;
use App\Models\ExportState;
use RapidReel\Render\Progress;

/** Writes an export's progress into its record, at most twice a second, and looks there whether it is called off. */
final class ExportWatcher implements Watcher
{
    private float $started;

    private float $written = 0;

    private bool $cancelled = false;

    public function __construct(private readonly Export $export)
    {
        $this->started = microtime(true);
    }

    public function progress(Progress $progress): void
    {
        $now = microtime(true);
        if ($now - $this->written < 0.5) {
            return;
        }
        $this->written = $now;
        Export::query()
            ->whereKey($this->export->id)
            ->where('state', ExportState::Running)
            ->update([
                'percent' => $progress->percent(),
                'doing' => $progress->doing,
                'seconds_left' => $progress->secondsLeft($now - $this->started),
            ]);
        $this->cancelled = Export::query()
            ->whereKey($this->export->id)
            ->where('state', ExportState::Running)
            ->doesntExist();
    }

    public function isCancelled(): bool
    {
        return $this->cancelled;
    }
}
