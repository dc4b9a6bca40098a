<?php

declare(strict_types=1);

namespace RapidReel\Cut;

/** The piece of music under a short. */
final readonly class CutMusic
{
    /** The voice must stay clear (common practice, no published source). */
    public const UNDER_VOICE = 17;

    /**
     * @param  string  $fingerprint  changes when a sample of it changes
     * @param  float  $loudness  of the piece, in LUFS
     * @param  int  $under  how far it stays under the voice, in dB
     */
    public function __construct(
        public string $id,
        public string $fingerprint,
        public float $loudness,
        public int $under = self::UNDER_VOICE,
    ) {
    }

    public function under(int $db): self
    {
        return new self($this->id, $this->fingerprint, $this->loudness, $db);
    }

    /** @return array{id: string, fingerprint: string, loudness: float, under: int} */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'fingerprint' => $this->fingerprint,
            'loudness' => $this->loudness,
            'under' => $this->under,
        ];
    }
}
