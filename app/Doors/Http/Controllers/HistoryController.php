<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\EditBook;
use App\Doors\Http\Presenters\Short\EarlierState;
use App\Shelves\Models\Edit;
use App\Shelves\Models\Short;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Earlier states of a short: looked at, and brought back. */
final class HistoryController extends Controller
{
    public function show(Short $short, Edit $edit, EarlierState $presenter): View
    {
        return view('history.show', ['state' => $presenter->of($short, $this->own($short, $edit))]);
    }

    public function restore(Short $short, Edit $edit, EditBook $edits): RedirectResponse
    {
        $edits->restore($this->own($short, $edit));

        return redirect()->route('shorts.show', $short);
    }

    private function own(Short $short, Edit $edit): Edit
    {
        abort_unless($edit->short_id === $short->id && $edit->before !== '', 404);

        return $edit;
    }
}
