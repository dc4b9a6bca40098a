<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\ScriptEditor;
use App\Makers\Planning\NextBest;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Scene;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RapidReel\Base\Refusal;
use RapidReel\Text\Script\SceneRole;

final class SceneController extends Controller
{
    public function reword(Request $request, Scene $scene, ScriptEditor $editor): JsonResponse
    {
        $editor->reword($scene, $this->text($request, 'text'));

        return response()->json(['text' => $scene->fresh()?->text]);
    }

    /** Splits, joins, moves, removes a scene or gives it another part. */
    public function change(Request $request, Scene $scene, ScriptEditor $editor): JsonResponse
    {
        match ($request->input('do')) {
            'split' => $editor->split($scene, $this->whole($request, 'at')),
            'join' => $editor->join($scene),
            'up' => $editor->move($scene, -1),
            'down' => $editor->move($scene, 1),
            'place' => $editor->place($scene, $this->whole($request, 'at')),
            'drop' => $editor->drop($scene),
            'close' => $editor->play($scene, SceneRole::Close),
            'beat' => $editor->play($scene, SceneRole::Beat),
            default => throw new Refusal('That cannot be done to a scene.'),
        };

        return response()->json(['said' => 'Done.']);
    }

    /** Chooses the picture of the shot that begins at a word. */
    public function swap(Request $request, Scene $scene, int $word, ScriptEditor $editor): JsonResponse
    {
        $footage = Footage::at($scene->short->batch->channel)->find($this->whole($request, 'footage'));
        if ($footage === null) {
            throw new Refusal('This footage is no longer there. Reload the page.');
        }
        $editor->swap($scene, $word, $footage);

        return response()->json(['footage' => $footage->name]);
    }

    /** The pictures that fit a shot best, beside the one that it shows. */
    public function best(Scene $scene, int $word, NextBest $next): View
    {
        return view('footage._best', [
            'best' => $next->of($scene, $word),
            'says' => $scene->wordsOver($word),
            'shown' => $scene->shots->firstWhere('word', $word),
        ]);
    }

    /** Has the picture of a shot found anew. */
    public function free(Scene $scene, int $word, ScriptEditor $editor): JsonResponse
    {
        $editor->free($scene, $word);

        return response()->json(['said' => 'Looking again for what fits.']);
    }

    public function brief(Request $request, Scene $scene, ScriptEditor $editor): JsonResponse
    {
        $editor->show($scene, $this->text($request, 'text'));

        return response()->json(['text' => $scene->fresh()?->brief]);
    }
}
