<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\PatternDesk;
use App\Shelves\Models\Pattern;
use App\Shelves\Models\Short;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Patterns: settings kept to be given to others. */
final class PatternController extends Controller
{
    /** Keeps the settings of a short. */
    public function store(Request $request, Short $short, PatternDesk $desk): JsonResponse
    {
        $pattern = $desk->keep($short, $this->text($request, 'name'));

        return response()->json([
            'said' => "Saved as “{$pattern->name}”: apply it to others in a rundown, or to a new batch.",
        ]);
    }

    public function destroy(Pattern $pattern): RedirectResponse
    {
        $pattern->delete();

        return back();
    }
}
