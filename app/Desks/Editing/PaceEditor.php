<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Ground\Work\HandedBack;
use App\Makers\Planning\PaceDesk;
use App\Makers\Planning\SceneTask;
use App\Makers\Planning\SceneTasks;
use App\Media\Process\ToolFailed;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Pace\PacePlan;

/** Brings shorts to a length: what it would do is looked at first, and what it did is one change. */
final readonly class PaceEditor
{
    public function __construct(
        private EditBook $edits,
        private ShortWriter $writer,
        private PaceDesk $desk,
        private SceneTasks $tasks,
    ) {
    }

    /**
     * @param  list<Short>  $shorts
     * @return array<int, PacePlan|null> by id of the short; null where not all of it is voiced yet
     *
     * @throws Refusal when that is no length
     * @throws ToolFailed
     * @throws HandedBack
     */
    public function plans(array $shorts, int $targetMs, bool $isLonger): array
    {
        $plans = [];
        foreach ($shorts as $short) {
            $tasks = $this->tasksOf($short);
            $plans[$short->id] = $this->desk->isVoiced($tasks)
                ? $this->desk->plan($tasks, $targetMs, $isLonger)
                : null;
        }

        return $plans;
    }

    /**
     * Changes those that can be brought to that length; the others stay as they are.
     *
     * @param  list<Short>  $shorts
     * @return string what was done, in words
     *
     * @throws Refusal when that is no length
     * @throws ToolFailed
     * @throws HandedBack
     */
    public function bring(Batch $batch, array $shorts, int $targetMs, bool $isLonger): string
    {
        $plans = $this->plans($shorts, $targetMs, $isLonger);
        $what = sprintf('%s to %s s', $isLonger ? 'stretched' : 'tightened', number_format($targetMs / 1000, 2));
        $changed = $this->edits->change($batch, $what, $shorts, function (Short $short) use ($plans): void {
            $plan = $plans[$short->id];
            if ($plan === null || ! $plan->reaches() || ! $plan->changes()) {
                return;
            }
            $this->apply($short, $plan);
        });
        $numbers = static fn (callable $which): array => array_values(array_map(
            static fn (Short $short): string => sprintf('%02d', $short->number),
            array_filter($shorts, static fn (Short $short): bool => $which($plans[$short->id])),
        ));
        $unvoiced = $numbers(static fn (?PacePlan $plan): bool => $plan === null);
        $missed = $numbers(static fn (?PacePlan $plan): bool => $plan !== null && ! $plan->reaches());

        return Done::to(count($changed), $what)
            .($unvoiced === [] ? '' : ' Not voiced yet: '.implode(', ', $unvoiced).'.')
            .(match (true) {
                $missed === [] => '',
                count($shorts) === 1 => ' '.($plans[$shorts[0]->id]?->says() ?? ''),
                default => ' Beyond their limits, and left as they are: '.implode(', ', $missed).'.',
            });
    }

    /**
     * Within a change of that short.
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function apply(Short $short, PacePlan $plan): void
    {
        $short->settings = PaceDesk::settings($plan, $this->tasksOf($short)[0]->levels, $short->settings);
        if ($plan->dropped !== []) {
            $now = $short->manuscript();
            $left = $plan->left($now->scenes);
            $this->writer->write($short, $left === [] ? $now : $now->left($left));
        }
    }

    /**
     * @return non-empty-list<SceneTask>
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    private function tasksOf(Short $short): array
    {
        return $this->tasks->of($short->load(['batch.channel', 'scenes.shots', 'readings']));
    }
}
