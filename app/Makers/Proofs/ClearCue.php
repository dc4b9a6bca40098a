<?php

declare(strict_types=1);

namespace App\Makers\Proofs;

use RapidReel\Captions\Contrast\Wcag;

/** How clearly a caption stands before its picture. */
final readonly class ClearCue
{
    /**
     * @param  int  $word  the first that it shows of its scene
     * @param  float  $ratio  of contrast, 1…21
     * @param  list<array{kind: string, style: array<string, int|string>, dim: int}>  $mends  what would mend it
     * @param  float  $bright  mean luminance behind it, 0…1
     * @param  float  $busy  how much that varies
     * @param  bool  $isSecond  whether it is one in a second language
     */
    public function __construct(
        public int $scene,
        public int $word,
        public int $startMs,
        public float $ratio,
        public array $mends,
        public float $bright,
        public float $busy,
        public bool $isSecond = false,
    ) {
    }

    public function isFaint(): bool
    {
        return $this->ratio < Wcag::LEAST;
    }

    /** @return list<mixed> */
    public function toArray(): array
    {
        return [
            $this->scene, $this->word, $this->startMs, $this->ratio, $this->mends, round($this->bright, 4),
            round($this->busy, 4), ...($this->isSecond ? [true] : []),
        ];
    }

    /**
     * @param  array{
     *     int, int, int, float|int, list<array{kind: string, style: array<string, int|string>, dim: int}>, float|int,
     *     float|int, 7?: bool
     * }  $data
     */
    public static function fromArray(array $data): self
    {
        return new self(
            $data[0], $data[1], $data[2], (float) $data[3], $data[4], (float) $data[5], (float) $data[6],
            $data[7] ?? false,
        );
    }
}
