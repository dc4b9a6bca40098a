<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\Colour\ColourMatch;
use RapidReel\Base\Colour\Grade;
use RapidReel\Pictures\Matte\Matte;

/**
 * What is done to the picture of a shot.
 *
 * @phpstan-import-type KeyingData from Matte
 */
final readonly class CutLook
{
    /**
     * @param  int  $dim  by how much it is darkened, in percent
     * @param  int  $shade  by how much it is darkened under its captions, in percent; found when a video is made
     * @param  ColourMatch|null  $match  the grade that brings its colours to those of the rest
     * @param  Grade|null  $grade  how it is graded; null where it stays as it is
     * @param  Matte|null  $matte  how its subject is taken off its ground; null where it is not
     * @param  bool  $isShaded  whether it is to be darkened under captions that would be faint
     */
    public function __construct(
        public int $dim = 0,
        public int $shade = 0,
        public ?ColourMatch $match = null,
        public ?Grade $grade = null,
        public ?Matte $matte = null,
        public bool $isShaded = false,
    ) {
    }

    public function shaded(int $percent): self
    {
        return new self($this->dim, $percent, $this->match, $this->grade, $this->matte, $this->isShaded);
    }

    /**
     * @return array{
     *     dim: int, match: array{gain: float, lift: float, saturation: float, blue: float, red: float}|null,
     *     grade?: array<string, int|string>, key?: array<string, mixed>, shade?: int,
     *     is_shaded?: true
     * }
     */
    public function toArray(): array
    {
        return [
            'dim' => $this->dim,
            'match' => $this->match?->toArray(),
            ...$this->grade === null ? [] : ['grade' => $this->grade->toArray()],
            ...$this->matte === null ? [] : ['key' => $this->matte->toArray()],
            ...$this->shade === 0 ? [] : ['shade' => $this->shade],
            ...$this->isShaded ? ['is_shaded' => true] : [],
        ];
    }

    /**
     * @param  array{
     *     dim: int,
     *     match?: array{gain: float|int, lift: float|int, saturation: float|int, blue: float|int, red: float|int}|null,
     *     grade?: array<string, mixed>, key?: KeyingData, shade?: int,
     *     is_shaded?: bool, ...
     * }  $data
     */
    public static function fromArray(array $data): self
    {
        return new self(
            $data['dim'],
            $data['shade'] ?? 0,
            isset($data['match']) ? ColourMatch::fromArray($data['match']) : null,
            isset($data['grade']) ? Grade::fromArray($data['grade']) : null,
            Matte::fromArray($data['key'] ?? null),
            $data['is_shaded'] ?? false,
        );
    }
}
