<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Library\MendDesk;
use App\Models\Footage;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Makes the mended file of a clip. */
final class MendFootage implements Ordered, ShouldQueue
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

    public function handle(MendDesk $desk): void
    {
        $footage = Footage::query()->find($this->footageId);
        if ($footage !== null) {
            $desk->mend($footage);
        }
    }

    public function about(): string
    {
        return "mend:{$this->footageId}";
    }

    public function failed(?Throwable $problem): void
    {
        app(MendDesk::class)->refuse(
            $this->footageId,
            'It could not be mended: it takes more than this machine has. The untouched clip is as it was.',
        );
    }
}
