<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Desks\Outbox\DuePosts;
use App\Ground\Work\Orders;
use Illuminate\Support\Facades\DB;

/** Orders whatever is due to leave, where nobody has been told of it. */
final readonly class DueSweep
{
    private const AT_ONCE = 200;

    public function __construct(
        private DuePosts $due,
        private Orders $orders,
    ) {
    }

    /** @return int how many were ordered */
    public function order(): int
    {
        $ids = array_slice($this->due->ids(), 0, self::AT_ONCE);

        return $ids === [] ? 0 : DB::transaction(function () use ($ids): int {
            $ordered = array_flip(DB::table('jobs')->where('queue', Lane::Posts->value)
                ->selectRaw("json_extract(payload, '$.about') as about")->pluck('about')->filter()->all());
            $new = array_filter($ids, static fn (int $id): bool => ! isset($ordered["post:$id"]));
            array_map($this->orders->post(...), $new);

            return count($new);
        });
    }
}
