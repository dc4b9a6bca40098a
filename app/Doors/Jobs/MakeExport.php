<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Desks\Exporting\ExportRunner;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Makes one export. Killed and started again, it goes on with the segments that are there. */
final class MakeExport implements Ordered, ShouldQueue
{
    use Queueable;

    /** As often as it gets anywhere: its own row counts how often it was begun for nothing. */
    public int $tries = 0;

    /** Six hours: the longest short on the slowest machine. */
    public int $timeout = 21_600;

    public function __construct(public readonly int $exportId)
    {
        $this->onQueue(Lane::Renders->value);
    }

    /** @return list<class-string> */
    public function middleware(): array
    {
        return [HandsBack::class, StaysReserved::class, InTheBackground::class];
    }

    public function handle(ExportRunner $runner): void
    {
        $export = Export::query()->with('short.batch.channel')->find($this->exportId);
        if ($export === null || $this->isHeld()) {
            return;
        }
        $runner->run($export);
    }

    /** Whoever lets the queue go on orders it again. */
    private function isHeld(): bool
    {
        return Export::query()->whereKey($this->exportId)->where('state', ExportState::Queued)
            ->whereRelation('short.batch', 'held', true)->exists();
    }

    public function about(): string
    {
        return "export:{$this->exportId}";
    }

    public function failed(?Throwable $problem): void
    {
        $export = Export::query()->find($this->exportId);
        if ($export !== null) {
            app(ExportRunner::class)->fail(
                $export,
                'It took longer than six hours, and was given up. Export again.',
            );
        }
    }
}
