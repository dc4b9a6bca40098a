<?php

declare(strict_types=1);

namespace App\Media\Video;

use App\Media\Artwork\CubeShelf;
use App\Media\Artwork\TypefaceBook;
use App\Media\Process\EncoderWork;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Store\DamagedPart;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use Generator;
use Illuminate\Support\Facades\File;
use RapidReel\Base\Refusal;
use RapidReel\Making\Render\Filter\FilterGraph;
use RapidReel\Making\Render\Filter\GradeFilters;
use RapidReel\Making\Render\Filter\MatteFilters;
use RapidReel\Making\Render\Layer;
use RapidReel\Making\Render\Recipe;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\FramePath;
use Symfony\Component\Process\Process;

/** Renders segments from their recipes, each by a program of its own. It needs the media disk and nothing else. */
final readonly class SegmentRenderer
{
    public function __construct(
        private MediaTools $tools,
        private MediaStore $store,
        private KeptFiles $kept,
        private TypefaceBook $faces,
        private CubeShelf $cubes,
        private MatteShelf $mattes,
    ) {
    }

    /** @throws StrangePlace */
    public function file(string $key): string
    {
        return $this->store->keyed('segments', $key, 'mp4');
    }

    /**
     * Whether it was rendered before and is still as it was.
     *
     * @throws StrangePlace
     */
    public function isThere(string $key): bool
    {
        return $this->kept->isRight($this->file($key));
    }

    /**
     * @param  int  $threads  one where many are rendered side by side, which uses cores better than many for each
     * @param  string|null  $shown  folder that is to have all that it is rendered with
     */
    public function work(Recipe $recipe, int $threads, ?string $shown = null): EncoderWork
    {
        $key = $recipe->key();

        return new EncoderWork(
            $key,
            'Rendering a shot',
            fn (): bool => $this->isThere($key),
            fn (): Generator => $this->steps($recipe, $threads, $shown),
            $recipe->toJson(),
            $recipe->frames,
            $recipe->frames * $recipe->raster->width * $recipe->raster->height,
        );
    }

    /**
     * @return Generator<int, Process, Process, mixed>
     *
     * @throws MissingFootage when a source is not on the disk as it was
     * @throws ToolFailed
     * @throws DamagedPart
     * @throws Refusal
     */
    private function steps(Recipe $recipe, int $threads, ?string $shown): Generator
    {
        foreach ($recipe->sources() as $source) {
            if (! $this->kept->isSource($source->key)) {
                throw new MissingFootage("“{$source->key}”");
            }
        }
        $folder = $this->store->workFolder();
        try {
            $graph = new FilterGraph($recipe, 'captions.ass', 'faces');
            $this->store->write("$folder/captions.ass", $graph->captions());
            // The path of a window may be longer than an argument can be.
            $this->store->write("$folder/graph.txt", $graph->write());
            $looks = [GradeFilters::CUBE => $recipe->look, GradeFilters::NEXT_CUBE => $recipe->to?->look];
            foreach ($looks as $name => $look) {
                if ($look?->grade !== null && $look->grade->table->cube !== '') {
                    $this->cubes->lay($look->grade->table->cube, "$folder/$name");
                }
            }
            foreach (['base' => $recipe->layer, 'next' => $recipe->to?->layer] as $name => $layer) {
                if ($layer?->matte !== null) {
                    $this->mattes->lay($layer->matte, $folder, MatteFilters::files($name));
                }
            }
            $this->faces->lay($recipe->captions->faces, "$folder/faces");
            $encoding = $this->encoding($recipe, $threads, $folder);
            if ($shown !== null) {
                File::copyDirectory($folder, $shown);
                File::put("$shown/command.txt", $encoding->getCommandLine()."\n");
            }
            $process = yield $encoding;
            preg_match_all('/^frame=(\d+)$/m', $process->getOutput(), $told);
            $frames = $told[1] === [] ? 0 : (int) end($told[1]);
            if ($frames !== $recipe->frames) {
                throw ToolFailed::isShort('Rendering a shot', $frames, $recipe->frames);
            }
            $this->kept->put("$folder/segment.mp4", $this->file($recipe->key()));
        } finally {
            $this->store->discard($folder);
        }
    }

    /** @throws StrangePlace */
    private function encoding(Recipe $recipe, int $threads, string $folder): Process
    {
        $inputs = [];
        foreach ([$recipe->layer, $recipe->to?->layer] as $layer) {
            if ($layer !== null) {
                array_push($inputs, ...$this->input($layer, $recipe));
                $behind = $layer->behind();
                if ($behind !== null) {
                    $ground = new Layer(
                        $behind, $layer->matte->behind->inMs ?? 0, FramePath::centred(1, 1, 1.0), loopMs: 1,
                    );
                    array_push($inputs, ...$this->input($ground, $recipe));
                }
            }
        }
        foreach ($recipe->overlays as $overlay) {
            $layer = new Layer($overlay->source, 0, FramePath::centred(1, 1, 1.0));
            array_push($inputs, ...$this->input($layer, $recipe));
        }

        return $this->tools->ffmpeg(
            [
                '-loglevel', 'error', '-progress', 'pipe:1', '-stats_period', '0.5', ...$inputs,
                '-filter_complex_threads', '1', '-filter_complex_script', 'graph.txt',
                '-map', '[out]', '-frames:v', (string) $recipe->frames, '-an', '-sn', '-dn', '-map_metadata', '-1',
                '-r', (string) $recipe->raster->fps, ...$recipe->encoder, '-threads', (string) $threads,
                '-video_track_timescale', (string) $recipe->raster->timescale(), 'segment.mp4',
            ],
            $folder,
        );
    }

    /**
     * @return list<string> a clip is read from where the segment begins, and a little further than it goes
     *
     * @throws StrangePlace
     */
    private function input(Layer $layer, Recipe $recipe): array
    {
        $seconds = $recipe->frames / $recipe->raster->fps * $layer->speed + 0.2;
        $in = $layer->inMs / 1000;
        $part = match (true) {
            $layer->source->kind === FootageKind::Still => [],
            // What is begun again is begun where reading began: that is its start, and the graph leaves out the rest.
            $layer->loopMs > 0 => ['-stream_loop', '-1', '-t', sprintf('%.3f', $in + $seconds)],
            default => ['-ss', sprintf('%.3f', $in), '-t', sprintf('%.3f', $seconds)],
        };

        return ['-threads', '1', ...$part, ...$this->tools->input($this->store->source($layer->source->key))];
    }
}
