<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Shelves\Library\TableDesk;
use App\Shelves\Models\Channel;
use App\Shelves\Models\ColourTable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use RapidReel\Base\Refusal;

/** Colour tables. */
final class TableController extends Controller
{
    public function store(Request $request, TableDesk $desk): RedirectResponse
    {
        $file = $request->file('table');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw new Refusal('Choose a .cube file.');
        }
        $table = $desk->bring(
            Channel::of($this->user($request)), $file->getRealPath() ?: '', $file->getClientOriginalName(),
        );

        return redirect()->route('channels.index')->with(
            'saved', "“{$table->name}” can be chosen as a colour table now, under Look in the house style.",
        );
    }

    public function destroy(ColourTable $table, TableDesk $desk): RedirectResponse
    {
        $desk->drop($table);

        return redirect()->route('channels.index')->with(
            'saved', "The colour table “{$table->name}” was deleted.",
        );
    }
}
