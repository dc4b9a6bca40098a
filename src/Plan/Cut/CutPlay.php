<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

/** How a clip plays in a shot. */
final readonly class CutPlay
{
    /**
     * @param  int  $inMs  where in it the shot begins
     * @param  float  $speed  1 as it was taken
     * @param  int  $loopMs  after so many ms of it it begins again; 0 where it does not
     * @param  int|null  $sound  how far its own sound stays under the voice, in dB; null where it is not heard
     */
    public function __construct(
        public int $inMs = 0,
        public float $speed = 1.0,
        public int $loopMs = 0,
        public ?int $sound = null,
    ) {
    }

    /** How much of it is shown in a shot, in ms of it */
    public function shownMs(int $shotMs): int
    {
        $ms = (int) round($shotMs * $this->speed);

        return $this->loopMs > 0 ? min($this->loopMs, $ms) : $ms;
    }

    /** @return array{in_ms: int, speed?: float, loop_ms?: int, sound?: int} */
    public function toArray(): array
    {
        return [
            'in_ms' => $this->inMs,
            ...$this->speed === 1.0 ? [] : ['speed' => $this->speed],
            ...$this->loopMs === 0 ? [] : ['loop_ms' => $this->loopMs],
            ...$this->sound === null ? [] : ['sound' => $this->sound],
        ];
    }

    /** @param  array{in_ms: int, speed?: float|int, loop_ms?: int, sound?: int, ...}  $data */
    public static function fromArray(array $data): self
    {
        return new self(
            $data['in_ms'], (float) ($data['speed'] ?? 1.0), $data['loop_ms'] ?? 0, $data['sound'] ?? null,
        );
    }
}
