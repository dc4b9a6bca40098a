<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Plan\Choice\MusicLevel;

/** The piece of music under a short, and how far it stays under the voice. */
final readonly class CutMusic
{
    /**
     * @param  string  $fingerprint  changes when a sample of it changes
     * @param  float  $loudness  of the piece, in LUFS
     * @param  int  $durationMs  of the piece; 0 where it is not known
     * @param  list<int>  $bars  moments of the piece at which bars begin, in ms
     */
    public function __construct(
        public string $id,
        public string $fingerprint,
        public float $loudness,
        public int $durationMs = 0,
        public array $bars = [],
        public MusicLevel $level = new MusicLevel,
    ) {
    }

    public function at(MusicLevel $level): self
    {
        return new self(
            $this->id, $this->fingerprint, $this->loudness, $this->durationMs, $this->bars, $level,
        );
    }

    /**
     * @param  array{
     *     id: string, fingerprint: string, loudness: float, under?: int, durationMs?: int, bars?: list<int>,
     *     lift?: int, attackMs?: int, releaseMs?: int, line?: list<array{int, int}>
     * }|null  $data
     */
    public static function fromArray(?array $data): ?self
    {
        return $data === null ? null : new self(
            $data['id'], $data['fingerprint'], $data['loudness'], $data['durationMs'] ?? 0, $data['bars'] ?? [],
            new MusicLevel(
                $data['under'] ?? MusicLevel::UNDER_VOICE, $data['lift'] ?? 0,
                $data['attackMs'] ?? MusicLevel::ATTACK_MS, $data['releaseMs'] ?? MusicLevel::RELEASE_MS,
                $data['line'] ?? [],
            ),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'fingerprint' => $this->fingerprint,
            'loudness' => $this->loudness,
            'under' => $this->level->under,
            'durationMs' => $this->durationMs,
            'bars' => $this->bars,
            'lift' => $this->level->lift,
            'attackMs' => $this->level->attackMs,
            'releaseMs' => $this->level->releaseMs,
            'line' => $this->level->line,
        ];
    }
}
