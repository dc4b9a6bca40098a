<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Doors\Http\Presenters\Machine\MachinePage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The machine, for whoever keeps it: the account that was made first. */
final class MachineController extends Controller
{
    public function show(Request $request, MachinePage $page): View
    {
        abort_unless($this->user($request)->isKeeper(), 404);
        $isThorough = $request->boolean('thorough');

        return view('machine.show', ['page' => $page->of($isThorough), 'isThorough' => $isThorough]);
    }
}
