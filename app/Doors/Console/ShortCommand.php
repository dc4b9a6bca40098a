<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Makers\Planning\Inputs;
use App\Makers\Videos\ShadeDesk;
use App\Media\Making\Maker;
use App\Shelves\Models\Short;
use Illuminate\Console\Command;
use RapidReel\Base\Refusal;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Segment;
use RapidReel\Making\Render\SegmentPlanner;
use RapidReel\Plan\Cut\Cut;

/** Looks and changes nothing. */
final class ShortCommand extends Command
{
    use Answers;
    use NamesShort;

    protected $signature = 'reel:short {id : number of a short, as in the address of its page}
        {--quality=final : of the recipes: final or draft}
        {--recipes : with every recipe, whole; one of them in a file is what reel:render takes}';

    protected $description = 'Prints what is known of a short: its plan, and what is made of it under which keys';

    public function handle(
        Inputs $inputs,
        SegmentPlanner $segments,
        Maker $maker,
        ShadeDesk $shades,
    ): int {
        return $this->guarded(function () use ($inputs, $segments, $maker, $shades): int {
            $short = $this->short(Short::withTrashed()->with(['batch.channel', 'scenes.shots', 'readings']));
            $quality = Quality::tryFrom(self::written($this->option('quality')))
                ?? throw new Refusal('The quality of recipes is final or draft.');
            $planned = $short->plannedCut();
            $cut = $planned === null ? null : $shades->known($planned);
            $now = $inputs->of($short);
            $this->printJson([
                'id' => $short->id,
                'title' => $short->title,
                'batch' => $short->batch->name,
                'revision' => $short->revision,
                'is_deleted' => $short->trashed(),
                'problem' => $short->problem,
                'plan' => [
                    'is_fresh' => $cut !== null && $short->planned_inputs === $now,
                    'inputs' => $now,
                    'planned_inputs' => $short->planned_inputs,
                    'cut' => $cut?->report(),
                ],
                'segments' => $cut === null ? [] : $this->segments($cut, $quality, $segments, $maker),
                'mix' => $cut === null ? null : $this->mix($cut, $maker),
            ]);

            return self::SUCCESS;
        });
    }

    /** @return list<array<string, mixed>> */
    private function segments(Cut $cut, Quality $quality, SegmentPlanner $planner, Maker $maker): array
    {
        return array_map(fn (Segment $segment): array => [
            'start_ms' => $segment->startMs,
            'frames' => $segment->recipe->frames,
            'key' => $segment->key,
            'file' => $maker->file($segment->recipe),
            'is_there' => $maker->isThere($segment->recipe),
            ...$this->option('recipes') ? ['recipe' => $segment->recipe->toArray()] : [],
        ], $planner->plan($cut, $quality));
    }

    /** @return array<string, mixed> */
    private function mix(Cut $cut, Maker $maker): array
    {
        $plan = MixPlan::whole($cut);

        return [
            'key' => $plan->key(),
            'file' => $maker->file($plan),
            'is_there' => $maker->isThere($plan),
            ...$this->option('recipes') ? ['recipe' => json_decode($plan->toJson(), true)] : [],
        ];
    }
}
