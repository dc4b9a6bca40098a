<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Desks\Intake\IntakeFlags;
use App\Desks\Intake\ScriptFiles;
use App\Desks\Intake\ScriptPlanner;
use App\Gateways\Voices\VoiceRates;
use App\Makers\Planning\CutMaker;
use App\Shelves\Levels\Registrar;
use Illuminate\Console\Command;
use RapidReel\Text\Script\UnusableScript;

final class PlanCommand extends Command
{
    use Answers;
    use ReadsScripts;

    protected $signature = 'reel:plan '.ScriptOptions::ALL;

    protected $description = 'Tells what will become of scripts, as JSON, and makes nothing';

    public function handle(
        ScriptFiles $files,
        ScriptPlanner $planner,
        CutMaker $cuts,
        Registrar $registrar,
        VoiceRates $rates,
        IntakeFlags $review,
    ): int {
        return $this->guarded(function () use ($files, $planner, $cuts, $registrar, $rates, $review): int {
            $choices = $this->choices($registrar->of($this->channel()));
            $rates->make();
            $failed = 0;
            $planned = [];
            foreach ($this->scripts($files) as $i => $source) {
                try {
                    $planned[$i] = $this->fitted($planner->plan($source, $choices), $i + 1, false);
                    $this->warnOf($i + 1, $planned[$i]->along->warnings);
                } catch (UnusableScript $problem) {
                    $failed++;
                    $this->warnOf($i + 1, [$problem->getMessage()]);
                }
            }
            $flags = $review->of($planned, null);
            $shorts = [];
            foreach ($planned as $i => $one) {
                $shorts[] = $cuts
                    ->estimate($one->script->title, $one->tasks(), $flags[$i], $choices->channel)
                    ->report();
            }
            $this->printJson(['shorts' => $shorts]);

            return $failed + $this->missed === 0 ? self::SUCCESS : self::FAILURE;
        });
    }
}
