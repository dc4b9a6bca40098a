<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Tidying\DiskRules;
use App\Doors\Http\Presenters\Machine\DiskPage;
use App\Ground\Work\DiskAct;
use App\Ground\Work\Orders;
use App\Media\Disk\DiskKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use RapidReel\Base\Refusal;

/** What fills the disk, for whoever keeps the machine. */
final class DiskController extends Controller
{
    public function show(Request $request, DiskPage $page): View
    {
        $user = $this->user($request);
        abort_unless($user->isKeeper(), 404);

        return view('machine.disk', ['page' => $page->of($user, max(1, $this->whole($request, 'page')))]);
    }

    public function state(Request $request, DiskPage $page): JsonResponse
    {
        $user = $this->user($request);
        abort_unless($user->isKeeper(), 404);
        $view = $page->of($user, max(1, $this->whole($request, 'page')));

        return response()->json([
            'rows' => view('machine._disk', ['page' => $view])->render(),
            'lead' => $view->lead(),
            'working' => $view->doing !== '',
            'undo' => null, 'redo' => null,
        ]);
    }

    /** @throws Refusal */
    public function update(Request $request, Orders $orders): RedirectResponse
    {
        abort_unless($this->user($request)->isKeeper(), 404);
        DiskRules::write($this->text($request, 'gigabytes'), $this->text($request, 'days'));
        $orders->tidyDisk(DiskAct::Tidy);

        return redirect()->route('machine.disk')->with('saved', 'It holds from now on.');
    }

    /** @throws Refusal */
    public function act(Request $request, Orders $orders): RedirectResponse
    {
        abort_unless($this->user($request)->isKeeper(), 404);
        $act = DiskAct::tryFrom($this->text($request, 'do')) ?? throw new Refusal('That cannot be done to a disk.');
        $kind = DiskKind::tryFrom($this->text($request, 'kind'));
        if ($act === DiskAct::EmptyKind && $kind?->worth() === null) {
            throw new Refusal('Only what can be made again is emptied at once.');
        }
        $orders->tidyDisk($act, $this->whole($request, 'batch'), $kind->value ?? '');

        return redirect()->route('machine.disk', array_filter(['page' => $this->whole($request, 'page')]));
    }
}
