<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

/** A short sound at a moment of a cut: a bell, a whoosh. */
final readonly class CutEffect
{
    /**
     * @param  string  $sound  which one
     * @param  string  $fingerprint  changes when a sample of it changes
     * @param  float  $loudest  momentary loudness where it is loudest, in LUFS
     * @param  int  $atMs  of the short
     * @param  int  $under  how far its loudest stays under the voice, in dB
     * @param  string  $why  it is there, in words
     */
    public function __construct(
        public string $sound,
        public string $fingerprint,
        public float $loudest,
        public int $atMs,
        public int $under,
        public string $why = '',
    ) {
    }
}
