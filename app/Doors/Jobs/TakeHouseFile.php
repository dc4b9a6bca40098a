<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Desks\Editing\House\HouseTaker;
use App\Shelves\Models\HouseImport;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use RapidReel\Base\Refusal;
use Throwable;

/** Makes the house style of a file that of a channel. */
final class TakeHouseFile implements Ordered, ShouldQueue
{
    use Queueable;

    public int $tries = Ordered::PATIENCE;

    /** Half an hour: as many faces and clips as fit into such a file. */
    public int $timeout = 1_800;

    public function __construct(public readonly int $importId)
    {
        $this->onQueue(Lane::Words->value);
    }

    /** @return list<class-string> */
    public function middleware(): array
    {
        return [HandsBack::class, StaysReserved::class];
    }

    public function handle(HouseTaker $taker): void
    {
        $import = HouseImport::query()->find($this->importId);
        if ($import === null) {
            return;
        }
        try {
            $taker->take($import);
        } catch (Refusal $problem) {
            $taker->fail($this->importId, $problem->getMessage());
        }
    }

    public function about(): string
    {
        return "house:{$this->importId}";
    }

    public function failed(?Throwable $problem): void
    {
        app(HouseTaker::class)->fail(
            $this->importId,
            'The house style could not be taken over: the worker stopped several times over it. Nothing was changed; '
                .'upload the file again.',
        );
    }
}
