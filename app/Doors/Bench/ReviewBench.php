<?php

declare(strict_types=1);

namespace App\Doors\Bench;

use App\Makers\Planning\SceneTask;
use App\Makers\Reviewing\PlanReviewer;
use App\Media\Process\Unwatched;
use App\Shelves\Library\Shelf;
use RapidReel\Plan\Cut\Cut;

/** What it costs to look a short through before its export. */
final readonly class ReviewBench
{
    public function __construct(private PlanReviewer $reviewer)
    {
    }

    /**
     * @param  non-empty-list<SceneTask>  $tasks
     * @param  Cut  $cut  of these, exported
     * @param  float  $full  seconds that took
     * @return list<BenchRow>
     */
    public function run(array $tasks, Cut $cut, Shelf $shelf, float $full): array
    {
        $look = fn (bool $looks): float => Usage::of(fn (): array => $this->reviewer->of(
            $cut, $tasks, $shelf, new Unwatched, 'Bench', [], [], $looks,
        ))->wall;

        return [
            BenchRow::atMost('a short reviewed / full export, wall', $look(false) / $full, 0.02, '%.3f ×'),
            BenchRow::atMost('the same with its pictures looked at, wall', $look(true) / $full, 0.5, '%.2f ×'),
        ];
    }
}
