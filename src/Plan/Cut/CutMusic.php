<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

/** The piece of music under a short, and how far it stays under the voice. */
final readonly class CutMusic
{
    /** The voice must stay clear (common practice, no published source). */
    public const UNDER_VOICE = 17;

    /** How much louder it is where nobody speaks, and how fast it goes down and comes back (common practice). */
    public const LIFT = 5;

    public const ATTACK_MS = 120;

    public const RELEASE_MS = 450;

    /**
     * @param  string  $fingerprint  changes when a sample of it changes
     * @param  float  $loudness  of the piece, in LUFS
     * @param  int  $under  how far it stays under the voice, in dB
     * @param  int  $durationMs  of the piece; 0 where it is not known
     * @param  list<int>  $bars  moments of the piece at which bars begin, in ms
     * @param  int  $lift  how much louder it is where nobody speaks, in dB; 0 for a steady level
     * @param  int  $attackMs  it takes so long to go down before somebody speaks
     * @param  int  $releaseMs  it takes so long to come back after it
     * @param  list<array{int, int}>  $line  moments of the short in ms, and how far it is moved there, in dB
     */
    public function __construct(
        public string $id,
        public string $fingerprint,
        public float $loudness,
        public int $under = self::UNDER_VOICE,
        public int $durationMs = 0,
        public array $bars = [],
        public int $lift = 0,
        public int $attackMs = self::ATTACK_MS,
        public int $releaseMs = self::RELEASE_MS,
        public array $line = [],
    ) {
    }

    public function under(int $db): self
    {
        return new self(
            $this->id, $this->fingerprint, $this->loudness, $db, $this->durationMs, $this->bars, $this->lift,
            $this->attackMs, $this->releaseMs, $this->line,
        );
    }

    /** @param  list<array{int, int}>  $line */
    public function ducked(int $lift, int $attackMs, int $releaseMs, array $line = []): self
    {
        return new self(
            $this->id, $this->fingerprint, $this->loudness, $this->under, $this->durationMs, $this->bars, $lift,
            $attackMs, $releaseMs, $line,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'fingerprint' => $this->fingerprint,
            'loudness' => $this->loudness,
            'under' => $this->under,
            'durationMs' => $this->durationMs,
            'bars' => $this->bars,
            'lift' => $this->lift,
            'attackMs' => $this->attackMs,
            'releaseMs' => $this->releaseMs,
            'line' => $this->line,
        ];
    }
}
