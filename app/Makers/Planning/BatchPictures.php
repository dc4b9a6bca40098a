<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Media\Process\ToolFailed;
use App\Shelves\Library\Shelf;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Footage\Matching\ShownBefore;

/**
 * What the shorts before one in its batch are likely to show, so that not all of them show the same. It is settled
 * once, for all of a batch in its order, and is an input of their plans from then on: whatever order they are planned
 * in, by however many workers, killed wherever, their pictures are the same.
 */
final readonly class BatchPictures
{
    public function __construct(
        private SceneTasks $tasks,
        private ShortShelves $shelves,
    ) {
    }

    /**
     * Settles it for a short with its scenes, and for the others of its batch.
     *
     * @param  Shelf  $shelf  that of the short alone
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function settle(Short $short, Shelf $shelf): void
    {
        if ($short->shown_before !== null || $shelf->footage === []) {
            return;
        }
        $settled = $this->shown($short->batch_id);
        // Another worker may have settled them meanwhile: what is settled stays.
        DB::transaction(static function () use ($settled): void {
            foreach ($settled as $id => $times) {
                DB::table('shorts')
                    ->where('id', $id)
                    ->whereNull('shown_before')
                    ->update(['shown_before' => json_encode((object) $times, JSON_THROW_ON_ERROR)]);
            }
        });
        $now = Short::withTrashed()->findOrFail($short->id, ['id', 'shown_before']);
        $short->shown_before = $now->shown_before ?? [];
        $short->syncOriginalAttribute('shown_before');
    }

    /**
     * @return array<int, array<array-key, int>> of those that it is not settled for, by their ids
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    private function shown(int $batch): array
    {
        $settled = [];
        /** @var list<Short> $shorts */
        $shorts = Short::query()
            ->with(['batch.channel', 'scenes.shots', 'readings', 'notes'])
            ->has('scenes')
            ->where('batch_id', $batch)
            // Versions show what the first shows.
            ->whereNull('version_of')
            ->orderBy('number')
            ->get(['id', 'batch_id', 'number', 'title', 'settings', 'keywords', 'shown_before'])
            ->all();
        $shown = new ShownBefore;
        $whole = $shorts === [] ? null : $this->shelves->whole($shorts[0]->batch->channel);
        foreach ($shorts as $i => $short) {
            if ($short->shown_before === null) {
                $settled[$short->id] = $shown->times();
            } else {
                $shown->from($short->shown_before);
            }
            $next = $shorts[$i + 1] ?? null;
            if ($next !== null && $next->shown_before === null) {
                $shelf = $whole ?? $this->shelves->pictures($short);
                $shown->add(
                    LikelyNeeds::of($short->manuscript()->scenes, $shelf->footage), $this->tasks->language($short),
                    $short->subject(),
                    $shelf->offered(), $shelf->collection,
                );
            }
        }

        return $settled;
    }
}
