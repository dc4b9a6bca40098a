<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Desks\Exporting\Exporter;
use App\Desks\Exporting\OutFolder;
use App\Desks\Intake\ScriptFiles;
use App\Desks\Intake\ScriptPlanner;
use App\Gateways\Voices\VoiceUnavailable;
use App\Ground\Work\Folder;
use App\Makers\Planning\CutMaker;
use App\Makers\Planning\TargetPlans;
use App\Shelves\Levels\Registrar;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use RapidReel\Base\NamePattern;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\Target;
use RapidReel\Making\Publish\Manifest;
use RapidReel\Making\Render\Quality;
use RapidReel\Plan\Cut\Cut;
use Throwable;

final class MakeCommand extends Command
{
    use Answers;
    use ReadsScripts;
    use TakesShelf;

    protected $signature = 'reel:make '.ScriptOptions::ALL.'
        {--out= : the folder that the videos go to}
        {--footage= : a folder of clips, stills and music to use instead of the library}
        {--quality='.Quality::Final->value.' : draft or final}';

    protected $description = 'Makes a captioned vertical video of every script';

    public function handle(
        ScriptFiles $files,
        ScriptPlanner $planner,
        CutMaker $cuts,
        Exporter $exporter,
        Registrar $registrar,
    ): int {
        return $this->guarded(function () use ($files, $planner, $cuts, $exporter, $registrar): int {
            $out = self::written($this->option('out'));
            $quality =
                Quality::ordered(self::written($this->option('quality'))) ??
                throw new Refusal('The quality is draft or final.');
            if ($out === '') {
                throw new Refusal('Say where the videos go: --out=FOLDER.');
            }
            $sources = $this->scripts($files);
            [$shelf, $registry] = $this->shelved($registrar);
            $choices = $this->choices($registry);
            Folder::make($out);

            $made = [];
            $failed = 0;
            foreach ($sources as $i => $source) {
                $number = $i + 1;
                try {
                    $planned = $this->fitted($planner->plan($source, $choices), $number, true);
                    $this->warnOf($number, $planned->along->warnings);
                    $title = $planned->script->title;
                    $pattern = new NamePattern($planned->settled->text('file_names'));
                    $fields = static fn (Target $target): array => [
                        'number' => $number, 'slug' => $title, 'target' => $target->label,
                        'channel' => $choices->channel, 'date' => now()->format('Y-m-d'),
                        'quality' => $quality->value,
                    ];
                    $teller = new ConsoleWatcher(sprintf('%d/%d %s', $number, count($sources), $title));
                    $tasks = $planned->tasks();
                    $along = [$shelf, $teller, $choices->channel];
                    $targets = $tasks[0]->short->targets;
                    $name = $pattern->name($fields($targets->main));
                    $all = [$name => $cuts->make($title, $tasks, ...$along, number: $number)];
                    foreach ($targets->more as $target) {
                        $all[$pattern->otherName($fields($target))] = TargetPlans::cut(
                            $all[$name], $tasks, $target,
                            static fn (array $led): Cut => $cuts->make($title, $led, ...$along, number: $number),
                        );
                    }
                    foreach ($all as $as => $cut) {
                        $exporter->export(
                            $cut,
                            $shelf,
                            $quality,
                            $as,
                            $teller,
                            static fn (string $work) => OutFolder::fill($out, $work),
                        );
                        $made[$as] = $cut;
                    }
                    $teller->done();
                } catch (VoiceUnavailable $problem) {
                    throw $problem;
                } catch (Throwable $problem) {
                    $failed++;
                    $this->tell(sprintf('Script %d: %s', $number, $problem->getMessage()));
                }
            }
            File::put(
                "$out/.manifest.csv.part",
                Manifest::csv(array_map(Manifest::row(...), array_keys($made), $made)),
            );
            File::move("$out/.manifest.csv.part", "$out/manifest.csv");
            $this->printJson([
                'shorts' => array_map(static fn (Cut $cut): array => $cut->report(), array_values($made)),
            ]);

            return $failed + $this->missed === 0 ? self::SUCCESS : self::FAILURE;
        });
    }
}
