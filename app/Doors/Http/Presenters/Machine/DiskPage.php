<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Machine;

use App\Desks\Tidying\DiskKeeper;
use App\Desks\Tidying\DiskRules;
use App\Desks\Tidying\FinishedMover;
use App\Ground\Work\DiskAct;
use App\Ground\Work\DiskRoom;
use App\Media\Disk\DiskMeter;
use App\Media\Disk\DiskUse;
use App\Media\Disk\FinishedDepot;
use App\Shelves\Models\Access;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Export;
use App\Shelves\Models\User;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Facades\DB;

/** What fills the disk, by kind and by batch, as it was measured last. */
final readonly class DiskPage
{
    private const BATCHES = 20;

    public function __construct(
        private DiskMeter $meter,
        private DiskRoom $room,
        private DiskKeeper $keeper,
        private FinishedDepot $other,
    ) {
    }

    public function of(User $user, int $page): DiskView
    {
        $use = $this->meter->last();

        return new DiskView(
            $use, DiskRules::read(), self::doing(), $this->room->free(), $this->other->told(),
            $this->other->problem(Export::query()->whereNotNull('moved_to')->exists()),
            $this->batches($user, $use, $page),
        );
    }

    private static function doing(): string
    {
        $about = DB::table('jobs')->whereRaw("json_extract(payload, '$.about') like 'disk:%'")
            ->selectRaw("json_extract(payload, '$.about') as about")->orderBy('id')->value('about');

        return is_string($about) ? DiskAct::tryFrom(explode(':', $about)[1] ?? '')?->doing() ?? '' : '';
    }

    /** @return LengthAwarePaginator<int, DiskBatch> */
    private function batches(User $user, ?DiskUse $use, int $page): LengthAwarePaginator
    {
        $moved = DB::table('exports')->join('shorts', 'shorts.id', '=', 'exports.short_id')
            ->whereNotNull('moved_to')->groupBy('batch_id')->selectRaw('batch_id, sum(bytes) as moved')
            ->pluck('moved', 'batch_id')->map(static fn (mixed $bytes): int => (int) $bytes)->all();
        $sizes = array_map(array_sum(...), $use->batches ?? []) + array_fill_keys(array_keys($moved), 0);
        arsort($sizes);
        $ids = array_slice(array_keys($sizes), ($page - 1) * self::BATCHES, self::BATCHES);
        $reached = Access::channels($user->id)->pluck('id')->all();
        $rows = [];
        foreach (Batch::query()->with('channel')->whereKey($ids)->get()->keyBy('id') as $id => $batch) {
            $isOwn = in_array($batch->channel_id, $reached, true);
            $rows[(int) $id] = new DiskBatch(
                (int) $id, $isOwn ? $batch->name : '', $isOwn ? $batch->channel->name : 'Another account',
                $use->batches[(int) $id] ?? [], $moved[$id] ?? 0,
                FinishedMover::ofBatch((int) $id, false)->count(), $this->keeper->replaced((int) $id)->count(),
            );
        }

        return new LengthAwarePaginator(
            array_values(array_filter(array_map(static fn (int $id): ?DiskBatch => $rows[$id] ?? null, $ids))),
            count($sizes), self::BATCHES, $page, ['path' => route('machine.disk')],
        );
    }
}
