<?php

declare(strict_types=1);

namespace App\Media\Farm;

use InvalidArgumentException;
use JsonException;

/** An order as it lies on the board for whoever takes it first. */
final readonly class Offer
{
    /**
     * @param  string  $key  of the order
     * @param  string  $order  as JSON
     * @param  int  $threads  of its encoder: as many as on the main machine, so that the same comes out
     * @param  bool  $isJoined  whether it becomes part of a file with others, and so is made with the main machine's
     *   tools alone
     * @param  float  $weight  the heaviest is begun first
     */
    public function __construct(
        public string $key,
        public string $order,
        public int $threads,
        public bool $isJoined,
        public float $weight = 0.0,
    ) {
        if (preg_match('/^[0-9a-f]{8,128}$/D', $key) !== 1 || $threads < 1 || $threads > 64) {
            throw new InvalidArgumentException('That is no offer of an order.');
        }
    }

    /** @throws JsonException */
    public function toJson(): string
    {
        return json_encode(['threads' => $this->threads, 'order' => $this->order], JSON_THROW_ON_ERROR);
    }

    /**
     * Reads what toJson() wrote.
     *
     * @throws JsonException
     * @throws InvalidArgumentException when it is none
     */
    public static function fromJson(string $key, string $json): self
    {
        $data = json_decode($json, true, 4, JSON_THROW_ON_ERROR);
        if (! is_array($data) || ! is_int($data['threads'] ?? null) || ! is_string($data['order'] ?? null)) {
            throw new InvalidArgumentException('That is no offer of an order.');
        }

        return new self($key, $data['order'], $data['threads'], false);
    }
}
