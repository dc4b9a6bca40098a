<?php

declare(strict_types=1);

namespace App\Gateways\Outlets;

use GuzzleHttp\Exception\TransferException;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Client\Response;
use RapidReel\Making\Publish\Sending\Patience;

/**
 * One request to a publishing service, once: what may be sent again, and when, is for others to know. Whatever comes
 * back is told as what it means for a posting.
 */
final readonly class ServiceLine
{
    private const MOST_BYTES = 4_000_000;

    private const CONNECT_SECONDS = 5;

    public function __construct(
        private Factory $http,
        private OutletPlace $place,
        private Access $access,
    ) {
    }

    /**
     * @param  array<string, mixed>|string  $body  a string is sent as it is
     * @param  array<string, string>  $headers
     * @return array<array-key, mixed> what it answered
     *
     * @throws OutletFailure
     */
    public function ask(string $method, string $path, array|string $body = [], array $headers = []): array
    {
        $token = $this->access->token();
        $response = $this->once($method, $path, $body, $headers, $token);
        if ($response->status() === 401) {
            $response = $this->once($method, $path, $body, $headers, $this->access->renewed($token));
        }
        if ($response->status() === 401) {
            throw OutletFailure::signedOut();
        }
        if ($response->status() >= 400) {
            throw $this->failure($response);
        }
        $told = $response->status() === 204 ? [] : $response->json();

        return is_array($told) && $response->successful()
            ? $told
            : throw OutletFailure::later('It answered something that cannot be understood.');
    }

    /**
     * @param  array<string, mixed>|string  $body
     * @param  array<string, string>  $headers
     *
     * @throws OutletFailure
     */
    private function once(string $method, string $path, array|string $body, array $headers, string $token): Response
    {
        $timeout = $this->place->whole('timeout', 60);
        try {
            $response = $this->http
                ->withToken($token)
                ->withHeaders($headers)
                ->acceptJson()
                ->withOptions([
                    'allow_redirects' => false,
                    'progress' => static function (int $whole, int $got): void {
                        if (max($whole, $got) > self::MOST_BYTES) {
                            throw OutletFailure::later('It answered more than can be read.');
                        }
                    },
                ])
                ->timeout($timeout)
                ->connectTimeout(min(self::CONNECT_SECONDS, $timeout))
                ->send($method, rtrim($this->place->text('url'), '/').$path, match (true) {
                    is_string($body) => ['body' => $body],
                    $method === 'GET' => ['query' => $body],
                    default => ['json' => (object) $body],
                });

            return $response instanceof Response
                ? $response
                : throw OutletFailure::later('It gave no answer.');
        } catch (ConnectionException|TransferException) {
            throw OutletFailure::later('It gave no answer, or only a part of one.');
        }
    }

    private function failure(Response $response): OutletFailure
    {
        $after = Patience::asked($response->header('Retry-After'), now()->getTimestamp());
        $why = $response->json('error');
        $why = is_string($why) && trim($why) !== '' ? trim($why) : "It answered {$response->status()}.";

        return $response->status() === 429 || $response->status() === 408 || $response->serverError()
            ? OutletFailure::later($response->status() === 429 ? 'It asks to be left alone for a while.' : $why, $after)
            : OutletFailure::refused($why);
    }
}
