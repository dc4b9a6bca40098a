<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Gateways\Voices\VoiceBook;
use App\Http\Presenters\Sheet;
use App\Models\Footage;
use App\Models\Scene;
use App\Models\Short;
use App\Shorts\ExportDesk;
use App\Shorts\ProblemForOperator;
use App\Shorts\SceneEditor;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use RapidReel\Render\Quality;

final class ShortController extends Controller
{
    public function show(Short $short, VoiceBook $voices): View
    {
        return view('shorts.show', ['sheet' => Sheet::of($short), 'voice' => $voices->get($short->voice)]);
    }

    /** The sheet as it stands, for a page that is open. */
    public function state(Short $short): JsonResponse
    {
        $sheet = Sheet::of($short);

        return response()->json([
            'scenes' => view('shorts._scenes', ['sheet' => $sheet])->render(),
            'export' => view('shorts._export', ['sheet' => $sheet])->render(),
            'working' => $sheet->row->isWorking,
            'revision' => $short->revision.'/'.$short->planned_revision,
            'video' => $sheet->row->done?->id,
        ]);
    }

    public function export(Request $request, Short $short, ExportDesk $desk): RedirectResponse
    {
        $desk->order($short, Quality::tryFrom((string) $request->input('quality')) ?? Quality::Final);

        return back();
    }

    public function reword(Request $request, Scene $scene, SceneEditor $editor): JsonResponse
    {
        $editor->reword($scene, (string) $request->input('text'));

        return response()->json(['text' => $scene->fresh()?->text]);
    }

    public function swap(Request $request, Scene $scene, int $shot, SceneEditor $editor): JsonResponse
    {
        $footage = Footage::query()->find((int) $request->input('footage'));
        $cut = $scene->short->plannedCut();
        if ($footage === null || $cut === null || ! isset($cut->scenes[$scene->position]->shots[$shot])) {
            throw new ProblemForOperator('This shot or this footage is no longer there. Load the page again.');
        }
        $editor->swap($scene, $shot, $footage);

        return response()->json(['footage' => $footage->name]);
    }
}
