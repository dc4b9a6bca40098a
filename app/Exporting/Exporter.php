<?php

declare(strict_types=1);

namespace App\Exporting;

use App\Library\Shelf;
use App\Media\Cancelled;
use App\Media\CaptionFace;
use App\Media\EncoderPool;
use App\Media\Joiner;
use App\Media\MediaStore;
use App\Media\MissingFootage;
use App\Media\SegmentRenderer;
use App\Media\SoundMixer;
use App\Media\ToolFailed;
use App\Media\Watcher;
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
    public function export(
        Cut $cut,
        Shelf $shelf,
        Quality $quality,
        string $name,
        string $folder,
        Watcher $watcher,
    ): ExportedFiles {
        $segments = $this->planner->plan($cut, $quality, $this->face->metrics()->family);
        $missing = $this->missing($segments);
        $this->laySources($cut, $missing, $shelf);
        $mix = MixPlan::of($cut);
        $works = [$this->mixer->work($mix, $cut->music === null ? null : $shelf->musicPath($cut->music->id))];
        // A few, as after an edit, would leave cores idle at the end.
        $threads = count($missing) <= 2 * $this->pool->width() ? $this->pool->width() : 1;
        foreach ($missing as $segment) {
            $works[] = $this->renderer->work($segment->recipe, $threads);
        }
        $frames = array_sum(array_map(static fn (Segment $segment): int => $segment->recipe->frames, $missing));
        $this->pool->run($works, static function (int $done) use ($frames, $watcher): void {
            $watcher->progress(Progress::rendering($done, $frames));
            if ($watcher->isCancelled()) {
                throw new Cancelled;
            }
        });
        $watcher->progress(Progress::joining());

        $work = $this->store->workFolder();
        try {
            $this->joiner->join(
                array_map(fn (Segment $segment): string => $this->renderer->file($segment->key), $segments),
                $this->mixer->file($mix),
                $cut->title,
                "$work/$name.mp4",
            );
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

    /**
     * Those of the segments that are not there yet, each once, long ones first, so that no core idles while the other
     * ends a long one.
     *
     * @param  list<Segment>  $segments
     * @return list<Segment>
     */
    private function missing(array $segments): array
    {
        $missing = [];
        foreach ($segments as $segment) {
            if (! $this->renderer->isThere($segment->key)) {
                $missing[$segment->key] = $segment;
            }
        }
        usort($missing, static fn (Segment $a, Segment $b): int => $b->recipe->frames <=> $a->recipe->frames);

        return $missing;
    }

    /**
     * Footage that is no longer in the library is still there if anything of it was rendered before.
     *
     * @param  list<Segment>  $missing
     *
     * @throws MissingFootage
     */
    private function laySources(Cut $cut, array $missing, Shelf $shelf): void
    {
        $names = [];
        foreach ($cut->scenes as $scene) {
            foreach ($scene->shots as $shot) {
                $names[$shot->fingerprint] = $shot->footage;
            }
        }
        foreach ($missing as $segment) {
            foreach ($segment->recipe->sources() as $source) {
                $path = $shelf->footagePaths[$names[$source->key] ?? ''] ?? null;
                if ($path !== null) {
                    $this->store->lay($source->key, $path);
                } elseif (! is_file($this->store->source($source->key))) {
                    throw new MissingFootage("“{$names[$source->key]}”");
                }
            }
        }
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
