<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\RecordingEditor;
use App\Desks\Editing\ScriptEditor;
use App\Doors\Http\Presenters\Voice\VoicePage;
use App\Makers\Voicing\RecordingDesk;
use App\Media\Audio\TakeFiles;
use App\Shelves\Models\Reading;
use App\Shelves\Models\Recording;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use RapidReel\Base\Refusal;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The voice of one short: who reads it, recordings, and the words over the sound. */
final class ShortVoiceController extends Controller
{
    public function show(Short $short, VoicePage $page): View
    {
        return view('voices.short', ['page' => $page->of($short)]);
    }

    public function state(Short $short, VoicePage $presenter): JsonResponse
    {
        $page = $presenter->of($short);

        return response()->json([
            'scenes' => view('voices._scenes', ['page' => $page])->render(),
            'head' => view('voices._head', ['page' => $page])->render(),
            'settings' => view('voices._settings', ['page' => $page])->render(),
            ...$page->state->toArray(),
        ]);
    }

    public function spare(Request $request, Scene $scene, ScriptEditor $editor): JsonResponse
    {
        $editor->keepPause($scene, $this->whole($request, 'after'), $request->boolean('spare'));

        return response()->json(['said' => '']);
    }

    public function take(Scene $scene, VoicePage $page): JsonResponse
    {
        return response()->json($page->take($scene));
    }

    /** The sound that is drawn: of the scene's own take, whichever that is. */
    public function sound(Scene $scene, VoicePage $page, TakeFiles $takes): BinaryFileResponse
    {
        $key = $page->takeKey($scene);

        $sound = $this->media($key === null ? '' : $takes->soundFile($key), 'audio/wav', "scene-{$scene->id}.wav");
        $sound->headers->set('Cache-Control', 'no-store, private');

        return $sound;
    }

    public function record(Request $request, Short $short, RecordingDesk $desk): JsonResponse
    {
        $file = $request->file('sound');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw new Refusal('The recording did not arrive whole: it may be larger than this server takes at once.');
        }
        $timing = $request->file('timing');
        $desk->bring(
            $short,
            $file->getPathname(),
            $file->getClientOriginalName(),
            $this->text($request, 'text'),
            $timing instanceof UploadedFile ? $timing->getContent() : null,
        );

        return response()->json(['said' => 'Finding the words…']);
    }

    public function removeRecording(Recording $recording, RecordingDesk $desk): JsonResponse
    {
        $desk->remove($recording);

        return response()->json(['said' => 'The recording is gone. What was cut out of it stays.']);
    }

    public function again(Recording $recording, RecordingDesk $desk): JsonResponse
    {
        $desk->again($recording);

        return response()->json(['said' => 'Finding the words…']);
    }

    public function accept(Reading $reading, RecordingEditor $editor): JsonResponse
    {
        $editor->accept([$reading]);

        return response()->json(['said' => 'It is used now.']);
    }

    public function acceptAll(Short $short, RecordingEditor $editor): JsonResponse
    {
        $offered = array_values($short->readings()->where('accepted', false)->where('dropped', false)->get()->all());
        if ($offered === []) {
            throw new Refusal('There is no new reading any more. Reload the page.');
        }
        $editor->accept($offered);

        return response()->json(['said' => 'They are used now.']);
    }

    public function drop(Reading $reading, RecordingEditor $editor): JsonResponse
    {
        $editor->drop($reading);

        return response()->json(['said' => 'Dropped. It can be restored.']);
    }

    public function pin(Request $request, Reading $reading, int $word, RecordingEditor $editor): JsonResponse
    {
        $editor->pin($reading, $word, $this->whole($request, 'ms'));

        return response()->json(['said' => '']);
    }
}
