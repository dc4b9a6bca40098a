<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceSamples;
use App\Jobs\SpeakSample;
use App\Models\Channel;
use App\Shorts\ProblemForOperator;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Who can read scripts. */
final class VoiceController extends Controller
{
    private const LONGEST_SAMPLE = 300;

    public function index(Request $request, VoiceBook $voices): View
    {
        return view('voices.index', ['voices' => $voices->all(), 'channel' => Channel::of($this->user($request)), 'usual' => VoiceBook::DEFAULT]);
    }

    public function sample(string $voice, VoiceBook $voices, VoiceSamples $samples): BinaryFileResponse
    {
        $file = in_array($voice, $voices->ids(), true) ? $samples->file($voices->get($voice)) : '';

        return is_file($file) ? response()->file($file, ['Content-Type' => 'audio/wav']) : abort(404);
    }

    /** Has a voice say a sentence; a worker does it. */
    public function say(Request $request, VoiceBook $voices, VoiceSamples $samples): JsonResponse
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', mb_scrub((string) $request->input('text'))));
        if ($text === '' || mb_strlen($text) > self::LONGEST_SAMPLE) {
            throw new ProblemForOperator(sprintf('Type a sentence of at most %d characters.', self::LONGEST_SAMPLE));
        }
        $voice = $voices->get((string) $request->input('voice'))->at($request->integer('speed', 100));
        SpeakSample::dispatch($voice->id, $voice->speed, $text);

        return response()->json(['url' => route('voices.said', $samples->token($text, $voice))]);
    }

    public function said(string $token, VoiceSamples $samples): BinaryFileResponse
    {
        $file = $samples->said($token);

        return is_file($file) ? response()->file($file, ['Content-Type' => 'audio/wav']) : abort(404);
    }

    /** Reads new batches from now on. */
    public function choose(Request $request, VoiceBook $voices): RedirectResponse
    {
        $channel = Channel::of($this->user($request));
        $channel->voice = $voices->get((string) $request->input('voice'))->id;
        $channel->save();

        return back()->with('saved', true);
    }
}
