<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Desks\Tidying\DiskKeeper;
use App\Ground\Work\DiskAct;
use App\Ground\Work\Orders;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Does something to what fills the disk, and orders what is left of it. */
final class TidyDisk implements Ordered, ShouldQueue
{
    use Queueable;

    public int $tries = Ordered::PATIENCE;

    public int $timeout = 3_600;

    public function __construct(
        public readonly DiskAct $act,
        public readonly int $batch = 0,
        public readonly string $kind = '',
    ) {
        $this->onQueue(Lane::Words->value);
    }

    /** @return list<class-string> */
    public function middleware(): array
    {
        return [HandsBack::class, StaysReserved::class, InTheBackground::class];
    }

    public function handle(DiskKeeper $keeper, Orders $orders): void
    {
        if ($keeper->act($this->act, $this->batch, $this->kind)) {
            $orders->tidyDisk($this->act, $this->batch, $this->kind);
        }
    }

    public function about(): string
    {
        return self::named($this->act, $this->batch, $this->kind);
    }

    public static function named(DiskAct $act, int $batch, string $kind): string
    {
        return "disk:{$act->value}:$batch:$kind";
    }
}
