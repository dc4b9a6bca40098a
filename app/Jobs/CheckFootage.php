<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Library\FootageCheck;
use App\Models\Footage;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Looks through a large clip that was brought in. */
final class CheckFootage implements Ordered, ShouldQueue
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

    public function handle(FootageCheck $check): void
    {
        $footage = Footage::query()->find($this->footageId);
        if ($footage !== null) {
            $check->check($footage);
        }
    }

    public function about(): string
    {
        return "footage:{$this->footageId}";
    }

    public function failed(?Throwable $problem): void
    {
        app(FootageCheck::class)->refuse(
            $this->footageId,
            'It could not be looked through: it takes more than this machine has. Make it smaller.',
        );
    }
}
