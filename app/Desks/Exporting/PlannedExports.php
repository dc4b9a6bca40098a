<?php

declare(strict_types=1);

namespace App\Desks\Exporting;

use App\Ground\Work\HandedBack;
use App\Makers\Planning\Plan;
use App\Makers\Planning\ShortPlanner;
use App\Makers\Planning\TargetPlans;
use App\Makers\Reviewing\Judge;
use App\Media\Process\Cancelled;
use App\Media\Process\ToolFailed;
use App\Media\Process\Watcher;
use App\Shelves\Library\Shelf;
use App\Shelves\Models\Export;
use RapidReel\Base\Refusal;
use RapidReel\Making\Render\Quality;

/** What is to be made of an export: the plan of its short, for its target; none where something stops it. */
final readonly class PlannedExports
{
    public function __construct(
        private ShortPlanner $planner,
        private TargetPlans $targets,
        private Judge $judge,
    ) {
    }

    /**
     * @return array{Plan, string} with the hash of what the plan of its short was made of
     *
     * @throws Refusal where something stops it, or there is nothing to show
     * @throws Cancelled
     * @throws ToolFailed
     * @throws HandedBack
     */
    public function of(Export $export, Shelf $shelf, Watcher $watcher): array
    {
        $plan = $this->planner->current($export->short, $shelf, $watcher);
        $inputs = $export->short->planned_inputs;
        $stopped = $export->quality === Quality::Final ? $this->judge->stopped($export->short) : null;
        if ($stopped !== null) {
            throw new Refusal($stopped);
        }

        return [$export->target === ''
            ? $plan
            : $this->targets->of($export->short, $plan, $export->target, $shelf, $watcher), $inputs];
    }
}
