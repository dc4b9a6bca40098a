<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Gateways\Voices\VoiceBook;
use App\Http\Presenters\ScriptPanel;
use App\Http\Presenters\Sheet;
use App\Models\Channel;
use App\Models\Short;
use App\Scripts\EditBook;
use App\Scripts\ScriptEditor;
use App\Shorts\ExportDesk;
use App\Shorts\ProblemForOperator;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use RapidReel\Render\Quality;

final class ShortController extends Controller
{
    public function show(Request $request, Short $short, VoiceBook $voices, Sheet $sheet, ScriptPanel $panel): View
    {
        return view('shorts.show', ['voice' => $voices->get($short->voice), 'panel' => $panel->of($short, Channel::of($this->user($request))), ...$sheet->of($short)]);
    }

    /** The sheet as it stands, for a page that is open. */
    public function state(Request $request, Short $short, Sheet $presenter, ScriptPanel $panel): JsonResponse
    {
        $sheet = $presenter->of($short);

        return response()->json([
            'scenes' => view('shorts._scenes', $sheet)->render(),
            'export' => view('shorts._export', $sheet)->render(),
            'panel' => view('scripts._panel', $panel->of($short, Channel::of($this->user($request))))->render(),
            'working' => $sheet['row']->isWorking,
            'revision' => $short->revision.'/'.$short->planned_revision,
            'video' => $sheet['row']->done?->id,
            'undo' => $sheet['undo'],
        ]);
    }

    /** Hook, length and script of a short, to be shown in its row. */
    public function script(Request $request, Short $short, ScriptPanel $panel): View
    {
        return view('scripts._opened', $panel->of($short, Channel::of($this->user($request))));
    }

    public function export(Request $request, Short $short, ExportDesk $desk): RedirectResponse
    {
        $desk->order($short, Quality::tryFrom((string) $request->input('quality')) ?? Quality::Final);

        return back();
    }

    public function say(Request $request, Short $short, ScriptEditor $editor): JsonResponse
    {
        $editor->say($short, $request->integer('note'));

        return response()->json(['said' => 'It is spoken now.']);
    }

    /** Another hook: kept, said instead of or before the first words, made a short of its own, or dropped. */
    public function hook(Request $request, Short $short, ScriptEditor $editor): JsonResponse
    {
        $text = trim((string) $request->input('text'));
        if ($request->input('do') !== 'drop' && $text === '') {
            throw new ProblemForOperator('Write the hook first.');
        }
        $said = match ($request->input('do')) {
            'keep' => 'Kept to be tried.',
            'instead' => 'It is the hook now; the one before is kept.',
            'before' => 'It is said first now.',
            'short' => 'Short %02d begins with it.',
            'drop' => 'Dropped.',
            default => throw new ProblemForOperator('That cannot be done with a hook.'),
        };
        $made = match ($request->input('do')) {
            'keep' => $editor->keepHook($short, $text),
            'short' => $editor->shortOf($short, $text),
            'drop' => $editor->dropHook($short, $short->hooks()->findOrFail($request->integer('id'))),
            default => $editor->openWith($short, $text, before: $request->input('do') === 'before'),
        };
        $said = sprintf($said, $made->number);

        return response()->json(['said' => $said]);
    }

    public function undo(Short $short, EditBook $edits): JsonResponse
    {
        return response()->json(['said' => 'Undone: '.$edits->undo($short).'.']);
    }
}
