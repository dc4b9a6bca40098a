<?php

declare(strict_types=1);

namespace RapidReel\Sound;

use RapidReel\Cut\Cut;
use RapidReel\Cut\CutMusic;
use RapidReel\Cut\CutScene;

/** What is heard in a short: every take at its place, and the music under them. */
final readonly class MixPlan
{
    /** Raised whenever the same plan mixes to another sound than before. */
    private const VERSION = 1;

    public const FADE_OUT_MS = 1_500;

    /**
     * @param  list<array{take: string, start_ms: int}>  $voice
     */
    private function __construct(
        public array $voice,
        public ?CutMusic $music,
        public int $frames,
        public int $fps,
        public float $loudness,
        public float $truePeak,
    ) {
    }

    public static function of(Cut $cut): self
    {
        return new self(
            array_map(
                static fn (CutScene $scene): array => ['take' => $scene->take, 'start_ms' => $scene->startMs],
                $cut->scenes,
            ),
            $cut->music,
            $cut->frames(),
            $cut->grid()->fps,
            $cut->profile->loudness(),
            $cut->profile->truePeak(),
        );
    }

    /** Exact length in seconds: that of the picture. */
    public function seconds(): float
    {
        return $this->frames / $this->fps;
    }

    /** A hash of all that can change a sample of it. */
    public function key(): string
    {
        return hash('sha256', json_encode([self::VERSION, get_object_vars($this)], JSON_THROW_ON_ERROR));
    }
}
