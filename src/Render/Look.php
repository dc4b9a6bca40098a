<?php

declare(strict_types=1);

namespace RapidReel\Render;

/** How the picture is graded: brightness added (-1…1) and saturation (1 leaves it). */
final readonly class Look
{
    public function __construct(
        public float $brightness = 0.0,
        public float $saturation = 1.0,
    ) {
    }

    public function isPlain(): bool
    {
        return $this->brightness === 0.0 && $this->saturation === 1.0;
    }

    /** @return array{brightness: float, saturation: float} */
    public function toArray(): array
    {
        return ['brightness' => $this->brightness, 'saturation' => $this->saturation];
    }

    /** @param  array{brightness: float|int, saturation: float|int}  $data */
    public static function fromArray(array $data): self
    {
        return new self((float) $data['brightness'], (float) $data['saturation']);
    }
}
