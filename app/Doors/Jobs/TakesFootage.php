<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Shelves\Models\Footage;
use Illuminate\Foundation\Queue\Queueable;

/** What jobs have in common that work on a piece of footage for long. */
trait TakesFootage
{
    use Queueable;

    public int $tries = Ordered::PATIENCE;

    /** Six hours: ten minutes of the largest pictures, on a machine that is busy with other things. */
    public int $timeout = 21_600;

    public function __construct(public readonly int $footageId)
    {
        $this->onQueue(Lane::Long->value);
    }

    /** @return list<class-string> */
    public function middleware(): array
    {
        return [HandsBack::class, StaysReserved::class, InTheBackground::class];
    }

    private function footage(): ?Footage
    {
        return Footage::query()->find($this->footageId);
    }
}
