<?php

declare(strict_types=1);

namespace App\Doors\Bench;

use App\Desks\Exporting\ExportedFiles;
use App\Desks\Exporting\Exporter;
use App\Desks\Exporting\OutFolder;
use App\Desks\Intake\ScriptChoices;
use App\Desks\Intake\ScriptPlanner;
use App\Makers\Planning\CutMaker;
use App\Makers\Planning\SceneTask;
use App\Media\Making\Maker;
use App\Media\Process\MediaTools;
use App\Media\Process\Unwatched;
use App\Media\Store\MediaStore;
use App\Shelves\Levels\Registrar;
use App\Shelves\Library\Shelf;
use Illuminate\Support\Facades\File;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\TargetPicture;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\SegmentPlanner;
use RapidReel\Plan\Cut\ChosenShot;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutScene;
use RapidReel\Plan\Cut\CutShot;
use RapidReel\Plan\Source\ScriptSource;
use RapidReel\Text\Script\Scene;

/**
 * The export of a short of 45 to 60 s at full size, from nothing to the finished file, against the encoder alone.
 * Empties the store that it is given.
 */
final readonly class ExportBench
{
    private const SCRIPT =
        "The lamp that burned for nobody\n".
        'For eleven years, one lighthouse guided no ships at all. The harbour at Calder Ness had silted up, and the '
            .'last steamer left in winter. Nobody told the keeper of the light. Every night he climbed two hundred '
            .'steps, trimmed the flame and wrote one line in his logbook. Lamp lit, no vessel seen, and four thousand '
            .'nights the same. Then a storm came out of the north, with a fog behind it. A boat with nine men lost '
            .'its way among the rocks of the reef. They saw the only light on forty miles of coast, and they steered '
            .'for it. The bell rang on the quay, and the whole town came down to the harbour with lanterns. The '
            .'captain asked the keeper why he had never stopped. He said that a light is not for the ships that come, '
            .'but for the one that might. The next morning the line in the book was another one. Lamp lit, nine seen. '
            .'Follow for one more light tomorrow.';

    public function __construct(
        private ScriptPlanner $planner,
        private CutMaker $cuts,
        private Exporter $exporter,
        private Registrar $registrar,
        private MediaStore $store,
        private MediaTools $tools,
        private SegmentPlanner $segments,
        private Maker $maker,
    ) {
    }

    /**
     * @param  callable(string): void  $tell
     * @return list<BenchRow>
     */
    public function run(int $pairs, Shelf $shelf, callable $tell): array
    {
        if ($shelf->footage === []) {
            throw new Refusal('The bench needs the demo footage: run bin/setup.');
        }
        $work = $this->store->workFolder();
        try {
            return $this->measure($pairs, $tell, $shelf, $work);
        } finally {
            $this->store->discard($work);
        }
    }

    /**
     * @param  callable(string): void  $tell
     * @return list<BenchRow>
     */
    private function measure(int $pairs, callable $tell, Shelf $shelf, string $work): array
    {
        $tasks = $this->planner
            ->plan(new ScriptSource(self::SCRIPT), new ScriptChoices($this->registrar->of(null)))
            ->tasks();
        $cut = $this->cut($tasks, $shelf);
        $seconds = $cut->durationMs / 1000;
        $tell(sprintf('The short runs %.1f s. Drawing its frames for the bare encoder…', $seconds));
        $this->frames($cut, $work);
        [$wall, $processor, $full, $shares] = [[], [], [], []];
        // All that is compared in one go: a machine is not as fast a minute later.
        for ($pair = 1; $pair <= $pairs; $pair++) {
            $bare = Usage::of(
                fn () => $this->tools->run(
                    [
                        '-loglevel', 'error', '-f', 'rawvideo', '-pix_fmt', 'yuv420p', '-s',
                        Quality::Final->width().'x'.Quality::Final->height(),
                        '-r',
                        (string) TargetPicture::USUAL_RATE,
                        '-i', "$work/frames.yuv", ...Quality::Final->encoder(), "$work/bare.mp4",
                    ],
                    'The bare encode',
                ),
            );
            $this->forget();
            $usage = Usage::of(fn () => $this->export($this->cut($tasks, $shelf), $shelf, $work));
            // Its takes are spoken anew, and never quite as long as before.
            $cut = $this->cut($tasks, $shelf);
            $edited = array_map(
                fn (string $word): float => Usage::of(
                    fn () => $this->export($this->edited($tasks, $cut, $shelf, $word), $shelf, $work),
                )->wall,
                ['And', 'But', 'Then'],
            );
            $wall[] = $usage->wall / $bare->wall;
            $processor[] = $usage->processor / $bare->processor;
            $full[] = $usage->wall;
            $shares[] = self::median($edited) / $usage->wall;
            $tell(
                sprintf(
                    'Pair %d: export %.1f s (%.1f s of processor), bare encode %.1f s (%.1f s), reworded %s s.',
                    $pair,
                    $usage->wall,
                    $usage->processor,
                    $bare->wall,
                    $bare->processor,
                    implode(', ', array_map(static fn (float $one): string => sprintf('%.1f', $one), $edited)),
                ),
            );
        }

        $again = Usage::of(fn () => $this->export($this->cut($tasks, $shelf), $shelf, $work));
        $memory = Usage::peakMemory();

        return [
            BenchRow::atMost(
                sprintf('full export of %.0f s / bare encode, wall', $seconds),
                self::median($wall),
                1.6,
                '%.2f ×',
            ),
            BenchRow::atMost('full export / bare encode, processor', self::median($processor), 1.3, '%.2f ×'),
            BenchRow::atMost('largest process', $memory, 1024, '%.0f MiB'),
            BenchRow::within('same export again, nothing changed', $again->wall, 1, Unit::Loop),
            BenchRow::atMost(
                'one scene of middle length reworded / full export, wall', self::median($shares), 0.1, '%.2f ×',
            ),
            ...app(TargetBench::class)->run($tasks, $cut, $shelf, self::median($full)),
            ...app(ReviewBench::class)->run($tasks, $cut, $shelf, self::median($full)),
        ];
    }

    /** @param  non-empty-list<SceneTask>  $tasks */
    private function cut(array $tasks, Shelf $shelf): Cut
    {
        return $this->cuts->make('Bench', $tasks, $shelf, new Unwatched);
    }

    /**
     * The scene of middle length reworded, the pictures of all others staying as they were.
     *
     * @param  non-empty-list<SceneTask>  $tasks
     */
    private function edited(array $tasks, Cut $cut, Shelf $shelf, string $word): Cut
    {
        $lengths = array_map(static fn (CutScene $scene): int => $scene->endMs - $scene->startMs, $cut->scenes);
        asort($lengths);
        $middle = array_keys($lengths)[intdiv(count($lengths), 2)];
        $changed = [];
        foreach ($tasks as $i => $task) {
            $chosen = array_map(
                static fn (CutShot $shot): ChosenShot => new ChosenShot(
                    $shot->word, $shelf->footage[$shot->source->footage],
                ),
                $cut->scenes[$i]->shots,
            );
            $changed[] =
                $i === $middle
                    ? $task->saying(new Scene($task->scene->role, $word.' '.lcfirst($task->scene->text)))
                    : $task->with($chosen, null);
        }

        return $this->cut($changed, $shelf);
    }

    /**
     * The frames as the encoder of the export gets them. Those of the finished video have lost what costs most to
     * encode.
     */
    private function frames(Cut $cut, string $work): void
    {
        $list = "ffconcat version 1.0\n";
        $orders = [];
        foreach ($this->segments->plan($cut, Quality::Final) as $segment) {
            $lossless = $segment->recipe->sized(
                $segment->recipe->raster->width,
                $segment->recipe->raster->height,
                ['-c:v', 'libx264', '-preset', 'ultrafast', '-qp', '0', '-pix_fmt', 'yuv420p'],
            );
            $orders[] = $lossless;
            $list .= "file '{$this->maker->file($lossless)}'\n";
        }
        $this->maker->make($orders);
        file_put_contents("$work/list.txt", $list);
        $this->tools->run(
            [
                '-loglevel', 'error', '-f', 'concat', '-safe', '0', '-i', "$work/list.txt", '-f', 'rawvideo',
                '-pix_fmt', 'yuv420p', "$work/frames.yuv",
            ],
            'Drawing the frames',
        );
    }

    private function export(Cut $cut, Shelf $shelf, string $work): ExportedFiles
    {
        return $this->exporter->export(
            $cut,
            $shelf,
            Quality::Final,
            'bench',
            new Unwatched,
            static fn (string $folder) => OutFolder::fill($work, $folder),
        );
    }

    /** From cold: nothing is there yet that was made for it, or found out about what was made. */
    private function forget(): void
    {
        foreach (['takes', 'segments', 'mixes', 'beds', 'heard', 'videos', 'decoded', 'posters'] as $room) {
            File::deleteDirectory($this->store->path($room));
        }
    }

    /** @param  non-empty-list<float>|array{}  $values */
    private static function median(array $values): float
    {
        sort($values);

        return $values[intdiv(count($values), 2)] ?? 0.0;
    }
}
