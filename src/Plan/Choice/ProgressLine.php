<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

/** A line along an edge of the frame that grows as a short goes on. It is drawn as the whole is put together. */
final readonly class ProgressLine
{
    /** Its height, as a part of the frame's. */
    public const HEIGHT = 0.006;

    /** @param  string  $colour  RRGGBB */
    public function __construct(
        public bool $isTop,
        public string $colour,
    ) {
    }

    /** @return array{top: bool, colour: string} */
    public function toArray(): array
    {
        return ['top' => $this->isTop, 'colour' => $this->colour];
    }

    /** @param  array{top: bool, colour: string}|null  $data */
    public static function fromArray(?array $data): ?self
    {
        return $data === null ? null : new self($data['top'], $data['colour']);
    }
}
