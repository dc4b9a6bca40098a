<?php

declare(strict_types=1);

namespace RapidReel\Making\Render;

use InvalidArgumentException;

/**
 * A picture laid over the frame, under the captions: its corner and width as fractions of the frame, and how opaque it
 * is. What is there for a time only may reach out of the frame.
 */
final readonly class Overlay
{
    public function __construct(
        public Source $source,
        public float $x,
        public float $y,
        public float $width,
        public float $opacity = 1.0,
        public ?Span $span = null,
    ) {
        $isWithin = $span !== null || ($x >= 0 && $y >= 0 && $x + $width <= 1 && $y <= 1);
        if (! $isWithin || $width <= 0 || $opacity <= 0 || $opacity > 1) {
            throw new InvalidArgumentException('An overlay lies within the frame and can be seen.');
        }
    }

    /**
     * @return array{
     *     source: array{key: string, kind: string, width: int, height: int}, x: float, y: float, width: float,
     *     opacity: float, span?: array{from: int, frames: int, enter: string, leave: string}
     * }
     */
    public function toArray(): array
    {
        return [
            'source' => $this->source->toArray(),
            'x' => $this->x,
            'y' => $this->y,
            'width' => $this->width,
            'opacity' => $this->opacity,
            ...$this->span === null ? [] : ['span' => $this->span->toArray()],
        ];
    }

    /**
     * @param  array{
     *     source: array{key: string, kind: string, width: int, height: int}, x: float|int, y: float|int,
     *     width: float|int, opacity: float|int,
     *     span?: array{from: int, frames: int, enter: string, leave: string}
     * }  $data
     */
    public static function fromArray(array $data): self
    {
        return new self(
            Source::fromArray($data['source']),
            (float) $data['x'],
            (float) $data['y'],
            (float) $data['width'],
            (float) $data['opacity'],
            Span::fromArray($data['span'] ?? null),
        );
    }
}
