<?php

declare(strict_types=1);

namespace App\Desks\Tidying;

use App\Ground\Work\DiskAct;
use App\Makers\Proofs\Proof;
use App\Makers\Videos\FinishedVideos;
use App\Media\Disk\Budget;
use App\Media\Disk\DiskKind;
use App\Media\Disk\DiskMeter;
use App\Media\Disk\DiskUse;
use App\Media\Disk\FinishedDepot;
use App\Media\Disk\Owners;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Music;
use App\Shelves\Models\Short;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Support\Facades\DB;
use JsonException;
use RapidReel\Base\Refusal;
use RapidReel\Making\Render\Quality;

/** Does what is to be done to what fills the disk, piece by piece. */
final readonly class DiskKeeper
{
    /** Then others come in, and it goes on in an order of its own. */
    private const SECONDS = 30;

    public function __construct(
        private MediaStore $store,
        private Budget $budget,
        private DiskMeter $meter,
        private FinishedMover $mover,
        private FinishedDepot $other,
        private FinishedVideos $videos,
    ) {
    }

    /**
     * @param  int  $batch  that it is done to, where it is done to one
     * @param  string  $kind  of what is emptied
     * @return bool whether something of it is left to do
     *
     * @throws StrangePlace
     * @throws JsonException
     */
    public function act(DiskAct $act, int $batch, string $kind): bool
    {
        try {
            $isLeft = match ($act) {
                DiskAct::Measure => false,
                DiskAct::Tidy => $this->tidy(),
                DiskAct::EmptyKind => $this->empty(DiskKind::tryFrom($kind)),
                DiskAct::EmptyBatch => $this->emptyBatch($batch),
                DiskAct::Replaced => $this->each($this->replaced($batch), $this->mover->delete(...)),
                DiskAct::Move => $this->each(FinishedMover::ofBatch($batch, false), $this->mover->move(...)),
                DiskAct::Bring => $this->each(FinishedMover::ofBatch($batch, true), $this->mover->bring(...)),
                DiskAct::Strays => $this->strays(),
            };
        } catch (Refusal $problem) {
            $this->measure($problem->getMessage());

            return false;
        }
        $isLeft || $this->measure();

        return $isLeft;
    }

    /**
     * @param  string  $said  why the last act could not be done; empty where it was
     *
     * @throws StrangePlace
     * @throws JsonException
     */
    public function measure(string $said = ''): DiskUse
    {
        // Other names for finished files that are gone.
        $this->videos->sweep();

        return $this->meter->measure($this->owners(), $said);
    }

    /**
     * @throws Refusal
     * @throws StrangePlace
     */
    private function tidy(): bool
    {
        $rules = DiskRules::read();
        $this->other->isSet() && $this->mover->clearMoved();
        $isLeft = $rules->days !== null && $this->other->isSet()
            && $this->each(FinishedMover::old($rules->days), $this->mover->move(...));
        $rules->budget() === null || $this->budget->keep($rules->budget(), $this->returns());

        return $isLeft;
    }

    /** @throws StrangePlace */
    private function empty(?DiskKind $kind): bool
    {
        $kind?->worth() === null || $this->budget->empty($kind, $this->returns());

        return false;
    }

    /** @throws StrangePlace */
    private function emptyBatch(int $batch): bool
    {
        $keys = array_filter($this->owners()->keys, static fn (int $of): bool => $of === $batch);
        $keys === [] || $this->budget->empty(null, $this->returns(), $keys);

        return false;
    }

    /**
     * Finished files of a batch that nobody would download any more: of a short and target, all but the last final one,
     * the last one of all, and what is looked for at this moment.
     *
     * @return Builder<Export>
     */
    public function replaced(int $batch): Builder
    {
        $of = Export::query()->join('shorts', 'shorts.id', '=', 'exports.short_id')
            ->where('shorts.batch_id', $batch)->where('state', ExportState::Done);
        $last = (clone $of)->selectRaw('max(exports.id)')->groupBy('short_id', 'target');
        $lastFinal = (clone $of)->where('quality', Quality::Final)->selectRaw('max(exports.id)')
            ->groupBy('short_id', 'target');

        return Export::query()->where('state', ExportState::Done)
            ->whereIn('short_id', static fn (Query $shorts) => $shorts->select('id')->from('shorts')
                ->where('batch_id', $batch))
            ->whereNotIn('id', $last->toBase())->whereNotIn('id', $lastFinal->toBase());
    }

    /** @throws StrangePlace */
    private function strays(): bool
    {
        foreach (glob($this->store->path('exports').'/*', GLOB_ONLYDIR) ?: [] as $folder) {
            // A number that is no row is looked for last: a row comes before its files.
            if (! Export::query()->whereKey((int) basename($folder))->exists()) {
                $this->store->discard($folder);
            }
        }

        return false;
    }

    /**
     * @param  Builder<Export>  $exports
     * @param  callable(Export): mixed  $do
     * @return bool whether some are left
     */
    private function each(Builder $exports, callable $do): bool
    {
        $until = hrtime(true) + self::SECONDS * 1_000_000_000;
        foreach ($exports->with('short')->lazyById(50) as $export) {
            if (hrtime(true) > $until) {
                return true;
            }
            $do($export);
        }

        return false;
    }

    /** Who has what, of all that is kept under keys. */
    private function owners(): Owners
    {
        $exports = $keys = [];
        foreach (DB::table('exports')->join('shorts', 'shorts.id', '=', 'exports.short_id')
            ->leftJoin('export_parts', 'export_parts.export_id', '=', 'exports.id')->orderBy('exports.id')
            ->select(['exports.id', 'shorts.batch_id', 'export_parts.keys'])->cursor() as $row) {
            $exports[(int) $row->id] = (int) $row->batch_id;
            foreach ($row->keys === null ? [] : explode(' ', (string) $row->keys) as $key) {
                $keys[$key] ??= (int) $row->batch_id;
            }
        }
        $shorts = Short::withTrashed()->whereNotNull('proof')->select(['id', 'batch_id', 'proof']);
        foreach ($shorts->lazyById() as $short) {
            $proof = Proof::of($short);
            if ($proof !== null) {
                $keys[$proof->key] ??= $short->batch_id;
            }
        }

        return new Owners($exports, $keys);
    }

    /**
     * Whether what renderers read comes once more out of a library: the last copy of what was deleted there stays.
     *
     * @return callable(string): bool
     */
    private function returns(): callable
    {
        $known = [];
        foreach ([Footage::query(), Music::query()] as $rows) {
            $known += array_fill_keys($rows->toBase()->whereNotNull('fingerprint')->pluck('fingerprint')->all(), true);
        }

        return static fn (string $key): bool => isset($known[$key]);
    }
}
