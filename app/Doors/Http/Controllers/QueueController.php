<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Exporting\ExportDesk;
use App\Desks\Exporting\ExportQueue;
use App\Doors\Http\Presenters\Exports\QueuePage;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Export;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RapidReel\Base\Refusal;

/** The exports of a batch as a queue. */
final class QueueController extends Controller
{
    public function show(Batch $batch, QueuePage $page): View
    {
        return view('exports.queue', ['page' => $page->of($batch)]);
    }

    public function state(Batch $batch, QueuePage $page): JsonResponse
    {
        $view = $page->of($batch->refresh());

        return response()->json([
            'rows' => view('exports._rows', ['page' => $view])->render(),
            'lead' => $view->lead(),
            'title' => $view->title(),
            'room' => $view->room,
            'held' => $batch->held,
            'open' => $view->open(),
            'working' => $view->open() > 0,
            'undo' => null, 'redo' => null,
        ]);
    }

    /** What becomes of the queue as a whole. */
    public function act(Request $request, Batch $batch, ExportQueue $queue, ExportDesk $desk): JsonResponse
    {
        $said = match ($request->input('do')) {
            'hold' => [$queue->hold(...), 'Paused: what is being made is finished, nothing else is begun.'],
            'go' => [$queue->goOn(...), 'It goes on.'],
            'cancel' => [
                static fn (Batch $of) => $desk->cancelAll($of->shorts()->with('exports')->get()),
                'Everything is stopped.',
            ],
            default => throw new Refusal('That cannot be done with a queue.'),
        };
        $said[0]($batch);

        return response()->json(['said' => $said[1]]);
    }

    /** What becomes of one of it. */
    public function one(Request $request, Export $export, ExportQueue $queue, ExportDesk $desk): JsonResponse
    {
        $said = match ($request->input('do')) {
            'first' => [$queue->first(...), 'It comes next.'],
            'cancel' => [$desk->cancel(...), 'It is stopped.'],
            'again' => [$queue->again(...), 'It is made again.'],
            default => throw new Refusal('That cannot be done with an export.'),
        };
        $said[0]($export);

        return response()->json(['said' => $said[1]]);
    }
}
