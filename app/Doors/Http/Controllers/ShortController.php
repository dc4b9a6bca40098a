<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\EditBook;
use App\Desks\Editing\ScriptEditor;
use App\Desks\Exporting\ExportDesk;
use App\Desks\Exporting\StoppedExports;
use App\Doors\Http\Presenters\Rundown\ScriptPanel;
use App\Doors\Http\Presenters\Short\ShortPage;
use App\Shelves\Models\Short;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use RapidReel\Base\Refusal;

final class ShortController extends Controller
{
    use TakesChoices;

    public function show(Short $short, ShortPage $sheet, ScriptPanel $panel): View
    {
        return view('shorts.show', ['sheet' => $sheet->of($short), 'panel' => $panel->of($short)]);
    }

    /** The sheet as it stands, for a page that is open. */
    public function state(Short $short, ShortPage $presenter, ScriptPanel $panel): JsonResponse
    {
        $sheet = $presenter->of($short);

        return response()->json([
            'scenes' => view('shorts._scenes', ['sheet' => $sheet])->render(),
            'export' => view('shorts._export', ['sheet' => $sheet])->render(),
            'panel' => view('scripts._panel', ['panel' => $panel->of($short)])->render(),
            'lead' => $sheet->lead,
            'video' => $sheet->row->done()?->id,
            ...$sheet->state->drawn(),
        ]);
    }

    /** Hook, length and script of a short, to be shown in its row. */
    public function script(Short $short, ScriptPanel $panel): View
    {
        return view('scripts._opened', ['panel' => $panel->of($short)]);
    }

    public function export(
        Request $request,
        Short $short,
        ExportDesk $desk,
        StoppedExports $stopped,
    ): RedirectResponse {
        $quality = $this->quality($request);
        [$shorts, $why] = $stopped->of($short->batch, [$short], $quality);
        $desk->orderAll($shorts, $quality);

        return $why === '' ? back() : back()->with('problem', $why);
    }

    public function say(Request $request, Short $short, ScriptEditor $editor): JsonResponse
    {
        $editor->say($short, $this->whole($request, 'note'));

        return response()->json(['said' => 'It is spoken now.']);
    }

    /** Another hook: kept, said instead of or before the first words, made a short of its own, or dropped. */
    public function hook(Request $request, Short $short, ScriptEditor $editor): JsonResponse
    {
        $text = trim($this->text($request, 'text'));
        if ($request->input('do') !== 'drop' && $text === '') {
            throw new Refusal('Write the hook first.');
        }
        $said = match ($request->input('do')) {
            'keep' => 'Kept to be tried.',
            'instead' => 'It is the hook now; the one before is kept.',
            'before' => 'It is said first now.',
            'short' => 'Short %02d begins with it.',
            'drop' => 'Dropped.',
            default => throw new Refusal('That cannot be done with a hook.'),
        };
        $made = match ($request->input('do')) {
            'keep' => $editor->keepHook($short, $text),
            'short' => $editor->shortsOf($short->batch, [[$short, $text]])[0],
            'drop' => $editor->dropHook($short, $short->hooks()->findOrFail($this->whole($request, 'id'))),
            default => $editor->openWith($short, $text, before: $request->input('do') === 'before'),
        };
        $said = sprintf($said, $made->number);

        return response()->json(['said' => $said]);
    }

    public function undo(Short $short, EditBook $edits): JsonResponse
    {
        return response()->json(['said' => 'Undone: '.$edits->undo($short).'.']);
    }

    public function redo(Short $short, EditBook $edits): JsonResponse
    {
        return response()->json(['said' => 'Done again: '.$edits->redo($short).'.']);
    }
}
