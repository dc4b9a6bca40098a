<?php

declare(strict_types=1);

namespace App\Media;

use RapidReel\Cut\CutShot;
use RapidReel\Footage\FootageKind;
use RapidReel\Publish\TargetProfile;
use RapidReel\Render\PictureFilter;
use RapidReel\Render\Progress;
use RapidReel\Render\Quality;
use RapidReel\Render\Segment;
use Symfony\Component\Process\Process;

/**
 * Renders the segments that are not there yet, each in a process with one thread, as many at once as there are slots.
 */
final readonly class SegmentRenderer
{
    public function __construct(
        private MediaTools $tools,
        private MediaStore $store,
        private EncoderSlots $slots,
    ) {}

    /**
     * @param  non-empty-list<Segment>  $segments
     * @param  array<string, string>  $paths  of the footage, by its id
     * @return array{files: non-empty-list<string>, made: int, kept: int}
     *
     * @throws Cancelled
     * @throws ToolFailed
     */
    public function render(array $segments, Quality $quality, array $paths, Watcher $watcher): array
    {
        $files = array_map(fn (Segment $segment): string => $this->file($segment), $segments);
        $waiting = [];
        foreach ($segments as $i => $segment) {
            if (is_file($files[$i])) {
                touch($files[$i]);
            } else {
                $waiting[$segment->key] ??= $segment;
            }
        }
        $made = count($waiting);
        if ($made > 0) {
            $folder = $this->store->workFolder();
            try {
                $this->work(array_values($waiting), $quality, $paths, $watcher, $folder);
            } finally {
                $this->store->discard($folder);
            }
        }

        return ['files' => $files, 'made' => $made, 'kept' => count($segments) - $made];
    }

    public function file(Segment $segment): string
    {
        return $this->store->keyed('segments', $segment->key, 'mp4');
    }

    /**
     * @param  list<Segment>  $waiting
     * @param  array<string, string>  $paths
     */
    private function work(array $waiting, Quality $quality, array $paths, Watcher $watcher, string $folder): void
    {
        $total = array_sum(array_map(static fn (Segment $segment): int => $segment->frames, $waiting));
        $finished = 0;
        /** @var array<int, array{process: Process, segment: Segment, frames: int}> $running by slot */
        $running = [];
        // Long ones first, so that no core idles while the other ends a long one.
        usort($waiting, static fn (Segment $a, Segment $b): int => $b->frames <=> $a->frames);
        try {
            while ($waiting !== [] || $running !== []) {
                while ($waiting !== [] && ($slot = $this->slots->take()) !== null) {
                    $segment = array_shift($waiting);
                    $running[$slot] = ['process' => $this->start($segment, $quality, $paths, $folder), 'segment' => $segment, 'frames' => 0];
                }
                foreach ($running as $slot => ['process' => $process, 'segment' => $segment]) {
                    if (preg_match_all('/^frame=(\d+)$/m', $process->getIncrementalOutput(), $matches) > 0) {
                        $running[$slot]['frames'] = (int) end($matches[1]);
                    }
                    if (! $process->isRunning()) {
                        $this->finish($process, $segment, $running[$slot]['frames'], $folder);
                        $finished += $segment->frames;
                        unset($running[$slot]);
                        $this->slots->give($slot);
                    }
                }
                $watcher->progress(Progress::rendering($finished + array_sum(array_column($running, 'frames')), $total));
                if ($watcher->isCancelled()) {
                    throw new Cancelled;
                }
                usleep(15_000);
            }
        } finally {
            foreach ($running as $slot => ['process' => $process]) {
                $process->stop(0);
                $this->slots->give($slot);
            }
        }
    }

    /** @param array<string, string> $paths */
    private function start(Segment $segment, Quality $quality, array $paths, string $folder): Process
    {
        $shot = $segment->shot;
        $name = substr($segment->key, 0, 32);
        file_put_contents("$folder/$name.ass", $segment->ass);
        $fps = TargetProfile::FPS;
        $picture = (new PictureFilter($quality, $fps))->of($shot, $segment->frames);

        $process = $this->tools->ffmpeg([
            '-loglevel', 'error', '-progress', 'pipe:1', '-stats_period', '0.5', '-threads', '1',
            ...$this->from($shot, $segment->frames / $fps),
            ...$this->tools->input($paths[$shot->footage] ?? throw new MissingFootage($shot->footage)),
            '-filter_threads', '1',
            '-vf', "$picture,setpts=N/($fps*TB),ass=$name.ass",
            '-frames:v', (string) $segment->frames, '-an', '-sn', '-dn', '-map_metadata', '-1',
            '-r', (string) $fps, ...$quality->encoder(), '-threads', '1', '-video_track_timescale', '15360',
            "$name.mp4",
        ], $folder);
        $process->start();

        return $process;
    }

    /** @return list<string> */
    private function from(CutShot $shot, float $seconds): array
    {
        return $shot->kind === FootageKind::Still
            ? []
            : ['-ss', sprintf('%.3f', $shot->inMs / 1000), '-t', sprintf('%.3f', $seconds + 0.2)];
    }

    private function finish(Process $process, Segment $segment, int $frames, string $folder): void
    {
        if (! $process->isSuccessful() || $frames !== $segment->frames) {
            throw ToolFailed::from($process, sprintf('Rendering the shot at %.1f s (%d of %d frames)', $segment->shot->startMs / 1000, $frames, $segment->frames));
        }
        $this->store->publish($folder.'/'.substr($segment->key, 0, 32).'.mp4', $this->file($segment));
    }
}
