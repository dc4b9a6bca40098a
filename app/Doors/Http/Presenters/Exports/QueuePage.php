<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Exports;

use App\Desks\Editing\TargetDesk;
use App\Desks\Exporting\ExportQueue;
use App\Ground\Work\DiskRoom;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use RapidReel\Making\Render\QueueForecast;

/** What is shown of the exports of a batch: their order, how far they are, how long it takes. */
final readonly class QueuePage
{
    public function __construct(
        private ExportQueue $queue,
        private DiskRoom $room,
    ) {
    }

    public function of(Batch $batch): QueuePageView
    {
        $exports = $this->queue->of($batch);
        $open = $exports->filter(static fn (Export $one): bool => $one->state->isOpen());
        // What was made since the first of those was ordered that are still to be made is of the same turn.
        $since = $open->min('created_at');
        $turn = $exports->filter(static fn (Export $one): bool => $one->state->isOpen()
            || ($one->state === ExportState::Done && $since !== null && $one->finished_at >= $since));
        $forecast = new QueueForecast;
        foreach ($turn as $one) {
            $forecast->add(
                $one->duration_ms ?? $one->short->cutSummary()?->wholeMs() ?? 30_000, $one->quality,
                $one->state === ExportState::Done ? 1.0 : $one->percent / 100, $one->bytes,
            );
        }
        $begun = $turn->filter(static fn (Export $one): bool => $one->started_at !== null)->min('started_at');
        $labels = TargetDesk::all($batch->channel)->labels();
        $position = 0;

        return new QueuePageView(
            $batch,
            array_values($exports->map(static function (Export $one) use (&$position, $labels, $batch): QueueRow {
                return new QueueRow(
                    $one, $one->state === ExportState::Queued ? ++$position : null,
                    $one->target === '' ? '' : ($labels[$one->target] ?? $one->target), $batch->held,
                );
            })->all()),
            $forecast->percent(),
            $begun === null ? null : $forecast->secondsLeft((float) $begun->diffInMilliseconds(now(), true) / 1000),
            $this->room($open->isEmpty() ? 0 : $forecast->bytesNeeded()),
        );
    }

    private function room(int $needed): string
    {
        $free = $this->room->free();

        return $needed === 0 || $free > $needed + $this->room->least() ? '' : sprintf(
            'About %d MB are still needed for what waits, and %d MB are free. Make room, or it waits until there is.',
            (int) ceil($needed / 1024 / 1024), intdiv($free, 1024 * 1024),
        );
    }
}
