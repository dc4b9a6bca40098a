<?php

declare(strict_types=1);

namespace App\Gateways\Voices\Outside;

use App\Gateways\Service\ServiceCall;
use App\Gateways\Service\ServiceFailure;
use App\Gateways\Voices\VoiceUnavailable;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use RapidReel\Voice\Speech\Voice;

/** Voices of a service over HTTP; its protocol stands in docs/voice-service.openapi.json. */
final readonly class ServiceVoice
{
    public function __construct(private ServiceCall $call)
    {
    }

    /**
     * @return array<array-key, mixed> as it tells them
     *
     * @throws VoiceUnavailable
     */
    public function voices(OutsideSource $source): array
    {
        $told = $this->ask($source, static fn (PendingRequest $request): Response => $request->get('/voices'))->json();
        $voices = is_array($told) ? ($told['voices'] ?? null) : null;

        return is_array($voices) ? $voices : throw VoiceUnavailable::saysNonsense($source->name, 'no list of voices');
    }

    /** @throws VoiceUnavailable */
    public function speak(OutsideSource $source, string $text, Voice $voice): OutsideSound
    {
        $response = $this->ask($source, static fn (PendingRequest $request): Response => $request->post('/speech', [
            'text' => $text,
            'voice' => $voice->speaker->name,
            'language' => $voice->language,
            'speed' => $voice->speed,
        ]));
        if (! str_starts_with($response->header('Content-Type'), 'application/json')) {
            return new OutsideSound($response->body());
        }
        $told = $response->json();
        $audio = is_array($told) && is_string($told['audio'] ?? null) ? base64_decode($told['audio'], true) : false;
        if ($audio === false || ! is_array($told)) {
            throw VoiceUnavailable::saysNonsense($source->name, 'no sound');
        }

        return new OutsideSound($audio, self::events($told['words'] ?? null));
    }

    /**
     * @param  callable(PendingRequest): Response  $send
     *
     * @throws VoiceUnavailable
     */
    private function ask(OutsideSource $source, callable $send): Response
    {
        try {
            return $this->call->ask(
                $source->url,
                $send,
                OutsideVoices::MOST_BYTES,
                $source->headers,
                $source->patience->timeout,
                $source->patience->retries,
            );
        } catch (ServiceFailure $problem) {
            throw VoiceUnavailable::by($source->name, $problem->getMessage());
        }
    }

    /** @return list<array{int, int}>|null */
    private static function events(mixed $words): ?array
    {
        if (! is_array($words) || $words === []) {
            return null;
        }
        $events = [];
        foreach ($words as $word) {
            $at = is_array($word) ? ($word['at'] ?? null) : null;
            $ms = is_array($word) ? ($word['ms'] ?? null) : null;
            if (! is_int($at) || ! is_int($ms) || $at < 0 || $ms < 0) {
                return null;
            }
            $events[] = [$at, $ms];
        }

        return $events;
    }
}
