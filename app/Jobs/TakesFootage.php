<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Footage;
use Illuminate\Foundation\Queue\Queueable;

/** What jobs have in common that work on a piece of footage for long. */
trait TakesFootage
{
    use Queueable;

    public int $tries = 6;

    /** Half an hour: ten minutes of the largest pictures. */
    public int $timeout = 1_800;

    public function __construct(public readonly int $footageId)
    {
        $this->onQueue('plans');
    }

    /** @return list<class-string> */
    public function middleware(): array
    {
        return [HandsBack::class, StaysReserved::class];
    }

    private function footage(): ?Footage
    {
        return Footage::query()->find($this->footageId);
    }
}
