<?php

declare(strict_types=1);

namespace App\Desks\Tidying;

use App\Desks\Exporting\ExportedFiles;
use App\Media\Disk\FinishedDepot;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\PostState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Support\Carbon;
use RapidReel\Base\Refusal;
use RuntimeException;

/**
 * Moves finished files to the other disk, and back. A file is there, and read again, before the row says so; it is
 * taken away here only afterwards: whoever is killed in between leaves it in both places, which the next run ends.
 */
final readonly class FinishedMover
{
    public function __construct(
        private MediaStore $store,
        private FinishedDepot $other,
    ) {
    }

    /** @return Builder<Export> finished files that are old enough */
    public static function old(int $days): Builder
    {
        return self::here()->where('finished_at', '<', Carbon::now()->subDays($days));
    }

    /** @return Builder<Export> */
    public static function ofBatch(int $batch, bool $moved): Builder
    {
        return ($moved ? self::moved() : self::here())
            ->whereIn('short_id', static fn (Query $shorts) => $shorts->select('id')->from('shorts')
                ->where('batch_id', $batch));
    }

    /**
     * @return bool whether its files are there now; false where they are not what they were
     *
     * @throws Refusal when the disk is not there
     * @throws StrangePlace
     */
    public function move(Export $export): bool
    {
        $problem = $this->other->problem(self::moved()->exists());
        if ($problem !== '' || ! $this->other->isSet()) {
            throw new Refusal($problem ?: 'There is no other disk for finished files (REEL_FINISHED).');
        }
        $seals = $export->seals ?? [];
        foreach (ExportedFiles::EXTENSIONS as $extension) {
            if (! KeptFiles::agrees($this->store->path($export->file($extension)), $seals[$extension] ?? '')) {
                return false;
            }
        }
        // By its content too: an installation that was restored elsewhere has the same numbers.
        $export->moved_to = sprintf('finished/%s/%d-%s', ($export->finished_at ?? Carbon::now())->format('Y-m'),
            $export->id, substr(KeptFiles::hashOf($seals['mp4']), 0, 12));
        foreach (ExportedFiles::EXTENSIONS as $extension) {
            try {
                $this->other->send(
                    $this->store->path($export->file($extension)), $export->movedFile($extension), $seals[$extension],
                );
            } catch (RuntimeException $problem) {
                throw new Refusal(
                    "“{$export->name}” could not be moved to {$this->other->told()}: {$problem->getMessage()}",
                    previous: $problem,
                );
            }
        }
        Export::query()->whereKey($export->id)->where('state', ExportState::Done)->whereNull('moved_to')
            ->update(['moved_to' => $export->moved_to]);
        $this->clear($export->id);

        return true;
    }

    /**
     * @return bool whether its files are here again; false where they are not what they were
     *
     * @throws Refusal when the disk is not there
     * @throws StrangePlace
     */
    public function bring(Export $export): bool
    {
        $seals = $export->seals ?? [];
        $there = [];
        foreach (ExportedFiles::EXTENSIONS as $extension) {
            $path = $this->other->path($export->movedFile($extension), $seals[$extension] ?? '');
            if ($path === null) {
                return false;
            }
            $there[$extension] = $path;
        }
        foreach ($there as $extension => $path) {
            $this->store->keep($path, $this->store->path($export->file($extension)));
        }
        Export::query()->whereKey($export->id)->update(['moved_to' => null]);
        foreach (array_keys($there) as $extension) {
            $this->other->drop($export->movedFile($extension));
        }

        return true;
    }

    /**
     * Takes away here what stands on the other disk by now: what somebody that was killed left in both.
     *
     * @return int how many exports that was of
     *
     * @throws StrangePlace
     */
    public function clearMoved(): int
    {
        $left = 0;
        foreach (self::moved()->lazyById() as $export) {
            if (is_file($this->store->path($export->file('mp4')))) {
                $this->clear($export->id);
                $left++;
            }
        }

        return $left;
    }

    /**
     * Deletes the files of an export and its row, which nothing can be had of any more.
     *
     * @throws Refusal when they are on a disk that is not there
     * @throws StrangePlace
     */
    public function delete(Export $export): void
    {
        $problem = $export->moved_to === null ? '' : $this->other->problem(true);
        if ($problem !== '') {
            throw new Refusal($problem);
        }
        $folder = $this->store->path($export->folder());
        $export->delete();
        $this->store->discard($folder);
        if ($export->moved_to !== null) {
            foreach (ExportedFiles::EXTENSIONS as $extension) {
                $this->other->drop($export->movedFile($extension));
            }
        }
    }

    /** @throws StrangePlace */
    private function clear(int $export): void
    {
        $moved = Export::query()->whereKey($export)->whereNotNull('moved_to')->first();
        if ($moved !== null) {
            foreach (ExportedFiles::EXTENSIONS as $extension) {
                $this->store->discard($this->store->path($moved->file($extension)));
            }
        }
    }

    /** @return Builder<Export> */
    private static function here(): Builder
    {
        return Export::query()->where('state', ExportState::Done)->whereNull('moved_to')->whereNotNull('seals')
            // What is just being sent is read from where it stands.
            ->whereNotIn('short_id', static fn (Query $posts) => $posts->select('short_id')->from('posts')
                ->where('state', PostState::Sending));
    }

    /** @return Builder<Export> */
    private static function moved(): Builder
    {
        return Export::query()->where('state', ExportState::Done)->whereNotNull('moved_to');
    }
}
