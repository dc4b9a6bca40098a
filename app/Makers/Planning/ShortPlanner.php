<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Ground\Work\HandedBack;
use App\Media\Process\Cancelled;
use App\Media\Process\ToolFailed;
use App\Media\Process\Watcher;
use App\Shelves\Library\Shelf;
use App\Shelves\Models\KeptCut;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use App\Shelves\Models\Shot;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutJson;
use RapidReel\Plan\Cut\CutShot;

/**
 * Makes the cut of a short as its scenes stand, and keeps it with the pictures that were found for it. What an operator
 * touched is read and never written.
 */
final readonly class ShortPlanner
{
    public function __construct(
        private CutMaker $cuts,
        private SceneTasks $tasks,
        private Inputs $inputs,
        private PlanParts $parts,
        private BatchPictures $pictures,
    ) {
    }

    /**
     * The plan that is kept, where it is still that of its scenes and all it was made with is there; else a new one.
     *
     * @throws Refusal when there is nothing to show
     * @throws Cancelled
     * @throws ToolFailed
     * @throws HandedBack
     */
    public function current(Short $short, Shelf $shelf, Watcher $watcher): Plan
    {
        $short->load(['batch.channel', 'scenes.shots', 'readings']);
        [$cut, $summary] = $short->isPlanned() || $short->isDoubted()
            ? [$short->plannedCut(), $short->cutSummary()] : [null, null];
        $isFresh = $cut !== null && $summary !== null && $this->inputs->of($short) === $short->planned_inputs
            && $this->parts->areAtHand($cut, $shelf) && $this->parts->areThere($cut);

        return $isFresh ? new Plan($cut, $summary) : $this->made($short, $shelf, $watcher);
    }

    /**
     * @throws Refusal when there is nothing to show
     * @throws Cancelled
     * @throws ToolFailed
     * @throws HandedBack
     */
    public function plan(Short $short, Shelf $shelf, Watcher $watcher): Cut
    {
        return $this->made($short, $shelf, $watcher)->cut;
    }

    /**
     * @throws Cancelled
     * @throws Refusal
     * @throws ToolFailed
     * @throws HandedBack
     */
    private function made(Short $short, Shelf $shelf, Watcher $watcher): Plan
    {
        if ($shelf->footage === []) {
            throw new Refusal('There is no footage yet. Add clips or stills on the Footage page.');
        }
        $revision = $short->revision;
        $short->load(['batch.channel', 'scenes.shots', 'readings']);
        $this->pictures->settle($short, $shelf);
        // First: a damaged take is cut again, and is one of the inputs.
        $tasks = $this->tasks->of($short, $shelf);
        $inputs = $this->inputs->of($short);
        $cut = $this->cuts->make(
            $short->title,
            $tasks,
            $shelf,
            $watcher,
            $short->batch->channel->name,
            $short->subject(),
            $short->shown_before ?? [],
            $short->number,
        );
        $plan = new Plan($cut, $this->cuts->summary($cut));
        $this->keep($short, $plan, $inputs, $revision);

        return $plan;
    }

    /** Only if nobody changed anything in the meantime; then the next plan is on its way already. */
    private function keep(Short $short, Plan $plan, string $inputs, int $revision): void
    {
        $cut = CutJson::encode($plan->cut);
        DB::transaction(function () use ($short, $plan, $cut, $inputs, $revision): void {
            $now = Short::query()->with(['batch.channel', 'scenes.shots', 'readings'])->find($short->id);
            if ($now === null || $now->revision !== $revision || $this->inputs->of($now) !== $inputs) {
                return;
            }
            foreach ($now->scenes as $number => $scene) {
                $this->propose($scene, $plan->cut->scenes[$number]->shots);
            }
            // What was found is held from now on: with it the same plan would be made again.
            $held = $this->inputs->of($now->load('scenes.shots'));
            KeptCut::query()->updateOrCreate(['short_id' => $now->id], ['cut' => $cut]);
            $now->update([
                'summary' => $plan->summary->toJson(), 'inputs' => $held, 'planned_inputs' => $held, 'problem' => null,
            ]);
        });
        $short->refresh();
    }

    /** @param  list<CutShot>  $shots */
    private function propose(Scene $scene, array $shots): void
    {
        $locked = $scene->shots->where('locked', true)->pluck('word')->all();
        $rows = [];
        foreach ($shots as $shot) {
            if (! in_array($shot->word, $locked, true)) {
                $rows[$shot->word] = (int) $shot->source->footage;
            }
        }
        $found = $scene->shots->where('locked', false)->pluck('footage_id', 'word')->all();
        if ($found !== $rows) {
            Shot::query()
                ->where('scene_id', $scene->id)
                ->where('locked', false)
                ->whereNotIn('word', array_keys($rows))
                ->delete();
            foreach ($rows as $word => $footage) {
                Shot::query()->updateOrCreate(['scene_id' => $scene->id, 'word' => $word], ['footage_id' => $footage]);
            }
        }
    }
}
