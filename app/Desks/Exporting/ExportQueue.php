<?php

declare(strict_types=1);

namespace App\Desks\Exporting;

use App\Ground\Work\Orders;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\Short;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Refusal;

/** The exports of a batch as a queue: which comes first, whether it waits, what is tried again. */
final readonly class ExportQueue
{
    /** What was made before that is no part of what is being made. */
    private const SHOWN = 300;

    public function __construct(
        private Orders $orders,
        private ExportDesk $desk,
    ) {
    }

    /**
     * Of what was ordered last: what is being made, what waits in its order, then what is over, the last first.
     *
     * @return Collection<int, Export>
     */
    public function of(Batch $batch): Collection
    {
        $last = (clone $this->all($batch))->selectRaw('max(exports.id) as id')
            ->groupBy('short_id', 'quality', 'target');
        $exports = Export::query()->whereIn('id', $last->pluck('id'))->with('short:id,number,title,summary,batch_id')
            ->latest('id')->limit(self::SHOWN)->get();

        return $exports->sort(static fn (Export $a, Export $b): int => self::rank($a) <=> self::rank($b))->values();
    }

    /** What is being made is finished; nothing else is begun until it goes on. */
    public function hold(Batch $batch): void
    {
        $batch->update(['held' => true]);
    }

    public function goOn(Batch $batch): void
    {
        DB::transaction(function () use ($batch): void {
            $batch->update(['held' => false]);
            foreach ((clone $this->all($batch))->where('state', ExportState::Queued)->orderBy('place')->orderBy('id')
                ->get() as $export) {
                $this->orders->makeExport($export->id);
            }
        });
    }

    /**
     * It is made before all others that wait.
     *
     * @throws Refusal
     */
    public function first(Export $export): void
    {
        DB::transaction(function () use ($export): void {
            if ($export->refresh()->state !== ExportState::Queued) {
                throw new Refusal('It does not wait any more.');
            }
            $least = (int) (clone $this->all($export->short->batch))->where('state', ExportState::Queued)->min('place');
            $export->update(['place' => $least - 1]);
            $this->orders->exportFirst($export->id);
        });
    }

    /**
     * What failed or was stopped is ordered again, with what it was ordered for.
     *
     * @throws Refusal
     */
    public function again(Export $export): void
    {
        if ($export->state->isOpen()) {
            throw new Refusal('It is being made already.');
        }
        $this->desk->again($export);
    }

    /** @return Builder<Export> */
    private function all(Batch $batch): Builder
    {
        return Export::query()->whereIn(
            'short_id', Short::query()->where('batch_id', $batch->id)->select('id'),
        );
    }

    /** @return array{int, int, int} */
    private static function rank(Export $export): array
    {
        return match ($export->state) {
            ExportState::Running, ExportState::Cancelling => [0, $export->place, $export->id],
            ExportState::Queued => [1, $export->place, $export->id],
            default => [2, -($export->finished_at?->getTimestamp() ?? 0), -$export->id],
        };
    }
}
