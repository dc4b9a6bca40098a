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
use App\Shelves\Levels\Registrar;
use App\Shelves\Library\FolderShelf;
use App\Shelves\Library\LibraryShelf;
use App\Shelves\Library\Shelf;
use App\Shelves\Models\Channel;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use RapidReel\Base\FileName;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Manifest;
use RapidReel\Making\Render\Quality;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutMusic;
use Throwable;

final class MakeCommand extends Command
{
    use Answers;
    use ReadsScripts;

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
            $channel = $this->channel();
            $shelf = $this->shelf($channel);
            $pieces = array_map(static fn (CutMusic $piece): string => $piece->id, $shelf->music->pieces);
            $choices = $this->choices(
                $channel !== null && self::written($this->option('footage')) === ''
                    ? $registrar->of($channel)
                    : $registrar->choosing(array_combine($pieces, $pieces), $shelf->byHand(), $channel),
            );
            Folder::make($out);

            $made = [];
            $failed = 0;
            foreach ($sources as $i => $source) {
                $number = $i + 1;
                try {
                    $planned = $this->fitted($planner->plan($source, $choices), $number, true);
                    $this->warnOf($number, $planned->along->warnings);
                    $title = $planned->script->title;
                    $name = FileName::numbered($number, $title);
                    $teller = new ConsoleWatcher(sprintf('%d/%d %s', $number, count($sources), $title));
                    $cut = $cuts->make($title, $planned->tasks(), $shelf, $teller, $choices->channel, number: $number);
                    $exporter->export(
                        $cut,
                        $shelf,
                        $quality,
                        $name,
                        $teller,
                        static fn (string $work) => OutFolder::fill($out, $work),
                    );
                    $teller->done();
                    $made[$name] = $cut;
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

    private function shelf(?Channel $channel): Shelf
    {
        $folder = self::written($this->option('footage'));
        $owner = $channel ?? ($folder === '' ? Channel::query()->orderBy('id')->first() : null);
        $shelf = $owner === null ? new Shelf : app(LibraryShelf::class)->of($owner);
        if ($folder !== '') {
            $own = app()->make(FolderShelf::class, ['folder' => $folder])->shelf();
            // The house style of a channel goes with any footage.
            $shelf = $channel === null ? $own : $own->dressed($shelf);
        }
        if ($shelf->footage === []) {
            throw new Refusal(
                'The library holds no footage. Run bin/setup for the demo footage, or name a folder: --footage=FOLDER.',
            );
        }

        return $shelf;
    }
}
