<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Gateways\Voices\Outside\OutsideVoices;
use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceSamples;
use App\Ground\Work\Orders;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Channel;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RapidReel\Base\Refusal;
use RapidReel\Voice\Speech\SpeechRate;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Who can read scripts. */
final class VoiceController extends Controller
{
    private const LONGEST_SAMPLE = 300;

    public function index(Request $request, VoiceBook $voices, OutsideVoices $outside, Resolver $resolver): View
    {
        $channel = Channel::of($this->user($request));

        return view('voices.index', [
            'voices' => $voices->all(),
            'outside' => $outside->problem(),
            'channel' => $channel,
            'chosen' => $resolver->channel($channel)->text('voice'),
        ]);
    }

    public function sample(string $voice, VoiceBook $voices, VoiceSamples $samples): BinaryFileResponse
    {
        $file = in_array($voice, $voices->ids(), true) ? $samples->file($voices->get($voice)) : '';

        return $this->media($file, 'audio/wav', "$voice.wav");
    }

    /** Has a voice say a sentence; a worker does it. */
    public function say(Request $request, VoiceBook $voices, VoiceSamples $samples, Orders $orders): JsonResponse
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $this->text($request, 'text')));
        if ($text === '' || mb_strlen($text) > self::LONGEST_SAMPLE) {
            throw new Refusal(sprintf('Type a sentence of at most %d characters.', self::LONGEST_SAMPLE));
        }
        $speed = $this->whole($request, 'speed');
        if ($speed < SpeechRate::SLOWEST || $speed > SpeechRate::FASTEST) {
            throw new Refusal(
                sprintf('The speed of a voice is from %d to %d %%.', SpeechRate::SLOWEST, SpeechRate::FASTEST),
            );
        }
        $voice = $voices->get($this->text($request, 'voice'))->at($speed);
        $account = $this->user($request)->id;
        $orders->speakSample($account, $voice->id, $voice->speed, $text);

        return response()->json(['url' => route('voices.said', $samples->token($account, $text, $voice))]);
    }

    public function said(Request $request, string $token, VoiceSamples $samples): BinaryFileResponse
    {
        $file = $samples->said($this->user($request)->id, $token);

        return $this->media($file, 'audio/wav', 'said.wav');
    }
}
