<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Machines\MachinesDesk;
use App\Doors\Http\Presenters\Machine\HelpersPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use RapidReel\Base\Refusal;

/** The machines that make for this one, for whoever keeps it. */
final class HelpersController extends Controller
{
    public function show(Request $request, HelpersPage $page): View
    {
        abort_unless($this->user($request)->isKeeper(), 404);

        return view('machine.helpers', ['page' => $page->of()]);
    }

    public function state(Request $request, HelpersPage $page): JsonResponse
    {
        abort_unless($this->user($request)->isKeeper(), 404);
        $view = $page->of();

        return response()->json([
            'rows' => view('machine._helpers', ['page' => $view])->render(),
            'lead' => $view->lead(),
            'working' => $view->isBusy(),
            'undo' => null, 'redo' => null,
        ]);
    }

    /** @throws Refusal */
    public function update(Request $request, string $name, MachinesDesk $desk): RedirectResponse
    {
        abort_unless($this->user($request)->isKeeper(), 404);
        $desk->set($name, $request->boolean('makes'));

        return redirect()->route('machine.helpers');
    }
}
