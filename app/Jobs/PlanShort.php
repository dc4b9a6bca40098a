<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Library\ShelfSource;
use App\Media\Unwatched;
use App\Models\Short;
use App\Shorts\ProblemForOperator;
use App\Shorts\ShortPlanner;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use RapidReel\Voice\SilentTake;
use Throwable;

/** Voices a short and finds its pictures, so that its real times are known. */
final class PlanShort implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public function __construct(public readonly int $shortId)
    {
        $this->onQueue('plans');
    }

    public function handle(ShortPlanner $planner, ShelfSource $shelves): void
    {
        $short = Short::query()->find($this->shortId);
        if ($short === null || $short->isPlanned()) {
            return;
        }
        try {
            $planner->plan($short, $shelves->shelf(), new Unwatched);
        } catch (ProblemForOperator|SilentTake $problem) {
            $this->tell($problem->getMessage());
        }
    }

    public function failed(?Throwable $problem): void
    {
        $this->tell('It could not be planned: '.($problem?->getMessage() ?? 'the worker stopped.'));
    }

    private function tell(string $problem): void
    {
        Short::query()->whereKey($this->shortId)->update(['problem' => mb_strimwidth($problem, 0, 250, '…')]);
    }
}
