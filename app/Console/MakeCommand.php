<?php

declare(strict_types=1);

namespace App\Console;

use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceUnavailable;
use App\Intake\ScriptFiles;
use App\Library\FolderShelf;
use App\Library\Shelf;
use App\Library\ShelfSource;
use App\Media\Exporter;
use App\Scripts\ScriptPlanner;
use App\Shorts\CutMaker;
use App\Shorts\ProblemForOperator;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use RapidReel\Publish\FileName;
use RapidReel\Publish\Manifest;
use RapidReel\Publish\TargetProfile;
use RapidReel\Render\Quality;
use RapidReel\Sound\MusicChooser;
use Throwable;

final class MakeCommand extends Command
{
    use ReadsScripts;

    protected $signature = 'reel:make {scripts : a .txt, .md, .csv, .srt or .vtt file, a .zip or a folder of them}
        {--out= : the folder that the videos go to}
        {--footage= : a folder of clips, stills and music to use instead of the library}
        {--voice='.VoiceBook::DEFAULT.' : who reads}
        {--profile='.TargetProfile::UpTo60->value.' : what the outlet accepts}
        {--split=sentence : a scene for each sentence, line, words:5-15 or seconds:4}
        {--fit : leave out sentences until a script fits its target}
        {--quality='.Quality::Final->value.' : draft or final}';

    protected $description = 'Makes a captioned vertical video of every script';

    public function handle(ScriptFiles $files, ScriptPlanner $planner, CutMaker $cuts, Exporter $exporter, VoiceBook $voices, MusicChooser $musicians): int
    {
        return $this->guarded(function () use ($files, $planner, $cuts, $exporter, $voices, $musicians): int {
            $out = (string) $this->option('out');
            $quality = Quality::tryFrom((string) $this->option('quality')) ?? throw new ProblemForOperator('The quality is draft or final.');
            if ($out === '') {
                throw new ProblemForOperator('Say where the videos go: --out=FOLDER.');
            }
            $choices = $this->choices($voices);
            $sources = $this->scripts($files);
            $shelf = $this->shelf();
            File::ensureDirectoryExists($out);

            $made = [];
            $failed = 0;
            foreach ($sources as $i => $source) {
                $number = $i + 1;
                try {
                    $planned = $this->fitted($planner->plan($source, $choices));
                    $this->warnOf($number, $planned->warnings);
                    $title = $planned->script->title;
                    $name = FileName::numbered($number, $title);
                    $teller = new ConsoleWatcher(sprintf('%d/%d %s', $number, count($sources), $title));
                    $cut = $cuts->make($title, $planned->drafts(), $planned->profile, $shelf, $musicians->choose($title, $shelf->music), $teller);
                    $exporter->export($cut, $shelf, $quality, $name, $out, $teller);
                    $teller->done();
                    $made[] = ['name' => $name, 'cut' => $cut];
                } catch (VoiceUnavailable $problem) {
                    throw $problem;
                } catch (Throwable $problem) {
                    $failed++;
                    $this->tell(sprintf('Script %d: %s', $number, $problem->getMessage()));
                }
            }
            File::put("$out/.manifest.csv.part", Manifest::csv($made));
            File::move("$out/.manifest.csv.part", "$out/manifest.csv");
            $this->printJson(['shorts' => array_map(static fn (array $one): array => $one['cut']->report(), $made)]);

            return $failed === 0 ? self::SUCCESS : self::FAILURE;
        });
    }

    private function shelf(): Shelf
    {
        $folder = (string) $this->option('footage');
        $source = $folder === '' ? app(ShelfSource::class) : app()->make(FolderShelf::class, ['folder' => $folder]);
        $shelf = $source->shelf();
        if ($shelf->footage === []) {
            throw new ProblemForOperator('The library holds no footage. Run bin/setup for the demo footage, or name a folder: --footage=FOLDER.');
        }

        return $shelf;
    }
}
