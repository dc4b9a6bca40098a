<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Matte;

/**
 * How a shot's subject is taken off its plain ground, and what it is put over.
 *
 * @phpstan-type KeyingData array{
 *     ground: array{
 *         colours: non-empty-list<array{int, int, int}>, subject: list<array{int, int, int}>, noise: int
 *     },
 *     spill: int,
 *     behind: array{
 *         kind: string, colours: list<string>, footage?: string, footage_kind?: string, width?: int,
 *         height?: int, duration_ms?: int, in_ms?: int
 *     }
 * }
 */
final readonly class Matte
{
    /** @param  int  $spill  how much of the ground's light is taken off the subject, in percent */
    public function __construct(
        public PlainGround $ground,
        public int $spill,
        public Behind $behind,
    ) {
    }

    /** The same so much later, or earlier. */
    public function from(int $ms): self
    {
        return new self($this->ground, $this->spill, $this->behind->from($ms));
    }

    /** A hash of what its tables are made of. */
    public function tables(): string
    {
        return hash(
            'sha256',
            json_encode([MatteTables::VERSION, $this->ground->toArray(), $this->spill], JSON_THROW_ON_ERROR),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'ground' => $this->ground->toArray(), 'spill' => $this->spill, 'behind' => $this->behind->toArray(),
        ];
    }

    /** @param  KeyingData|null  $data */
    public static function fromArray(?array $data): ?self
    {
        return $data === null ? null : new self(
            PlainGround::fromArray($data['ground']), $data['spill'], Behind::fromArray($data['behind']),
        );
    }
}
