<?php

declare(strict_types=1);

namespace RapidReel\Making\Render;

use InvalidArgumentException;

/** How far an export is. Voicing and the mix are small shares of it; frames are nearly all. */
final readonly class Progress
{
    /**
     * @param  float  $done  0…1
     * @param  string  $doing  what is being done now, in the operator's words
     */
    public function __construct(
        public float $done,
        public string $doing,
    ) {
        if ($done < 0 || $done > 1) {
            throw new InvalidArgumentException('Progress lies between nothing and all.');
        }
    }

    public static function voicing(int $scenes, int $of): self
    {
        return new self(0.04 * $scenes / max(1, $of), 'voicing');
    }

    public static function rendering(int $frames, int $of): self
    {
        return new self(0.04 + 0.93 * min(1.0, $frames / max(1, $of)), 'rendering');
    }

    public static function joining(): self
    {
        return new self(0.98, 'joining');
    }

    public function percent(): int
    {
        return (int) floor(100 * $this->done);
    }

    /** @return int|null seconds left if it goes on as it did; null while that is anybody's guess */
    public function secondsLeft(float $secondsPassed): ?int
    {
        return $this->done < 0.06 || $secondsPassed < 1
            ? null
            : (int) ceil(($secondsPassed * (1 - $this->done)) / $this->done);
    }
}
