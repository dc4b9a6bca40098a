<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Matte;

use InvalidArgumentException;

/** The plain ground that a subject stands before: its colours, and those of the subject. Red, green, blue, 0…255. */
final readonly class PlainGround
{
    /**
     * @param  non-empty-list<array{int, int, int}>  $colours  of the ground, lit more and less; the one most seen first
     * @param  list<array{int, int, int}>  $subject  what stands before it is made of
     * @param  int  $noise  colours of the ground lie no further than this from one of those
     */
    public function __construct(
        public array $colours,
        public array $subject,
        public int $noise,
    ) {
        if ($noise < 1) {
            throw new InvalidArgumentException('No ground is without noise.');
        }
    }

    /** The colour that is seen most, as RRGGBB. */
    public function colour(): string
    {
        return sprintf('%02X%02X%02X', ...$this->colours[0]);
    }

    /** @return array{colours: list<array{int, int, int}>, subject: list<array{int, int, int}>, noise: int} */
    public function toArray(): array
    {
        return ['colours' => $this->colours, 'subject' => $this->subject, 'noise' => $this->noise];
    }

    /**
     * @param  array{
     *     colours: non-empty-list<array{int, int, int}>, subject: list<array{int, int, int}>, noise: int
     * }  $data
     */
    public static function fromArray(array $data): self
    {
        return new self($data['colours'], $data['subject'], $data['noise']);
    }
}
