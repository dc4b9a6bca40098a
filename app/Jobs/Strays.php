<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Export;
use App\Models\ExportState;
use App\Models\Recording;
use App\Models\RecordingState;
use App\Models\Short;
use App\Work\Orders;
use Illuminate\Contracts\Database\Query\Builder;
use Illuminate\Database\Eloquent\Builder as Rows;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/** Rows that wait for work which nobody has been told of: they are ordered again. */
final readonly class Strays
{
    public function __construct(private Orders $orders)
    {
    }

    /** @return int how many there were */
    public function order(): int
    {
        $kinds = [
            ['export', Export::query()->whereIn('state', array_filter(
                ExportState::cases(),
                static fn (ExportState $state): bool => $state->isOpen(),
            )), $this->orders->makeExport(...)],
            ['recording', Recording::query()->where('state', RecordingState::Waiting),
                $this->orders->alignRecording(...)],
            ['short', Short::query()->whereNull('problem')->where(static fn (Rows $rows) => $rows
                ->whereColumn('inputs', '!=', 'planned_inputs')->orWhere('inputs', '')),
                $this->orders->planShort(...)],
        ];
        $found = 0;
        foreach ($kinds as [$kind, $waiting, $order]) {
            $strays = self::withoutJob($waiting, $kind);
            // Looked at once more with the database to ourselves: two workers find the same ones.
            if ((clone $strays)->exists()) {
                $found += DB::transaction(static function () use ($strays, $order): int {
                    $ids = $strays->pluck('id')->all();
                    array_map($order, $ids);

                    return count($ids);
                });
            }
        }

        return $found;
    }

    /**
     * @template T of Model
     *
     * @param  Rows<T>  $rows
     * @return Rows<T>
     */
    private static function withoutJob(Rows $rows, string $kind): Rows
    {
        $rows->whereNotIn(
            DB::raw("'$kind:' || id"),
            static fn (Builder $jobs) => $jobs
                ->selectRaw("json_extract(payload, '$.about')")
                ->from('jobs')
                ->whereRaw("json_extract(payload, '$.about') IS NOT NULL"),
        );

        return $rows;
    }
}
