<?php

declare(strict_types=1);

namespace RapidReel\Render;

/** How the picture is graded: brightness added (-1…1), saturation (1 leaves it), and how much it is darkened (0…1). */
final readonly class Look
{
    public function __construct(
        public float $brightness = 0.0,
        public float $saturation = 1.0,
        public float $dim = 0.0,
    ) {
    }

    public function isPlain(): bool
    {
        return $this->brightness === 0.0 && $this->saturation === 1.0 && $this->dim === 0.0;
    }

    /** @return array{brightness: float, saturation: float, dim: float} */
    public function toArray(): array
    {
        return ['brightness' => $this->brightness, 'saturation' => $this->saturation, 'dim' => $this->dim];
    }

    /** @param  array{brightness: float|int, saturation: float|int, dim: float|int}  $data */
    public static function fromArray(array $data): self
    {
        return new self((float) $data['brightness'], (float) $data['saturation'], (float) $data['dim']);
    }
}
