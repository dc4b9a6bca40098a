<?php

declare(strict_types=1);

namespace RapidReel\Making\Render;

use RapidReel\Base\Colour\ColourMatch;
use RapidReel\Base\Colour\Grade;

/**
 * How the picture is graded: brightness added (-1…1), saturation (1 leaves it), how much it is darkened (0…1), and what
 * brings its colours to those of others, and the grade that was chosen.
 */
final readonly class Look
{
    public function __construct(
        public float $brightness = 0.0,
        public float $saturation = 1.0,
        public float $dim = 0.0,
        public ?ColourMatch $match = null,
        public ?Grade $grade = null,
        public ?Shade $shade = null,
    ) {
    }

    public function isPlain(): bool
    {
        return $this->brightness === 0.0 && $this->saturation === 1.0 && $this->dim === 0.0 &&
            $this->match === null && $this->grade === null && $this->shade === null;
    }

    public function hasGrain(): bool
    {
        return $this->grade !== null && $this->grade->texture->grain > 0;
    }

    /**
     * @return array{
     *     brightness: float, saturation: float, dim: float,
     *     match?: array{gain: float, lift: float, saturation: float, blue: float, red: float},
     *     grade?: array<string, int|string>, shade?: array{percent: int, top: float, bottom: float}
     * }
     */
    public function toArray(): array
    {
        return [
            'brightness' => $this->brightness,
            'saturation' => $this->saturation,
            'dim' => $this->dim,
            // Left out where there is none, so that segments of before keep their keys.
            ...$this->match === null ? [] : ['match' => $this->match->toArray()],
            ...$this->grade === null ? [] : ['grade' => $this->grade->toArray()],
            ...$this->shade === null ? [] : ['shade' => $this->shade->toArray()],
        ];
    }

    /**
     * @param  array{
     *     brightness: float|int, saturation: float|int, dim: float|int,
     *     match?: array{gain: float|int, lift: float|int, saturation: float|int, blue: float|int, red: float|int},
     *     grade?: array<string, mixed>, shade?: array{percent: int, top: float|int, bottom: float|int}
     * }  $data
     */
    public static function fromArray(array $data): self
    {
        return new self(
            (float) $data['brightness'],
            (float) $data['saturation'],
            (float) $data['dim'],
            isset($data['match']) ? ColourMatch::fromArray($data['match']) : null,
            isset($data['grade']) ? Grade::fromArray($data['grade']) : null,
            Shade::fromArray($data['shade'] ?? null),
        );
    }
}
