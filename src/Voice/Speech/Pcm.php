<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

use Generator;
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
            $samples = self::values(substr($this->bytes, $at, 2 * $this->sampleAt(10 * $frame + 10) - $at));
            if ($samples === []) {
                continue;
            }
            $sum = 0;
            foreach ($samples as $value) {
                $sum += $value * $value;
            }
            $levels[] = sqrt($sum / count($samples)) / 32768;
        }

        return $levels;
    }

    /** @return Generator<int, self> itself in pieces of a second or so, each a whole number of 10 ms long */
    public function pieces(): Generator
    {
        $size = 2 * max(1, $this->rate);
        for ($at = 0, $end = strlen($this->bytes); $at < $end; $at += $size) {
            yield new self(substr($this->bytes, $at, $size), $this->rate);
        }
    }

    /** @return array<int, int> samples as numbers, from 1 on */
    public static function values(string $bytes): array
    {
        // "s" is in the machine's order of bytes, which is ours on nearly all.
        $isLittle = pack('S', 1) === "\1\0";
        /** @var array<int, int> $values */
        $values = unpack($isLittle ? 's*' : 'v*', $bytes) ?: [];

        return $isLittle
            ? $values
            : array_map(static fn (int $value): int => $value > 32_767 ? $value - 65_536 : $value, $values);
    }

    /** @param  array<int, int>  $values  −32768…32767 */
    public static function bytesOf(array $values): string
    {
        $bytes = '';
        foreach (array_chunk($values, 16_384) as $chunk) {
            $bytes .= pack('v*', ...$chunk);
        }

        return $bytes;
    }
}
