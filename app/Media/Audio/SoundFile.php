<?php

declare(strict_types=1);

namespace App\Media\Audio;

use Generator;
use RapidReel\Voice\Speech\Pcm;
use RuntimeException;

/** Mono 16-bit samples in a file without a head, read in parts: however long it is, little of it is in memory. */
final readonly class SoundFile
{
    private const SECONDS_AT_ONCE = 2;

    public function __construct(
        private string $path,
        public int $rate,
    ) {
    }

    public function samples(): int
    {
        return intdiv((int) @filesize($this->path), 2);
    }

    public function durationMs(): int
    {
        return (int) round($this->samples() * 1000 / $this->rate);
    }

    /** @return Generator<int, Pcm> all of it in pieces, one after the other */
    public function pieces(): Generator
    {
        $size = self::SECONDS_AT_ONCE * $this->rate;
        for ($at = 0, $count = $this->samples(); $at < $count; $at += $size) {
            yield $this->part($at, min($size, $count - $at));
        }
    }

    /** The part between two moments; what lies outside the sound is left out. */
    public function between(int $startMs, int $endMs): Pcm
    {
        $first = min($this->samples(), (int) round(max(0, $startMs) * $this->rate / 1000));
        $last = min($this->samples(), (int) round(max(0, $endMs) * $this->rate / 1000));

        return $this->part($first, max(0, $last - $first));
    }

    public function whole(): Pcm
    {
        return $this->part(0, $this->samples());
    }

    private function part(int $first, int $count): Pcm
    {
        if ($count < 1) {
            return new Pcm('', $this->rate);
        }
        $bytes = @file_get_contents($this->path, offset: 2 * $first, length: 2 * $count);

        return $bytes !== false && strlen($bytes) === 2 * $count
            ? new Pcm($bytes, $this->rate)
            : throw new RuntimeException('A sound that was unpacked cannot be read any more.');
    }
}
