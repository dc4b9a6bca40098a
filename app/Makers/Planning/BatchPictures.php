<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Media\Process\ToolFailed;
use App\Shelves\Library\Shelf;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\PlainText;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Footage\Matching\ShownBefore;
use RapidReel\Pictures\Footage\ShotNeed;

/**
 * What the shorts before one in its batch are likely to show, so that not all of them show the same. It is settled
 * once, for all of a batch in its order, and is an input of their plans from then on: whatever order they are planned
 * in, by however many workers, killed wherever, their pictures are the same.
 */
final readonly class BatchPictures
{
    /** Words a shot, about: what is said in two or three seconds. */
    private const WORDS = 6;

    private const MS = 2_500;

    public function __construct(private SceneTasks $tasks)
    {
    }

    /**
     * Settles it for a short with its scenes, and for the others of its batch.
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function settle(Short $short, Shelf $shelf): void
    {
        $offered = $shelf->offered();
        if ($short->shown_before !== null || $offered === []) {
            return;
        }
        $settled = $this->shown($short->batch_id, $offered, $shelf);
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
     * @param  non-empty-list<Footage>  $offered
     * @return array<int, array<array-key, int>> of those that it is not settled for, by their ids
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    private function shown(int $batch, array $offered, Shelf $shelf): array
    {
        $shown = new ShownBefore($offered);
        $settled = [];
        /** @var list<Short> $shorts */
        $shorts = Short::query()
            ->with(['batch.channel', 'scenes.shots', 'readings', 'notes'])
            ->has('scenes')
            ->where('batch_id', $batch)
            ->orderBy('number')
            ->get(['id', 'batch_id', 'number', 'title', 'settings', 'keywords', 'shown_before'])
            ->all();
        foreach ($shorts as $i => $short) {
            if ($short->shown_before === null) {
                $settled[$short->id] = $shown->times();
            } else {
                $shown->from($short->shown_before);
            }
            $next = $shorts[$i + 1] ?? null;
            if ($next !== null && $next->shown_before === null) {
                $tasks = $this->tasks->of($short);
                $shown->add(self::needs($tasks, $shelf), $tasks[0]->voice->language, $short->subject());
            }
        }

        return $settled;
    }

    /**
     * @param  non-empty-list<SceneTask>  $tasks
     * @return list<ShotNeed>
     */
    private static function needs(array $tasks, Shelf $shelf): array
    {
        $needs = [];
        foreach ($tasks as $task) {
            $words = PlainText::words($task->scene->text);
            foreach (array_chunk($words, self::WORDS, true) as $part) {
                $chosen = null;
                foreach ($task->scene->own->shots as $shot) {
                    $isChosen = $shot->isLocked && isset($part[$shot->word]);
                    $chosen = $isChosen ? $shelf->footage[$shot->footage ?? ''] ?? $chosen : $chosen;
                }
                $needs[] = new ShotNeed(
                    implode(' ', $part), $task->scene->text, self::MS, $chosen, $task->scene->brief,
                );
            }
        }

        return $needs;
    }
}
