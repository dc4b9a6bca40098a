<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\CaptionEditor;
use App\Desks\Editing\ShotEditor;
use App\Doors\Http\Presenters\Sheet\SheetPage;
use App\Doors\Http\Presenters\Sheet\SheetPlace;
use App\Doors\Http\Presenters\Sheet\SheetSound;
use App\Doors\Http\Presenters\Voice\WaveView;
use App\Makers\Planning\LiveCaptions;
use App\Media\Audio\SoundMixer;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RapidReel\Base\Refusal;
use RapidReel\Making\Mix\MixPlan;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The sheet of a short. */
final class SheetController extends Controller
{
    public function show(Short $short, SheetPage $timeline): View
    {
        return view('sheet.show', ['page' => $timeline->of($short)]);
    }

    /** The sheet as it stands, for a page that is open. */
    public function state(Short $short, SheetPage $timeline): JsonResponse
    {
        $page = $timeline->of($short);

        return response()->json([
            'drawn' => $page->drawn,
            'sound' => $page->sound,
            'pace' => view('sheet._pace', ['page' => $page])->render(),
            'music' => $page->music(),
            'lead' => $page->lead(),
            'trouble' => $page->trouble(),
            ...$page->stage->toArray(),
            ...$page->state->drawn(),
        ]);
    }

    /** Has a sound heard at a word, or takes it away. */
    public function sound(Request $request, Scene $scene, int $word, CaptionEditor $editor): JsonResponse
    {
        $sound = $this->text($request, 'sound');
        $editor->sound($scene, $word, $sound === '' ? null : $sound, $this->whole($request, 'ms'));

        return response()->json(['said' => $sound === '' ? 'Removed.' : 'Placed.']);
    }

    /** What is heard alone, for a page that must not wait for the rest. */
    public function heard(Short $short, SheetSound $sound, LiveCaptions $captions): JsonResponse
    {
        return response()->json($sound->of($short, $captions->of($short), $short->plannedCut()));
    }

    /** A half of what is heard: all but the music, or the music at no level of its own. */
    public function half(Short $short, string $half, SoundMixer $mixer): BinaryFileResponse
    {
        $cut = $short->plannedCut() ?? abort(404);
        $plan = MixPlan::of($cut);
        abort_unless($mixer->isThere($plan), 404);

        return $this->media($half === 'bed' ? $mixer->bed($plan) : $mixer->rest($plan), 'audio/flac', "$half.flac");
    }

    /** What is heard of the voice. */
    public function wave(Short $short, WaveView $wave): JsonResponse
    {
        return response()->json($wave->of($short));
    }

    /** What is set for a scene and for its shot that begins at a word. */
    public function here(Scene $scene, int $word, SheetPlace $places): View
    {
        return view('sheet._here', ['place' => $places->of($scene, $word)]);
    }

    /** Changes where a shot begins and ends, or which part of its clip it shows. */
    public function shot(Request $request, Scene $scene, int $word, ShotEditor $editor): JsonResponse
    {
        match ($request->input('do')) {
            'move' => $editor->move(
                $scene,
                $word,
                $this->whole($request, 'to'),
                $this->whole($request, 'frames'),
            ),
            'split' => $editor->split($scene, $word),
            'join' => $editor->join($scene, $word),
            'slip' => $editor->slip($scene, $word, $this->whole($request, 'ms')),
            default => throw new Refusal('That cannot be done to a shot.'),
        };

        return response()->json(['said' => 'Done.']);
    }
}
