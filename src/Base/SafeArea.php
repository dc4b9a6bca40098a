<?php

declare(strict_types=1);

namespace RapidReel\Base;

use ValueError;

/** What an outlet draws over a picture's edges, as fractions of the frame: captions keep out of it. */
final readonly class SafeArea
{
    public function __construct(
        public float $top,
        public float $right,
        public float $bottom,
        public float $left,
    ) {
    }

    /** The room for what stands in the middle of the frame, clear of the wider of both sides. */
    public function centredWidth(): float
    {
        return 1 - 2 * max($this->left, $this->right);
    }

    /** @return array{top: float, right: float, bottom: float, left: float} */
    public function toArray(): array
    {
        return ['top' => $this->top, 'right' => $this->right, 'bottom' => $this->bottom, 'left' => $this->left];
    }

    /** @throws ValueError where it is none */
    public static function of(JsonFields $data): self
    {
        return new self(
            $data->decimal('top', 0, 1), $data->decimal('right', 0, 1), $data->decimal('bottom', 0, 1),
            $data->decimal('left', 0, 1),
        );
    }
}
