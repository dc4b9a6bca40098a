<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Ground\Work\Orders;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\Footage;
use App\Shelves\Models\FootageState;
use App\Shelves\Models\HouseImport;
use App\Shelves\Models\HouseImportState;
use App\Shelves\Models\PictureOrder;
use App\Shelves\Models\Recording;
use App\Shelves\Models\RecordingState;
use App\Shelves\Models\Short;
use App\Shelves\Models\VersionOrder;
use Closure;
use Illuminate\Contracts\Database\Query\Builder;
use Illuminate\Database\Eloquent\Builder as Rows;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/** Rows that wait for work which nobody has been told of: they are ordered again. */
final readonly class OrphanSweep
{
    /** Of each kind: thousands may wait after a change of what all inherit, and are worked off in pieces. */
    private const AT_ONCE = 100;

    public function __construct(private Orders $orders)
    {
    }

    /** @return int how many there were */
    public function order(): int
    {
        $open = array_filter(ExportState::cases(), static fn (ExportState $state): bool => $state->isOpen());

        return $this->again(
            'export',
            self::of(Export::query(), static fn (Rows $rows) => $rows->whereIn('state', $open)
                ->whereNot(static fn (Rows $held) => $held->where('state', ExportState::Queued)
                    ->whereRelation('short.batch', 'held', true))),
            self::each($this->orders->makeExport(...)),
        )
            + $this->again(
                'recording',
                Recording::query()->where('state', RecordingState::Waiting),
                self::each($this->orders->alignRecording(...)),
            )
            + $this->again(
                'footage',
                self::unready(FootageState::Checking),
                self::each($this->orders->checkFootage(...)),
            )
            + $this->again(
                'mend',
                self::unready(FootageState::Mending),
                self::each($this->orders->mendFootage(...)),
            )
            + $this->again(
                'pictures',
                PictureOrder::query()->where('open', true),
                self::each($this->orders->makePictures(...)),
            )
            + $this->again(
                'house',
                HouseImport::query()->where('state', HouseImportState::Waiting),
                self::each($this->orders->takeHouseFile(...)),
            )
            + $this->again(
                'version',
                VersionOrder::query()->where('open', true),
                self::each($this->orders->makeVersion(...)),
            )
            + $this->again(
                'short',
                self::of(Short::query(), static fn (Rows $rows) => $rows->whereRaw(
                    // As the index of those says.
                    "problem is null and (inputs != planned_inputs or inputs = '')",
                )),
                $this->orders->planShorts(...),
            );
    }

    /** @return Rows<Footage> */
    private static function unready(FootageState $state): Rows
    {
        return Footage::query()->whereRaw("state <> 'ready'")->where('state', $state);
    }

    /**
     * @template T of Model
     *
     * @param  Rows<T>  $waiting
     * @param  callable(list<int>): mixed  $order
     */
    private function again(string $kind, Rows $waiting, callable $order): int
    {
        $strays = self::withoutJob($waiting, $kind);
        if (! (clone $strays)->exists()) {
            return 0;
        }

        // Looked at once more with the database to ourselves: two workers find the same ones.
        return DB::transaction(static function () use ($strays, $order): int {
            $ids = array_map(intval(...), $strays->latest('id')->limit(self::AT_ONCE)->pluck('id')->all());
            $order(array_values($ids));

            return count($ids);
        });
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

    /**
     * @template T of Model
     *
     * @param  Rows<T>  $rows
     * @param  callable(Rows<T>): mixed  $narrow
     * @return Rows<T>
     */
    private static function of(Rows $rows, callable $narrow): Rows
    {
        $narrow($rows);

        return $rows;
    }

    /**
     * @param  callable(int): void  $order
     * @return Closure(list<int>): mixed
     */
    private static function each(callable $order): Closure
    {
        return static fn (array $ids): array => array_map($order, $ids);
    }
}
