<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\FramingEditor;
use App\Doors\Http\Presenters\Framing\FramingPage;
use App\Shelves\Models\Scene;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Framing\Path\Pin;

/** The framing of a shot. */
final class FramingController extends Controller
{
    private const PARTS = 10_000;

    public function show(Scene $scene, int $word, FramingPage $page): View|RedirectResponse
    {
        try {
            return view('framing.show', ['page' => $page->of($scene, $word)]);
        } catch (Refusal $problem) {
            return redirect()->route('shorts.show', $scene->short_id)->with('problem', $problem->getMessage());
        }
    }

    /** The page as it stands, for one that is open. */
    public function state(Scene $scene, int $word, FramingPage $page): JsonResponse
    {
        $view = $page->of($scene, $word);

        return response()->json([
            'side' => view('framing._side', ['page' => $view])->render(),
            'settings' => view('framing._settings', ['page' => $view])->render(),
            'lead' => $view->lead(),
            'drawn' => $view->drawn,
            ...$view->state->drawn(),
        ]);
    }

    /** Puts a pin, moves one, or takes one or all away. */
    public function pin(Request $request, Scene $scene, int $word, FramingEditor $editor): JsonResponse
    {
        $ms = $this->whole($request, 'ms');
        match ($request->input('do')) {
            'pin' => $editor->pin($scene, $word, new Pin(
                $ms,
                $this->whole($request, 'x') / self::PARTS,
                $this->whole($request, 'y') / self::PARTS,
                max(100, $this->whole($request, 'close')) / 100,
            )),
            'unpin' => $editor->unpin($scene, $word, $ms),
            'free' => $editor->free($scene, $word),
            default => throw new Refusal('That cannot be done with a pin.'),
        };

        return response()->json(['said' => 'Done.']);
    }
}
