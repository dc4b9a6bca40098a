<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Footage;
use App\Models\Scene;
use App\Scripts\ScriptEditor;
use App\Shorts\ProblemForOperator;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RapidReel\Script\SceneRole;

final class SceneController extends Controller
{
    public function reword(Request $request, Scene $scene, ScriptEditor $editor): JsonResponse
    {
        $editor->reword($scene, (string) $request->input('text'));

        return response()->json(['text' => $scene->fresh()?->text]);
    }

    /** Splits, joins, moves, removes a scene or gives it another part. */
    public function change(Request $request, Scene $scene, ScriptEditor $editor): JsonResponse
    {
        match ($request->input('do')) {
            'split' => $editor->split($scene, $request->integer('at')),
            'join' => $editor->join($scene),
            'up' => $editor->move($scene, -1),
            'down' => $editor->move($scene, 1),
            'drop' => $editor->drop($scene),
            'close' => $editor->play($scene, SceneRole::Close),
            'beat' => $editor->play($scene, SceneRole::Beat),
            default => throw new ProblemForOperator('That cannot be done to a scene.'),
        };

        return response()->json(['said' => 'Done.']);
    }

    public function swap(Request $request, Scene $scene, int $shot, ScriptEditor $editor): JsonResponse
    {
        $footage = Footage::query()->find((int) $request->input('footage'));
        $cut = $scene->short->plannedCut();
        if ($footage === null || $cut === null || ! isset($cut->scenes[$scene->position]->shots[$shot])) {
            throw new ProblemForOperator('This shot or this footage is no longer there. Load the page again.');
        }
        $editor->swap($scene, $shot, $footage);

        return response()->json(['footage' => $footage->name]);
    }

    public function brief(Request $request, Scene $scene, ScriptEditor $editor): JsonResponse
    {
        $editor->show($scene, (string) $request->input('text'));

        return response()->json(['text' => $scene->fresh()?->brief]);
    }
}
