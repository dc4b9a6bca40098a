<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Desks\Translating\VersionDesk;
use App\Shelves\Models\VersionOrder;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use RapidReel\Base\Refusal;
use Throwable;

/** Makes a version of a short in another language. */
final class MakeVersion implements Ordered, ShouldQueue
{
    use Queueable;

    public int $tries = Ordered::PATIENCE;

    /** Half an hour: the first may have to be voiced before. */
    public int $timeout = 1_800;

    public function __construct(public readonly int $orderId)
    {
        $this->onQueue(Lane::Words->value);
    }

    /** @return list<class-string> */
    public function middleware(): array
    {
        return [HandsBack::class, StaysReserved::class, AtOnce::class];
    }

    public function handle(VersionDesk $desk): void
    {
        $order = VersionOrder::query()->with('short.batch.channel')->where('open', true)->find($this->orderId);
        if ($order === null) {
            return;
        }
        try {
            $desk->make($order->short, $order->language, $order->way, $order);
        } catch (Refusal $problem) {
            $desk->fail($this->orderId, $problem->getMessage());
        }
    }

    public function about(): string
    {
        return "version:{$this->orderId}";
    }

    public function failed(?Throwable $problem): void
    {
        app(VersionDesk::class)->fail(
            $this->orderId, 'It could not be made: the worker stopped several times over it. Order it again.',
        );
    }
}
