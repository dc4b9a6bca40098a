<?php

declare(strict_types=1);

namespace RapidReel\Voice;

use InvalidArgumentException;

/** Mono sound: signed 16-bit little-endian samples at a rate in Hz. */
final readonly class Pcm
{
    public function __construct(
        public string $bytes,
        public int $rate,
    ) {
        if ($rate < 1 || strlen($bytes) % 2 !== 0) {
            throw new InvalidArgumentException('Sound needs whole 16-bit samples and a rate.');
        }
    }

    public function samples(): int
    {
        return intdiv(strlen($this->bytes), 2);
    }

    public function durationMs(): int
    {
        return (int) round($this->samples() * 1000 / $this->rate);
    }

    public function sampleAt(int $ms): int
    {
        return (int) round($ms * $this->rate / 1000);
    }

    /** The part between two moments; what lies outside the sound is left out. */
    public function between(int $startMs, int $endMs): self
    {
        $start = $this->sampleAt(max(0, $startMs));

        return new self(substr($this->bytes, 2 * $start, 2 * max(0, $this->sampleAt($endMs) - $start)), $this->rate);
    }

    /**
     * Root mean square of every 10 ms, 0…1 of full scale.
     *
     * @return list<float>
     */
    public function levels(): array
    {
        $levels = [];
        for ($frame = 0, $size = strlen($this->bytes); ($at = 2 * $this->sampleAt(10 * $frame)) < $size; $frame++) {
            $samples = unpack('v*', substr($this->bytes, $at, 2 * $this->sampleAt(10 * $frame + 10) - $at));
            if ($samples === false || $samples === []) {
                continue;
            }
            $sum = 0.0;
            foreach ($samples as $sample) {
                $value = is_int($sample) ? $sample : 0;
                $value = $value > 32767 ? $value - 65536 : $value;
                $sum += $value * $value;
            }
            $levels[] = sqrt($sum / count($samples)) / 32768;
        }

        return $levels;
    }
}
