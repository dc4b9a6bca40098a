<?php

declare(strict_types=1);

namespace App\Exporting;

use App\Library\Shelf;
use App\Media\Cancelled;
use App\Media\KeptFiles;
use App\Media\MediaStore;
use App\Media\MediaTools;
use App\Media\NotAsPlanned;
use App\Media\ToolFailed;
use App\Media\Watcher;
use App\Work\GivingWay;
use Closure;
use RapidReel\Cut\CaptionFile;
use RapidReel\Cut\Cut;
use RapidReel\Cut\CutJson;
use RapidReel\Render\Quality;
use RapidReel\Render\SegmentPlanner;
use RapidReel\Sound\MixPlan;

/** Makes the files of a short from its cut: the video, its captions in three formats, and the cut itself. */
final readonly class Exporter
{
    public function __construct(
        private SegmentPlanner $planner,
        private VideoMaker $videos,
        private MediaStore $store,
        private MediaTools $tools,
    ) {
    }

    /**
     * @param  string  $name  of the files, without extension
     * @param  Closure(string, ExportedFiles): void  $deliver  given the folder in which they all are, whole and
     *   compared with the cut; it is gone afterwards
     * @param  GivingWay|null  $way  whether others come in between its parts
     *
     * @throws Cancelled
     * @throws ToolFailed
     * @throws NotAsPlanned
     */
    public function export(
        Cut $cut,
        Shelf $shelf,
        Quality $quality,
        string $name,
        Watcher $watcher,
        Closure $deliver,
        ?GivingWay $way = null,
    ): ExportedFiles {
        $segments = $this->planner->plan($cut, $quality);
        $mix = MixPlan::whole($cut);
        $work = $this->store->workFolder();
        try {
            $video = "$work/$name.mp4";
            $made = $this->videos->make($cut, $mix, $segments, $shelf, $watcher, $video, way: $way);
            $this->poster($video, "$work/".ExportedFiles::POSTER, 2 * $cut->around->openingMs() + $cut->hookMs);
            foreach (CaptionFile::cases() as $format) {
                $this->store->write("$work/$name.{$format->value}", $format->write($cut));
            }
            $this->store->write("$work/$name.json", CutJson::encode($cut));
            $seals = [ExportedFiles::POSTER => KeptFiles::sealOf("$work/".ExportedFiles::POSTER)];
            foreach (ExportedFiles::EXTENSIONS as $extension) {
                $seals[$extension] = KeptFiles::sealOf("$work/$name.$extension");
            }
            $files = new ExportedFiles($name, (int) filesize($video), $made, count($segments) - $made, $seals);
            $deliver($work, $files);
        } finally {
            $this->store->discard($work);
        }

        return $files;
    }

    private function poster(string $video, string $target, int $hookMs): void
    {
        $this->tools->run(
            [
                '-loglevel', 'error', '-ss', sprintf('%.3f', $hookMs / 2000), ...$this->tools->input($video), '-vf',
                'scale=360:-2,format=yuvj420p', '-frames:v', '1', '-update', '1', '-q:v', '4', $target,
            ],
            'Taking the poster',
        );
    }
}
