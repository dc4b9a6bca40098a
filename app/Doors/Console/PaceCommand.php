<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Desks\Intake\ScriptFiles;
use App\Desks\Intake\ScriptPlanner;
use App\Gateways\Voices\VoiceRates;
use App\Makers\Planning\CutMaker;
use App\Shelves\Levels\Registrar;
use Illuminate\Console\Command;
use RapidReel\Plan\Review\Pace\PaceReport;
use RapidReel\Text\Script\UnusableScript;

final class PaceCommand extends Command
{
    use Answers;
    use ReadsScripts;

    protected $signature = 'reel:pace '.ScriptOptions::ALL;

    protected $description = 'Voices scripts and reports their pace, as JSON';

    public function handle(
        ScriptFiles $files,
        ScriptPlanner $planner,
        CutMaker $cuts,
        Registrar $registrar,
        VoiceRates $rates,
    ): int {
        return $this->guarded(function () use ($files, $planner, $cuts, $registrar, $rates): int {
            $choices = $this->choices($registrar->of($this->channel()));
            $rates->make();
            $failed = 0;
            $reports = [];
            foreach ($this->scripts($files) as $i => $source) {
                try {
                    $planned = $this->fitted($planner->plan($source, $choices), $i + 1, true);
                    $this->warnOf($i + 1, $planned->along->warnings);
                    $tasks = $planned->tasks();
                    $cuts->speak($tasks);
                    $title = $planned->script->title;
                    $reports[] = [
                        'title' => $title,
                        ...PaceReport::of($cuts->estimate($title, $tasks), $cuts->measure($tasks))->toArray(),
                    ];
                } catch (UnusableScript $problem) {
                    $failed++;
                    $this->warnOf($i + 1, [$problem->getMessage()]);
                }
            }
            $this->printJson(['shorts' => $reports]);

            return $failed + $this->missed === 0 ? self::SUCCESS : self::FAILURE;
        });
    }
}
