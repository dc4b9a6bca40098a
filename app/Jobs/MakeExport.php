<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Exporting\ExportRunner;
use App\Media\ToolFailed;
use App\Models\Export;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use RapidReel\Base\Refusal;
use Throwable;

/** Makes one export. Killed and started again, it goes on with the segments that are there. */
final class MakeExport implements ShouldQueue
{
    use Queueable;

    /** Each start counts, also one after a worker was killed: an export that kills every worker is given up. */
    public int $tries = 6;

    /** Six hours: the longest short on the slowest machine. */
    public int $timeout = 21_600;

    public function __construct(public readonly int $exportId)
    {
        $this->onQueue('renders');
    }

    /** @return list<object> */
    public function middleware(): array
    {
        return [new StaysReserved];
    }

    public function handle(ExportRunner $runner): void
    {
        $export = Export::query()->with('short.batch.channel')->find($this->exportId);
        if ($export === null) {
            return;
        }
        try {
            $runner->run($export);
        } catch (Throwable $problem) {
            // The same script on the same machine fails again: the operator decides, not the queue.
            report($problem);
            $runner->fail($export, $problem instanceof Refusal || $problem instanceof ToolFailed
                ? $problem->getMessage()
                : 'Something went wrong in the program while it was made. The log says what; export again.');
        }
    }

    public function failed(?Throwable $problem): void
    {
        $export = Export::query()->find($this->exportId);
        if ($export !== null) {
            app(ExportRunner::class)->fail(
                $export,
                'The worker was stopped several times while it made this. Export again.',
            );
        }
    }
}
