<?php

declare(strict_types=1);

namespace App\Gateways\Service;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\RequestException;
use Illuminate\Http\Client\Response;
use Throwable;

/**
 * Asks a service over HTTP: with a time limit, a limit to what it may answer, and again where that may help. No
 * redirects are followed.
 */
final readonly class ServiceCall
{
    private const WAIT_MS = 400;

    private const TO_CONNECT = 5;

    public function __construct(private Factory $http)
    {
    }

    /**
     * @param  callable(PendingRequest): Response  $send
     * @param  array<string, string>  $headers
     * @param  int  $timeout  seconds
     * @param  int  $retries  how often it is asked again where it does not answer or is too busy
     *
     * @throws ServiceFailure
     */
    public function ask(
        string $url,
        callable $send,
        int $mostBytes,
        array $headers = [],
        int $timeout = 60,
        int $retries = 2,
    ): Response {
        $request = $this->http
            ->baseUrl($url)
            ->withHeaders($headers)
            ->withOptions([
                'allow_redirects' => false,
                // An answer that never ends is not waited for.
                'progress' => static function (int $whole, int $got) use ($mostBytes): void {
                    if (max($whole, $got) > $mostBytes) {
                        throw new ServiceFailure('gave more than can be used.');
                    }
                },
            ])
            ->timeout($timeout)
            ->connectTimeout(min(self::TO_CONNECT, $timeout))
            ->retry(1 + $retries, self::WAIT_MS, self::passes(...));
        try {
            return $send($request)->throw();
        } catch (ConnectionException) {
            throw new ServiceFailure("gave no answer within {$timeout} s. Is the service running?");
        } catch (RequestException $problem) {
            $why = $problem->response->json('error');
            $why = is_string($why) && $why !== ''
                ? mb_substr($why, 0, 200)
                : "it answered {$problem->response->status()}";

            throw new ServiceFailure("could not do it: $why.");
        }
    }

    /** Whether it may go well when asked again. */
    private static function passes(Throwable $problem): bool
    {
        return $problem instanceof ConnectionException
            || ($problem instanceof RequestException && ($problem->response->status() === 429
                || $problem->response->serverError()));
    }
}
