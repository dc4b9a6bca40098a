<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

/** A short sound that can be placed in shorts. */
final readonly class SoundEffect
{
    /**
     * @param  string  $fingerprint  changes when a sample of it changes
     * @param  float  $loudest  momentary loudness where it is loudest, in LUFS (EBU R 128)
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $fingerprint,
        public float $loudest,
        public int $durationMs,
    ) {
    }
}
