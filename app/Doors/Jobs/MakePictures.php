<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Desks\PictureOrders\PictureDesk;
use App\Shelves\Models\PictureOrder;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use RapidReel\Base\Refusal;
use Throwable;

/** Makes pictures for the shots of a short. */
final class MakePictures implements Ordered, ShouldQueue
{
    use Queueable;

    public int $tries = Ordered::PATIENCE;

    /** Half an hour: four for each of many shots, by a slow service. */
    public int $timeout = 1_800;

    public function __construct(public readonly int $orderId)
    {
        $this->onQueue(Lane::Words->value);
    }

    /** @return list<class-string> */
    public function middleware(): array
    {
        return [HandsBack::class, StaysReserved::class];
    }

    public function handle(PictureDesk $desk): void
    {
        $order = PictureOrder::query()->find($this->orderId);
        if ($order === null) {
            return;
        }
        try {
            $desk->make($order);
        } catch (Refusal $problem) {
            $desk->fail($this->orderId, $problem->getMessage());
        }
    }

    public function about(): string
    {
        return "pictures:{$this->orderId}";
    }

    public function failed(?Throwable $problem): void
    {
        app(PictureDesk::class)->fail(
            $this->orderId,
            'They could not be made: the worker stopped several times over it. Order them again.',
        );
    }
}
