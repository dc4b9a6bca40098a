<?php

declare(strict_types=1);

namespace App\Console;

use App\Gateways\Voices\VoiceBook;
use App\Intake\ScriptFiles;
use App\Shorts\CutMaker;
use App\Shorts\ScriptPlanner;
use Illuminate\Console\Command;
use RapidReel\Publish\TargetProfile;
use RapidReel\Script\UnusableScript;

final class PlanCommand extends Command
{
    use ReadsScripts;

    protected $signature = 'reel:plan {scripts : a .txt, .md or .csv file, or a folder of them}
        {--voice='.VoiceBook::DEFAULT.' : who reads}
        {--profile='.TargetProfile::UpTo60->value.' : what the outlet accepts}';

    protected $description = 'Tells what will become of scripts, as JSON, and makes nothing';

    public function handle(ScriptFiles $files, ScriptPlanner $planner, CutMaker $cuts, VoiceBook $voices): int
    {
        return $this->guarded(function () use ($files, $planner, $cuts, $voices): int {
            $this->voice($voices);
            $profile = $this->profile();
            $shorts = [];
            $failed = 0;
            foreach ($this->scripts($files) as $i => $source) {
                try {
                    $planned = $planner->plan($source);
                    $shorts[] = $cuts->estimate($planned->script->title, $planned->drafts(), $profile)->report();
                } catch (UnusableScript $problem) {
                    $failed++;
                    $this->tell(sprintf('Script %d: %s', $i + 1, $problem->getMessage()));
                }
            }
            $this->printJson(['shorts' => $shorts]);

            return $failed === 0 ? self::SUCCESS : self::FAILURE;
        });
    }
}
