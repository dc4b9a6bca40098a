<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Gateways\Voices\VoiceBook;
use App\Http\Presenters\VoiceSheet;
use App\Media\TakeStore;
use App\Models\Channel;
use App\Models\Reading;
use App\Models\Scene;
use App\Models\Short;
use App\Shorts\ProblemForOperator;
use App\Voicing\RecordingDesk;
use App\Voicing\VoiceDesk;
use App\Voicing\WordPins;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The voice of one short: who reads it, recordings, and the words over the sound. */
final class ShortVoiceController extends Controller
{
    public function show(Request $request, Short $short, VoiceSheet $sheet, VoiceBook $voices): View
    {
        return view('voices.short', ['voices' => $voices->all(), ...$sheet->of($short, Channel::of($this->user($request)))]);
    }

    public function state(Request $request, Short $short, VoiceSheet $presenter, VoiceBook $voices): JsonResponse
    {
        $sheet = $presenter->of($short, Channel::of($this->user($request)));

        return response()->json([
            'scenes' => view('voices._scenes', ['voices' => $voices->all(), ...$sheet])->render(),
            'head' => view('voices._head', $sheet)->render(),
            'working' => $sheet['working'],
            'revision' => $short->revision.'/'.$short->planned_revision.'/'.$short->readings->max('updated_at').'/'.$short->readings->count(),
        ]);
    }

    public function set(Request $request, Short $short, VoiceDesk $desk): JsonResponse
    {
        $desk->setShort($short, (string) $request->input('field'), self::value($request));

        return response()->json(['said' => 'Set.']);
    }

    public function setScene(Request $request, Scene $scene, VoiceDesk $desk): JsonResponse
    {
        $desk->setScene($scene, (string) $request->input('field'), self::value($request));

        return response()->json(['said' => 'Set.']);
    }

    public function spare(Request $request, Scene $scene, VoiceDesk $desk): JsonResponse
    {
        $desk->spare($scene, $request->integer('after'), $request->boolean('spare'));

        return response()->json(['said' => '']);
    }

    public function take(Request $request, Scene $scene, VoiceSheet $sheet): JsonResponse
    {
        return response()->json($sheet->take($scene, Channel::of($this->user($request))));
    }

    /** The sound that is drawn: of the scene's own take, whichever that is. */
    public function sound(Request $request, Scene $scene, VoiceSheet $sheet, TakeStore $takes): BinaryFileResponse
    {
        $key = $sheet->takeKey($scene, Channel::of($this->user($request)));

        return $key === null ? abort(404) : response()->file($takes->soundFile($key), ['Content-Type' => 'audio/wav', 'Cache-Control' => 'no-store']);
    }

    public function record(Request $request, Short $short, RecordingDesk $desk): JsonResponse
    {
        $file = $request->file('sound');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw new ProblemForOperator('The recording did not arrive whole: it may be larger than this server takes at once.');
        }
        $timing = $request->file('timing');
        $desk->bring($short, $file->getPathname(), $file->getClientOriginalName(), (string) $request->input('text'), $timing instanceof UploadedFile ? $timing->getContent() : null);

        return response()->json(['said' => 'Finding the words…']);
    }

    public function accept(Reading $reading, RecordingDesk $desk): JsonResponse
    {
        $desk->accept($reading);

        return response()->json(['said' => 'It is used now.']);
    }

    public function acceptAll(Short $short, RecordingDesk $desk): JsonResponse
    {
        foreach ($short->readings()->where('accepted', false)->get() as $reading) {
            $desk->accept($reading);
        }

        return response()->json(['said' => 'They are used now.']);
    }

    public function drop(Reading $reading, RecordingDesk $desk): JsonResponse
    {
        $desk->drop($reading);

        return response()->json(['said' => 'Dropped.']);
    }

    public function pin(Request $request, Reading $reading, int $word, WordPins $pins): JsonResponse
    {
        $pins->pin($reading, $word, $request->integer('ms'));

        return response()->json(['said' => '']);
    }

    private static function value(Request $request): ?string
    {
        $value = $request->input('value');

        return is_scalar($value) ? (string) $value : null;
    }
}
