<?php

declare(strict_types=1);

namespace App\Exporting;

use App\Library\LibraryShelf;
use App\Media\Cancelled;
use App\Media\MediaStore;
use App\Media\MediaTools;
use App\Models\Export;
use App\Models\ExportState;
use App\Planning\CutMaker;
use App\Planning\ShortPlanner;
use Illuminate\Support\Facades\File;
use RapidReel\Publish\Manifest;

/** Makes an ordered export, and writes down how it comes along and how it ends. */
final readonly class ExportRunner
{
    public function __construct(
        private LibraryShelf $shelves,
        private ShortPlanner $planner,
        private CutMaker $cuts,
        private Exporter $exporter,
        private MediaStore $store,
        private MediaTools $tools,
    ) {
    }

    public function run(Export $export): void
    {
        $began = Export::query()
            ->whereKey($export->id)
            ->whereIn('state', [ExportState::Queued, ExportState::Running, ExportState::Cancelling])
            ->exists();
        if (! $began) {
            return;
        }
        // Taken up again after its worker died, it starts its clock anew: what was rendered is kept.
        Export::query()
            ->whereKey($export->id)
            ->where('state', ExportState::Queued)
            ->update(['state' => ExportState::Running]);
        Export::query()
            ->whereKey($export->id)
            ->update(['started_at' => now(), 'problem' => null]);
        $this->store->sweep();
        $watcher = new ExportWatcher($export);
        try {
            $shelf = $this->shelves->of($export->short->batch->channel);
            $cut = $this->planner->plan($export->short, $shelf, $watcher);
            $summary = $this->cuts->summary($cut);
            $files = $this->exporter->export(
                $cut,
                $shelf,
                $export->quality,
                $export->short->fileName(),
                $this->store->path($export->folder()),
                $watcher,
            );
            $this->poster($files->folder.'/'.$files->name.'.mp4', $files->folder.'/poster.jpg', $cut->hookMs);
        } catch (Cancelled) {
            Export::query()
                ->whereKey($export->id)
                ->update([
                    'state' => ExportState::Cancelled,
                    'doing' => '',
                    'seconds_left' => null,
                    'finished_at' => now(),
                ]);

            return;
        }
        $export->refresh()->update([
            'state' => ExportState::Done,
            'percent' => 100,
            'doing' => '',
            'seconds_left' => null,
            'finished_at' => now(),
            'name' => $files->name,
            'bytes' => $files->bytes,
            'pixels' => $summary->pixels,
            'sound' => $summary->sound,
            'listing' => Manifest::row($files->name, $cut),
            'duration_ms' => $cut->durationMs,
            'segments_made' => $files->segmentsMade,
            'segments_kept' => $files->segmentsKept,
        ]);
    }

    public function fail(Export $export, string $why): void
    {
        Export::query()
            ->whereKey($export->id)
            ->whereNotIn('state', [ExportState::Done, ExportState::Cancelled])
            ->update([
                'state' => ExportState::Failed,
                'doing' => '',
                'seconds_left' => null,
                'problem' => mb_strimwidth($why, 0, 1000, '…'),
                'finished_at' => now(),
            ]);
    }

    private function poster(string $video, string $target, int $hookMs): void
    {
        $this->tools->run(
            [
                '-loglevel',
                'error',
                '-ss',
                sprintf('%.3f', $hookMs / 2000),
                ...$this->tools->input($video), '-vf', 'scale=360:-2,format=yuvj420p', '-frames:v', '1', '-update', '1',
                '-q:v', '4', "$target.part.jpg",
            ],
            'Taking the poster',
        );
        File::move("$target.part.jpg", $target);
    }
}
