<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\EditBook;
use App\Desks\Outbox\CalendarFile;
use App\Doors\Http\Presenters\Outbox\CalendarPage;
use App\Doors\Http\Presenters\Outbox\CalendarPageView;
use App\Doors\Http\Presenters\PageState;
use App\Shelves\Models\Channel;
use App\Shelves\Models\EditPart;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What leaves when, over all batches of a channel. */
final class CalendarController extends Controller
{
    public function show(Request $request, CalendarPage $page, EditBook $edits): View
    {
        $view = $page->of(Channel::of($this->user($request)), $this->text($request, 'from'));

        return view('outbox.calendar', ['page' => $view, 'state' => self::stateOf($view, $edits)]);
    }

    public function undo(Request $request, EditBook $edits): JsonResponse
    {
        $what = $edits->undo(Channel::of($this->user($request)), EditPart::Outbox);

        return response()->json(['said' => "Undone: $what."]);
    }

    public function redo(Request $request, EditBook $edits): JsonResponse
    {
        $what = $edits->redo(Channel::of($this->user($request)), EditPart::Outbox);

        return response()->json(['said' => "Done again: $what."]);
    }

    public function state(Request $request, CalendarPage $page, EditBook $edits): JsonResponse
    {
        $view = $page->of(Channel::of($this->user($request)), $this->text($request, 'from'));

        return response()->json([
            'days' => view('outbox._days', ['page' => $view])->render(),
            'lead' => $view->lead(),
            ...self::stateOf($view, $edits)->toArray(),
        ]);
    }

    private static function stateOf(CalendarPageView $view, EditBook $edits): PageState
    {
        return PageState::ofPart($view->channel, EditPart::Outbox, $edits, $view->isWorking);
    }

    public function file(Request $request): Response
    {
        return response(CalendarFile::of(Channel::of($this->user($request))), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="outbox.ics"',
        ]);
    }
}
