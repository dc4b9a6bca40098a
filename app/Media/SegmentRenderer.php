<?php

declare(strict_types=1);

namespace App\Media;

use Generator;
use RapidReel\Cut\CutShot;
use RapidReel\Footage\FootageKind;
use RapidReel\Publish\TargetProfile;
use RapidReel\Render\PictureFilter;
use RapidReel\Render\Quality;
use RapidReel\Render\Segment;
use Symfony\Component\Process\Process;

/** Renders segments, each by a program of its own. */
final readonly class SegmentRenderer
{
    public function __construct(
        private MediaTools $tools,
        private MediaStore $store,
    ) {
    }

    public function file(Segment $segment): string
    {
        return $this->store->keyed('segments', $segment->key, 'mp4');
    }

    /**
     * Those of the segments that are not there yet, each once, long ones first, so that no core idles while the other
     * ends a long one.
     *
     * @param  list<Segment>  $segments
     * @return list<Segment>
     */
    public function missing(array $segments): array
    {
        $missing = [];
        foreach ($segments as $segment) {
            if (! is_file($this->file($segment))) {
                $missing[$segment->key] = $segment;
            }
        }
        usort($missing, static fn (Segment $a, Segment $b): int => $b->frames <=> $a->frames);

        return $missing;
    }

    /**
     * @param  string|null  $footage  file of what the shot shows
     * @param  int  $threads  one where many are rendered side by side, which uses the cores better than many for each
     * @return Generator<int, Process, Process, void>
     *
     * @throws MissingFootage
     */
    public function work(Segment $segment, Quality $quality, ?string $footage, int $threads): Generator
    {
        $folder = $this->store->workFolder();
        try {
            file_put_contents("$folder/captions.ass", $segment->ass);
            $process = yield $this->encoding($segment, $quality, $footage ?? throw new MissingFootage($segment->shot->footage), $threads, $folder);
            preg_match_all('/^frame=(\d+)$/m', $process->getOutput(), $told);
            $frames = $told[1] === [] ? 0 : (int) end($told[1]);
            if ($frames !== $segment->frames) {
                throw ToolFailed::from($process, sprintf('Rendering the shot at %.1f s (%d of %d frames)', $segment->shot->startMs / 1000, $frames, $segment->frames));
            }
            $this->store->publish("$folder/segment.mp4", $this->file($segment));
        } finally {
            $this->store->discard($folder);
        }
    }

    private function encoding(Segment $segment, Quality $quality, string $footage, int $threads, string $folder): Process
    {
        $fps = TargetProfile::FPS;
        $picture = (new PictureFilter($quality, $fps))->of($segment->shot, $segment->frames);

        return $this->tools->ffmpeg([
            '-loglevel', 'error', '-progress', 'pipe:1', '-stats_period', '0.5', '-threads', '1',
            ...$this->from($segment->shot, $segment->frames / $fps), ...$this->tools->input($footage),
            '-filter_threads', '1', '-vf', "$picture,setpts=N/($fps*TB),ass=captions.ass",
            '-frames:v', (string) $segment->frames, '-an', '-sn', '-dn', '-map_metadata', '-1',
            '-r', (string) $fps, ...$quality->encoder(), '-threads', (string) $threads, '-video_track_timescale', '15360',
            'segment.mp4',
        ], $folder);
    }

    /** @return list<string> */
    private function from(CutShot $shot, float $seconds): array
    {
        return $shot->kind === FootageKind::Still
            ? []
            : ['-ss', sprintf('%.3f', $shot->inMs / 1000), '-t', sprintf('%.3f', $seconds + 0.2)];
    }
}
