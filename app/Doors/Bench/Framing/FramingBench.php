<?php

declare(strict_types=1);

namespace App\Doors\Bench\Framing;

use App\Doors\Bench\BenchRow;
use App\Doors\Bench\Unit;
use App\Doors\Bench\Usage;
use App\Makers\Interest\FileFramer;
use App\Makers\Interest\FramedFile;
use App\Media\Analysis\InterestReader;
use App\Media\Making\Maker;
use App\Media\Process\MediaTools;
use App\Media\Video\Sources;
use RapidReel\Base\Target\TargetPicture;
use RapidReel\Captions\Drawing\CaptionScript;
use RapidReel\Making\Render\Layer;
use RapidReel\Making\Render\Look;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Raster;
use RapidReel\Making\Render\Recipe;
use RapidReel\Making\Render\Source;
use RapidReel\Pictures\Framing\FramePath;
use Symfony\Component\Process\Process;

/** How well windows follow subjects whose places are known, and what that costs. */
final readonly class FramingBench
{
    private const FPS = 30;

    /** Pictures a second that are compared with the other way to find a window. */
    private const COMPARED = 5;

    private const COMPARED_SIZE = [320, 180];

    public function __construct(
        private FileFramer $framer,
        private InterestReader $reader,
        private MediaTools $tools,
        private Sources $sources,
        private Maker $maker,
        private HardClips $hard,
    ) {
    }

    /**
     * @param  string  $demo  folder of the demo clips, each with its truth beside it
     * @param  string  $work  folder for the clips that are made
     * @return list<BenchRow>
     */
    public function run(string $demo, string $work): array
    {
        $clips = [];
        foreach (glob("$demo/*.mp4") ?: [] as $file) {
            $truth = (string) file_get_contents((string) preg_replace('/mp4$/', 'json', $file));
            /** @var array{frames: list<array{x: float, y: float, w: float, h: float}>} $data */
            $data = json_decode($truth, true, 8, JSON_THROW_ON_ERROR);
            $clips[basename($file, '.mp4')] = [$file, $data['frames']];
        }

        return [
            ...$this->known($clips),
            ...$this->hard($this->hard->make("$work/hard")),
            ...$this->compared($clips, $work),
            ...$this->cost($clips),
        ];
    }

    /**
     * @param  array<string, array{string, list<array{x: float, y: float, w: float, h: float}>}>  $clips
     * @return list<BenchRow>
     */
    private function known(array $clips): array
    {
        $score = new FramingScore;
        $turns = 0;
        foreach ($clips as [$file, $truth]) {
            [$middles, $width] = $this->middles($file, self::FPS, count($truth));
            $score->add($middles, $truth, $width);
            $turns += FramingScore::turns(array_column($truth, 'x')) === 0 ? FramingScore::turns($middles) : 0;
        }

        return [
            BenchRow::atLeast('demo clips: middle of the subject in the window', $score->held(), 99, '%.2f %%'),
            BenchRow::atLeast('demo clips: all of it, where it fits', $score->whole(), 95, '%.2f %%'),
            BenchRow::atMost('demo clips: turns back after one that crosses', $turns, 0, '%.0f'),
        ];
    }

    /**
     * @param  array<string, array{string, list<array{x: float, y: float, w: float, h: float}>}>  $clips
     * @return list<BenchRow>
     */
    private function hard(array $clips): array
    {
        $rows = [];
        foreach ($clips as $name => [$file, $truth]) {
            $score = new FramingScore;
            [$middles, $width] = $this->middles($file, self::FPS, count($truth));
            $score->add($middles, $truth, $width);
            $rows[] = BenchRow::atLeast("$name: all of it in the window", $score->whole(), 97, '%.2f %%');
            if (count(array_unique(array_column($truth, 'x'))) === 1) {
                $rows[] = BenchRow::atMost(
                    "$name: pixels that the window moves",
                    1920 * (max([0.0, ...$middles]) - min([1.0, ...$middles])),
                    0,
                    '%.2f',
                );
            }
        }

        return $rows;
    }

    /**
     * The same pictures, each by itself, in the hands of a package that is made for stills.
     *
     * @param  array<string, array{string, list<array{x: float, y: float, w: float, h: float}>}>  $clips
     * @return list<BenchRow>
     */
    private function compared(array $clips, string $work): array
    {
        $ours = new FramingScore;
        $theirs = new FramingScore;
        [$across, $down] = self::COMPARED_SIZE;
        foreach ($clips as [$file, $truth]) {
            $this->tools->run(
                [
                    '-loglevel', 'error', ...$this->tools->input($file), '-vf',
                    'fps='.self::COMPARED.":round=up,scale=$across:$down:flags=area,format=rgba", '-f', 'rawvideo',
                    "$work/pictures.rgba",
                ],
                'Drawing small pictures',
            );
            $process = new Process(
                ['node', __DIR__.'/smartcrop.mjs', "$work/pictures.rgba", (string) $across, (string) $down, '0.5625'],
                timeout: 600,
            );
            /** @var list<float> $middles */
            $middles = json_decode($process->mustRun()->getOutput(), true, 4, JSON_THROW_ON_ERROR);
            $places = [];
            foreach (array_keys($middles) as $i) {
                $places[] = $truth[min(count($truth) - 1, (int) round($i * self::FPS / self::COMPARED))];
            }
            [$mine, $width] = $this->middles($file, self::COMPARED, count($middles));
            $ours->add($mine, $places, $width);
            $theirs->add($middles, $places, $width);
        }

        return [
            BenchRow::atLeast(
                'subject inside the window, against the smartcrop package',
                $ours->inside(),
                $theirs->inside(),
                '%.2f %%',
            ),
            BenchRow::atMost(
                'unevenness of the path ÷ that of the smartcrop package',
                $ours->jitter() / max(1e-9, $theirs->jitter()),
                0.1,
                '%.3f',
            ),
        ];
    }

    /**
     * @param  array<string, array{string, list<array{x: float, y: float, w: float, h: float}>}>  $clips
     * @return list<BenchRow>
     */
    private function cost(array $clips): array
    {
        $seconds = $looked = $decoded = 0.0;
        $moving = $fixed = [];
        foreach (array_values($clips) as $number => [$file, $truth]) {
            if ($number % 3 !== 0) {
                continue;
            }
            $framed = $this->framer->frame($file, '9:16', [], static fn () => null);
            $seconds += count($truth) / self::FPS;
            $looked += Usage::of(fn () => $this->reader->read($file, $framed->found))->processor;
            $decoded += Usage::of(fn () => $this->tools->run(
                ['-loglevel', 'error', '-threads', '1', ...$this->tools->input($file), '-an', '-f', 'null', '-'],
                'Decoding',
            ))->processor;
            $this->sources->lay($framed->key, $file, basename($file));
            $moving[] = $this->rendered($framed, $framed->path);
            // The encoder has as much to do where the same moves by; the window stands in the middle of its way.
            $fixed[] = $this->rendered($framed, new FramePath([0 => $framed->path->at(
                intdiv($framed->found->durationMs, 2),
            )]));
        }

        return [
            BenchRow::atLeast('analysis of 1080p: times faster than it plays', $seconds / $looked, 4, '%.2f'),
            BenchRow::within(
                'analysis beyond the bare decode, of each second of a clip',
                ($looked - $decoded) / $seconds,
                0.25,
                Unit::Loop,
            ),
            BenchRow::atMost('a window that moves ÷ a fixed one', array_sum($moving) / array_sum($fixed), 1.25, '%.2f'),
        ];
    }

    private function rendered(FramedFile $framed, FramePath $path): float
    {
        $source = new Source($framed->key, $framed->found->kind, $framed->found->width, $framed->found->height);
        $layer = new Layer($source, 0, $path);
        $recipe = new Recipe(
            60,
            new Raster(Quality::Final->width(), Quality::Final->height(), TargetPicture::USUAL_RATE),
            $layer,
            new Look,
            CaptionScript::none(),
            Quality::Final->encoder($layer),
        );

        $costs = [];
        foreach (range(1, 2) as $round) {
            @unlink($this->maker->file($recipe));
            $costs[$round] = Usage::of(
                fn () => $this->maker->make([$recipe]),
            )->processor;
        }

        return min($costs);
    }

    /** @return array{list<float>, float} the middle of the window in every frame, and its width */
    private function middles(string $file, int $fps, int $count): array
    {
        $framed = $this->framer->frame($file, '9:16', [], static fn () => null);
        $middles = [];
        for ($frame = 0; $frame < $count; $frame++) {
            $middles[] = $framed->path->at((int) round($frame * 1000 / $fps))->x;
        }

        return [$middles, $framed->found->height * 9 / 16 / $framed->found->width];
    }
}
