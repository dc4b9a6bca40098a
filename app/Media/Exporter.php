<?php

declare(strict_types=1);

namespace App\Media;

use App\Library\Shelf;
use Illuminate\Support\Facades\File;
use RapidReel\Caption\AssWriter;
use RapidReel\Caption\SubRip;
use RapidReel\Caption\WebVtt;
use RapidReel\Cut\Cut;
use RapidReel\Cut\CutJson;
use RapidReel\Render\Progress;
use RapidReel\Render\Quality;
use RapidReel\Render\Segment;
use RapidReel\Render\SegmentPlanner;
use RapidReel\Sound\MixPlan;

/** Makes the files of a short from its cut: the video, its captions in three formats, and the cut itself. */
final readonly class Exporter
{
    public function __construct(
        private SegmentPlanner $planner,
        private SegmentRenderer $renderer,
        private SoundMixer $mixer,
        private EncoderPool $pool,
        private Joiner $joiner,
        private MediaStore $store,
        private CaptionFace $face,
    ) {
    }

    /**
     * @param  string  $name  of the files, without extension
     * @param  string  $folder  where they appear, all at once if it is new
     *
     * @throws Cancelled
     * @throws ToolFailed
     */
    public function export(Cut $cut, Shelf $shelf, Quality $quality, string $name, string $folder, Watcher $watcher): ExportedFiles
    {
        $segments = $this->planner->plan($cut, $quality, $this->face->metrics()->family);
        $missing = $this->renderer->missing($segments);
        $mix = MixPlan::of($cut);
        $works = [$this->mixer->work($mix, $cut->music === null ? null : $shelf->musicPath($cut->music->id))];
        // A few, as after an edit, would leave cores idle at the end.
        $threads = count($missing) <= 2 * $this->pool->width() ? $this->pool->width() : 1;
        foreach ($missing as $segment) {
            $works[] = $this->renderer->work($segment, $quality, $shelf->footagePaths[$segment->shot->footage] ?? null, $threads);
        }
        $frames = array_sum(array_map(static fn (Segment $segment): int => $segment->frames, $missing));
        $this->pool->run($works, static function (int $done) use ($frames, $watcher): void {
            $watcher->progress(Progress::rendering($done, $frames));
            if ($watcher->isCancelled()) {
                throw new Cancelled;
            }
        });
        $watcher->progress(Progress::joining());

        $work = $this->store->workFolder();
        try {
            $this->joiner->join(array_map($this->renderer->file(...), $segments), $this->mixer->file($mix), $cut->title, "$work/$name.mp4");
            $ass = new AssWriter($cut->style, $this->face->metrics()->family, $cut->grid()->fps);
            file_put_contents("$work/$name.srt", SubRip::write($cut->cues));
            file_put_contents("$work/$name.vtt", WebVtt::write($cut->cues));
            file_put_contents("$work/$name.ass", $ass->write($cut->cues, 0, 0, $cut->frames()));
            file_put_contents("$work/$name.json", CutJson::encode($cut));
            $bytes = (int) filesize("$work/$name.mp4");
            $this->deliver($work, $folder);
        } finally {
            $this->store->discard($work);
        }

        return new ExportedFiles($folder, $name, $bytes, count($missing), count($segments) - count($missing));
    }

    private function deliver(string $work, string $folder): void
    {
        if (! is_dir($folder)) {
            $this->store->publish($work, $folder);

            return;
        }
        foreach (File::files($work) as $file) {
            // Another disk cannot be renamed to: copied under a passing name first, so that it still appears whole.
            $target = $folder.'/'.$file->getFilename();
            $passing = "$folder/.{$file->getFilename()}.part";
            File::copy($file->getPathname(), $passing);
            File::move($passing, $target);
        }
    }
}
