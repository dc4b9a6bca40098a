<?php

declare(strict_types=1);

namespace App\Desks\Exporting;

use App\Ground\Work\GivingWay;
use App\Ground\Work\HandedBack;
use App\Makers\Videos\FinishedVideos;
use App\Makers\Videos\ShadeDesk;
use App\Makers\Videos\VideoMaker;
use App\Media\Probing\NotAsPlanned;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\Cancelled;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Process\Watcher;
use App\Media\Store\DamagedPart;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Media\Video\ChangedFootage;
use App\Media\Video\Fitter;
use App\Media\Video\MissingFootage;
use App\Shelves\Library\Shelf;
use Closure;
use RapidReel\Base\Refusal;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Segment;
use RapidReel\Making\Render\SegmentPlanner;
use RapidReel\Plan\Cut\CaptionFile;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutJson;

/** Makes the files of a short from its cut: the video, its captions in three formats, and the cut itself. */
final readonly class Exporter
{
    public function __construct(
        private SegmentPlanner $planner,
        private VideoMaker $videos,
        private FinishedVideos $finished,
        private ShadeDesk $shades,
        private Fitter $fitter,
        private MediaStore $store,
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
     * @throws HandedBack
     * @throws UnusableMedia
     * @throws StrangePlace
     * @throws DamagedPart
     * @throws ChangedFootage
     * @throws MissingFootage
     * @throws TooMuch
     * @throws TooSlow
     * @throws Refusal
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
        $cut = $this->shades->of($cut, $shelf);
        $segments = $this->planner->plan($cut, $quality);
        $mix = MixPlan::whole($cut);
        $work = $this->store->workFolder();
        try {
            $video = "$work/$name.mp4";
            $poster = "$work/".ExportedFiles::POSTER;
            $key = FinishedVideos::key($cut, $mix, $segments, $quality);
            $made = 0;
            if (! $this->finished->take($key, $video, $poster)) {
                $made = $this->videos->make($cut, $mix, $segments, $shelf, $watcher, $video, $poster, $way);
                $most = $quality === Quality::Final ? $cut->form->target->file->most : null;
                $most === null || $this->fitter->fit($video, $most, Segment::frames($segments), $segments[0]->recipe);
                $this->finished->keep($key, $video, $poster);
            }
            foreach (CaptionFile::cases() as $format) {
                $this->store->write("$work/$name.{$format->value}", $format->write($cut));
            }
            $this->store->write("$work/$name.json", CutJson::encode($cut));
            $seals = [ExportedFiles::POSTER => KeptFiles::sealOf($poster)];
            foreach (ExportedFiles::EXTENSIONS as $extension) {
                $seals[$extension] = KeptFiles::sealOf("$work/$name.$extension");
            }
            $files = new ExportedFiles(
                $name, (int) filesize($video), $made, count($segments) - $made, $seals,
                [...array_column($segments, 'key'), $mix->key()],
            );
            $deliver($work, $files);
        } finally {
            $this->store->discard($work);
        }

        return $files;
    }
}
