<?php

declare(strict_types=1);

namespace App\Media\Process;

use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use Illuminate\Support\Facades\Log;

/** What could not be made, as it was ordered, so that it can be made again by hand: the last of them. */
final readonly class FailedOrders
{
    private const ROOM = 'failed';

    private const KEPT = 40;

    public function __construct(private MediaStore $store)
    {
    }

    /** @throws StrangePlace */
    public function keep(EncoderWork $work, string $why): void
    {
        if ($work->order === '') {
            return;
        }
        $place = $this->store->path(self::ROOM."/{$work->key}.json");
        $this->store->put($place, $work->order);
        Log::error("$why What was ordered: $place");
        $all = glob($this->store->path(self::ROOM).'/*.json') ?: [];
        usort($all, static fn (string $a, string $b): int => (int) @filemtime($b) <=> (int) @filemtime($a));
        foreach (array_slice($all, self::KEPT) as $old) {
            $this->store->discard($old);
        }
    }
}
