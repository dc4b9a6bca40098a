<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Desks\Exporting\FileInspector;
use App\Shelves\Models\Export;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Looks through the finished file of an export. */
final class LookThrough implements Ordered, ShouldQueue
{
    use Queueable;

    public int $tries = Ordered::PATIENCE;

    public int $timeout = 3_600;

    public function __construct(public readonly int $exportId)
    {
        $this->onQueue(Lane::Proofs->value);
    }

    /** @return list<class-string> */
    public function middleware(): array
    {
        return [HandsBack::class, StaysReserved::class, InTheBackground::class];
    }

    public function handle(FileInspector $look): void
    {
        $export = Export::query()->find($this->exportId);
        if ($export !== null) {
            $look->through($export);
        }
    }

    public function about(): string
    {
        return "look:{$this->exportId}";
    }
}
