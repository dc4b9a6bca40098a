<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Outbox\CalendarFile;
use App\Doors\Http\Presenters\Outbox\CalendarPage;
use App\Shelves\Models\Channel;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What leaves when, over all batches of a channel. */
final class CalendarController extends Controller
{
    public function show(Request $request, CalendarPage $page): View
    {
        return view('outbox.calendar', [
            'page' => $page->of(Channel::of($this->user($request)), $this->text($request, 'from')),
        ]);
    }

    public function state(Request $request, CalendarPage $page): JsonResponse
    {
        $view = $page->of(Channel::of($this->user($request)), $this->text($request, 'from'));

        return response()->json([
            'days' => view('outbox._days', ['page' => $view])->render(),
            'lead' => $view->lead(),
            'working' => $view->isWorking,
            'undo' => null, 'redo' => null,
        ]);
    }

    public function file(Request $request): Response
    {
        return response(CalendarFile::of(Channel::of($this->user($request))), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="outbox.ics"',
        ]);
    }
}
