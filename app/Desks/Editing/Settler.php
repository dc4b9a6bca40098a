<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Ground\Work\Orders;
use App\Makers\Planning\CutMaker;
use App\Makers\Planning\Inputs;
use App\Makers\Planning\SceneTasks;
use App\Media\Process\ToolFailed;
use App\Shelves\Likeness\LikenessBook;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Review\Fingerprint;
use RapidReel\Text\Script\Scene;

/** Settles what follows from a change of a short: what its plan depends on, its summary, and what it is like. */
final readonly class Settler
{
    private const AT_ONCE = 50;

    public function __construct(
        private Inputs $inputs,
        private SceneTasks $tasks,
        private CutMaker $cuts,
        private LikenessBook $likenesses,
        private Orders $orders,
    ) {
    }

    /**
     * @throws Refusal
     * @throws ToolFailed
     */
    public function changed(Short $short): void
    {
        $short->revision++;
        $this->settle($short);
    }

    /**
     * @throws Refusal
     * @throws ToolFailed
     */
    public function made(Short $short): void
    {
        $this->settle($short);
    }

    /**
     * What shorts of a batch or channel inherit was changed: those that it reaches are settled and ordered to be
     * planned.
     *
     * @return int how many it reached
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function inheriting(Channel|Batch $of): int
    {
        $reached = 0;
        $shorts = Short::query()->when(
            $of instanceof Batch,
            static fn ($query) => $query->where('batch_id', $of->id),
            static fn ($query) => $query->whereRelation('batch', 'channel_id', $of->id),
        );
        foreach (
            $shorts->with(['batch.channel', 'scenes.shots', 'notes', 'readings'])->lazyById(self::AT_ONCE) as $short
        ) {
            if ($this->inputs->of($short) !== $short->inputs) {
                $this->settle($short);
                $this->orders->planShort($short->id);
                $reached++;
            }
        }

        return $reached;
    }

    /**
     * @param  list<Short>  $shorts  of the batch
     *
     * @throws Refusal
     */
    public function likenesses(Batch $batch, array $shorts): void
    {
        $fingerprints = [];
        foreach ($shorts as $short) {
            $scenes = array_map(static fn ($scene): Scene => $scene->toScript(), array_values($short->scenes->all()));
            if ($scenes !== []) {
                $fingerprints[$short->id] = Fingerprint::of($scenes);
            }
        }
        $this->likenesses->write($batch->channel_id, $fingerprints);
    }

    /**
     * @throws Refusal
     * @throws ToolFailed
     */
    private function settle(Short $short): void
    {
        $before = $short->inputs;
        $short->inputs = $this->inputs->of($short);
        if ($short->inputs !== $before) {
            $short->problem = null;
        }
        // While the plan holds, its own summary says more than a measurement does.
        if (! $short->isPlanned() || $short->inputs !== $before) {
            // What is undone before it was planned is as its last plan has it.
            $cut = $short->isPlanned() ? $short->plannedCut() : null;
            $short->summary = ($cut === null
                ? $this->cuts->measure($this->tasks->of($short), $short->batch->channel->name)
                : $this->cuts->summary($cut))->toJson();
        }
        $short->save();
    }
}
