<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Ground\Work\Orders;
use App\Makers\Planning\CutMaker;
use App\Makers\Planning\Inputs;
use App\Makers\Planning\SceneTasks;
use App\Makers\Planning\SecondTexts;
use App\Media\Process\ToolFailed;
use App\Shelves\Likeness\LikenessBook;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Short;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Review\Fingerprint;
use RapidReel\Text\Script\Scene;

/** Settles what follows from a change of a short: what its plan depends on, its summary, and what it is like. */
final readonly class Settler
{
    private const AT_ONCE = 50;

    /** More than these are settled by workers, those that somebody looks at first: nobody waits for thousands. */
    private const MOST_AT_ONCE = 100;

    /** Of those that workers settle, so many are ordered now; the others whenever these are done. */
    private const FIRST = 40;

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
        $this->showing($short);
    }

    /**
     * @throws Refusal
     * @throws ToolFailed
     */
    public function made(Short $short): void
    {
        $this->settle($short);
        $this->showing($short);
    }

    /**
     * Shorts that show what this one says beside what they say themselves are ordered again where that is other words
     * now, or none.
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function showing(Short $short): void
    {
        foreach (SecondTexts::family($short) as $one) {
            $one->load(['batch.channel', 'scenes.shots', 'notes', 'readings']);
            if ($one->scenes->isNotEmpty() && $this->showsSecond($one) && $this->inputs->of($one) !== $one->inputs) {
                $this->settle($one);
                $this->orders->planShort($one->id);
            }
        }
    }

    /**
     * @throws Refusal
     * @throws ToolFailed
     */
    private function showsSecond(Short $short): bool
    {
        foreach ($this->tasks->of($short) as $task) {
            if ($task->settings->second !== null) {
                return true;
            }
        }

        return false;
    }

    /**
     * What shorts of a batch or channel inherit was changed: those that it reaches are settled and ordered to be
     * planned. Where there are many, all are doubted, and each is settled when it is its turn.
     *
     * @return int how many it reached, or may reach
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
        if (self::areMany($shorts)) {
            return $this->doubt($shorts);
        }
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
     * Whether they are settled by workers, and not at once.
     *
     * @param  Builder<Short>  $shorts
     */
    public static function areMany(Builder $shorts): bool
    {
        return $shorts->count() > self::MOST_AT_ONCE;
    }

    /**
     * Looks whether what a doubted short inherits has changed for it.
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function look(Short $short): void
    {
        if ($short->isDoubted()) {
            $short->load(['batch.channel', 'scenes.shots', 'notes', 'readings']);
            $this->settle($short);
        }
    }

    /**
     * @param  Builder<Short>  $shorts
     * @return int how many there are
     */
    private function doubt(Builder $shorts): int
    {
        $some = (clone $shorts)->latest('id')->limit(self::FIRST)->pluck('id');
        $count = $shorts->toBase()->where('inputs', '!=', '')->update([
            'inputs' => DB::raw("'".Short::DOUBT."' || substr(inputs, 2)"),
        ]);
        foreach ($some as $id) {
            $this->orders->planShort((int) $id);
        }

        return $count;
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
