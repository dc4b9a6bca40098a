<?php

declare(strict_types=1);

namespace App\Gateways\Voices\Outside;

use App\Gateways\Voices\Voice;
use App\Gateways\Voices\VoiceUnavailable;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\RequestException;
use Illuminate\Http\Client\Response;
use Throwable;

/** Voices of a service over HTTP; its protocol stands in docs/voice-service.openapi.json. */
final readonly class ServiceVoice
{
    private const WAIT_MS = 400;

    public function __construct(private Factory $http)
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
            'voice' => $voice->engine,
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
        $request = $this->http
            ->baseUrl($source->url)
            ->withHeaders($source->headers)
            ->withOptions([
                'allow_redirects' => false,
                // An answer that never ends is not waited for.
                'progress' => static function (int $whole, int $got) use ($source): void {
                    if (max($whole, $got) > OutsideVoices::MOST_BYTES) {
                        throw VoiceUnavailable::gaveTooMuch($source->name);
                    }
                },
            ])
            ->timeout($source->timeout)
            ->connectTimeout(min(5, $source->timeout))
            ->retry(1 + $source->retries, self::WAIT_MS, self::passes(...));
        try {
            return $send($request)->throw();
        } catch (ConnectionException) {
            throw VoiceUnavailable::doesNotAnswer($source->name, $source->timeout);
        } catch (RequestException $problem) {
            $why = $problem->response->json('error');

            throw VoiceUnavailable::failed(
                $source->name,
                is_string($why) && $why !== '' ? mb_substr($why, 0, 200) : "it answered {$problem->response->status()}",
            );
        }
    }

    /** Whether it may go well when asked again. */
    private static function passes(Throwable $problem): bool
    {
        return $problem instanceof ConnectionException
            || ($problem instanceof RequestException && ($problem->response->status() === 429
                || $problem->response->serverError()));
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
