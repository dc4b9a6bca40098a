<?php

declare(strict_types=1);

namespace RapidReel\Cut;

/** The piece of music under a short. */
final readonly class CutMusic
{
    /**
     * @param  string  $fingerprint  changes when a sample of it changes
     * @param  float  $loudness  of the piece, in LUFS
     */
    public function __construct(
        public string $id,
        public string $fingerprint,
        public float $loudness,
    ) {
    }

    /** @return array{id: string, fingerprint: string, loudness: float} */
    public function toArray(): array
    {
        return ['id' => $this->id, 'fingerprint' => $this->fingerprint, 'loudness' => $this->loudness];
    }
}
