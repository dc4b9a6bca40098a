<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Export;
use App\Shorts\ExportRunner;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Makes one export. Killed and started again, it goes on with the segments that are there. */
final class MakeExport implements ShouldQueue
{
    use KeepsReservation;
    use Queueable;

    /** Each start counts, also one after a worker was killed: an export that kills every worker is given up. */
    public int $tries = 6;

    public int $timeout = 0;

    public function __construct(public readonly int $exportId)
    {
        $this->onQueue('renders');
    }

    public function handle(ExportRunner $runner): void
    {
        $export = Export::query()->with('short')->find($this->exportId);
        if ($export === null) {
            return;
        }
        try {
            $runner->run($export, $this->stayReserved(...));
        } catch (Throwable $problem) {
            // The same script on the same machine fails again: the operator decides, not the queue.
            report($problem);
            $runner->fail($export, $problem->getMessage());
        }
    }

    public function failed(?Throwable $problem): void
    {
        $export = Export::query()->find($this->exportId);
        if ($export !== null) {
            app(ExportRunner::class)->fail($export, 'The worker was stopped several times while it made this. Export again.');
        }
    }
}
