<?php

declare(strict_types=1);

namespace App\Console;

use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceRates;
use App\Intake\ScriptFiles;
use App\Scripts\IntakeFlags;
use App\Scripts\ScriptPlanner;
use App\Shorts\CutMaker;
use Illuminate\Console\Command;
use RapidReel\Publish\TargetProfile;
use RapidReel\Script\UnusableScript;

final class PlanCommand extends Command
{
    use ReadsScripts;

    protected $signature = 'reel:plan {scripts : a .txt, .md, .csv, .srt or .vtt file, a .zip or a folder of them}
        {--voice='.VoiceBook::DEFAULT.' : who reads}
        {--profile='.TargetProfile::UpTo60->value.' : what the outlet accepts}
        {--split=sentence : a scene for each sentence, line, words:5-15 or seconds:4}
        {--fit : leave out sentences until a script fits its target}';

    protected $description = 'Tells what will become of scripts, as JSON, and makes nothing';

    public function handle(ScriptFiles $files, ScriptPlanner $planner, CutMaker $cuts, VoiceBook $voices, VoiceRates $rates, IntakeFlags $review): int
    {
        return $this->guarded(function () use ($files, $planner, $cuts, $voices, $rates, $review): int {
            $choices = $this->choices($voices);
            $rates->make();
            $failed = 0;
            $planned = [];
            foreach ($this->scripts($files) as $i => $source) {
                try {
                    $planned[$i] = $this->fitted($planner->plan($source, $choices));
                    $this->warnOf($i + 1, $planned[$i]->warnings);
                } catch (UnusableScript $problem) {
                    $failed++;
                    $this->warnOf($i + 1, [$problem->getMessage()]);
                }
            }
            $flags = $review->of($planned, null);
            $shorts = [];
            foreach ($planned as $i => $one) {
                $shorts[] = $cuts->estimate($one->script->title, $one->drafts(), $one->profile, $flags[$i])->report();
            }
            $this->printJson(['shorts' => $shorts]);

            return $failed === 0 ? self::SUCCESS : self::FAILURE;
        });
    }
}
