<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Intake;

use App\Desks\Intake\IntakeFlags;
use App\Desks\Intake\PlannedScript;
use App\Desks\Intake\ScriptChoices;
use App\Desks\Intake\ScriptPlanner;
use App\Doors\Http\Presenters\Axis;
use App\Makers\Planning\CutMaker;
use RapidReel\Plan\Cut\CutSummary;
use RapidReel\Plan\Source\ScriptSource;
use RapidReel\Text\Script\UnusableScript;

/** What the operator sees of scripts before a batch is made of them. */
final readonly class IntakePreview
{
    public function __construct(
        private ScriptPlanner $planner,
        private CutMaker $cuts,
        private IntakeFlags $review,
    ) {
    }

    /**
     * @param  list<ScriptSource>  $sources
     * @param  int|null  $channel  whose earlier shorts count too
     * @return list<IntakeCard>
     */
    public function of(array $sources, ScriptChoices $choices, ?int $channel): array
    {
        $planned = [];
        $shown = [];
        foreach ($sources as $i => $source) {
            try {
                $planned[$i] = $this->planner->plan($source, $choices);
            } catch (UnusableScript $problem) {
                $shown[$i] = IntakeCard::unusable($i + 1, $source, $problem->getMessage());
            }
        }
        $flags = $this->review->of($planned, $channel);
        $summaries = array_map(
            fn (PlannedScript $one): CutSummary => $this->cuts->measure($one->tasks(), $choices->channel),
            $planned,
        );
        $axis = Axis::over(array_values($summaries));
        foreach ($planned as $i => $one) {
            $shown[$i] = IntakeCard::of($i + 1, $one, $summaries[$i]->flagged($flags[$i]), $axis, $choices->channel);
        }
        ksort($shown);

        return array_values($shown);
    }
}
