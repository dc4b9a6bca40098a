<?php

declare(strict_types=1);

namespace App\Media\Farm;

use InvalidArgumentException;
use Predis\Client;
use Predis\PredisException;
use Predis\Response\Status;

/**
 * The way to Redis. All names there begin alike, so that others may use the same Redis. After it failed it is left
 * alone for a moment: nobody's work waits for what is not there.
 */
final class FarmLink
{
    private const PATIENCE_SECONDS = 1.5;

    private const LEFT_ALONE_SECONDS = 3.0;

    /** Of a prefix. */
    private const PLAIN = '/^[A-Za-z0-9:_.-]{1,60}$/D';

    private ?Client $client = null;

    private float $againAt = 0.0;

    private string $why = '';

    /**
     * @param  string  $address  as redis://:password@host:port/database; empty where there are no other machines
     *
     * @throws InvalidArgumentException when a prefix is none
     */
    public function __construct(
        private readonly string $address,
        private readonly string $prefix = 'rapid-reel',
    ) {
        if (preg_match(self::PLAIN, $prefix) !== 1) {
            throw new InvalidArgumentException('The prefix of names in Redis has letters, digits and -_.: alone.');
        }
    }

    public function isSet(): bool
    {
        return $this->address !== '';
    }

    public function name(string $of): string
    {
        return "{$this->prefix}:$of";
    }

    /**
     * @param  list<string|int|float>  $arguments
     *
     * @throws FarmUnreachable
     */
    public function ask(string $command, array $arguments): mixed
    {
        if (hrtime(true) / 1e9 < $this->againAt) {
            throw FarmUnreachable::stillSince($this->why);
        }
        try {
            $client = $this->client();
            $answer = $client->executeCommand($client->createCommand($command, $arguments));

            return $answer instanceof Status ? (string) $answer : $answer;
        } catch (PredisException $problem) {
            throw $this->failed($problem);
        }
    }

    /**
     * Runs a script, in one go.
     *
     * @param  list<string|int|float>  $arguments
     *
     * @throws FarmUnreachable
     */
    public function script(string $text, array $arguments): mixed
    {
        return $this->ask('EVAL', [$text, 0, $this->prefix.':', ...$arguments]);
    }

    private function client(): Client
    {
        return $this->client ??= new Client($this->address, [
            'parameters' => [
                'timeout' => self::PATIENCE_SECONDS, 'read_write_timeout' => 2 * self::PATIENCE_SECONDS,
            ],
        ]);
    }

    private function failed(PredisException $problem): FarmUnreachable
    {
        $failure = FarmUnreachable::because($problem);
        $this->client?->disconnect();
        $this->client = null;
        $this->againAt = hrtime(true) / 1e9 + self::LEFT_ALONE_SECONDS;
        $this->why = $failure->getMessage();

        return $failure;
    }
}
