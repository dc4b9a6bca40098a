<?php

declare(strict_types=1);

namespace App\Doors\Bench;

use App\Desks\Exporting\Exporter;
use App\Makers\Planning\CutMaker;
use App\Makers\Planning\SceneTask;
use App\Makers\Planning\TargetPlans;
use App\Media\Process\Unwatched;
use App\Media\Store\MediaStore;
use App\Shelves\Library\Shelf;
use Illuminate\Support\Facades\File;
use RapidReel\Base\FrameShape;
use RapidReel\Base\Target\Target;
use RapidReel\Base\Target\TargetPicture;
use RapidReel\Base\Target\TargetSound;
use RapidReel\Making\Render\Quality;
use RapidReel\Plan\Cut\Cut;

/** What a second target of a short costs that was exported for the first. */
final readonly class TargetBench
{
    public function __construct(
        private CutMaker $cuts,
        private Exporter $exporter,
        private MediaStore $store,
    ) {
    }

    /**
     * @param  non-empty-list<SceneTask>  $tasks
     * @param  Cut  $cut  of these, exported
     * @param  float  $full  seconds that took
     * @return list<BenchRow>
     */
    public function run(array $tasks, Cut $cut, Shelf $shelf, float $full): array
    {
        $louder = new Target('own-louder', 'Louder', sound: new TargetSound(-11.0));
        $square = new Target('own-square', 'Square', new TargetPicture(FrameShape::Square));
        $made = $found = 0;
        $wall = Usage::of(function () use ($tasks, $cut, $shelf, $louder, &$made): void {
            $made = $this->exporter->export(
                $this->of($louder, $tasks, $cut, $shelf), $shelf, Quality::Final, 'louder', new Unwatched,
                static fn (string $folder): null => null,
            )->segmentsMade;
        })->wall;
        $before = $this->kept();
        $shape = Usage::of(function () use ($tasks, $cut, $shelf, $square, &$found): void {
            $found = $this->of($square, $tasks, $cut, $shelf)->durationMs;
        })->wall;

        return [
            BenchRow::atMost('a second target that is louder alone: segments made', $made, 0, '%.0f'),
            BenchRow::atMost('the same / full export, wall', $wall / $full, 0.15, '%.2f ×'),
            BenchRow::atMost('another shape: takes and findings made anew', $this->kept() - $before, 0, '%.0f'),
            BenchRow::atMost('another shape: moved in time', abs($found - $cut->durationMs), 0, '%.0f ms'),
            BenchRow::within('another shape: planned', $shape, 2, Unit::Loop),
        ];
    }

    /** @param  non-empty-list<SceneTask>  $tasks */
    private function of(Target $target, array $tasks, Cut $cut, Shelf $shelf): Cut
    {
        return TargetPlans::cut(
            $cut, $tasks, $target,
            fn (array $led): Cut => $this->cuts->make('Bench', $led, $shelf, new Unwatched),
        );
    }

    /** How many takes and findings there are. */
    private function kept(): int
    {
        $count = 0;
        foreach (['takes', 'interest', 'grounds'] as $room) {
            $folder = $this->store->path($room);
            $count += is_dir($folder) ? count(File::allFiles($folder)) : 0;
        }

        return $count;
    }
}
