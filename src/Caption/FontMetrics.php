<?php

declare(strict_types=1);

namespace RapidReel\Caption;

/**
 * How wide a face sets text. All in em: a character's advance, and the line height that a caption size names
 * (ascent and descent as the renderer adds them).
 */
final readonly class FontMetrics
{
    /**
     * @param  array<int, float>  $advances  by code point
     */
    public function __construct(
        public string $family,
        private array $advances,
        private float $lineEm,
        private float $fallbackEm = 0.6,
    ) {
    }

    /** @return float width of a text set at this size, in the size's unit */
    public function width(string $text, float $size): float
    {
        $em = 0.0;
        foreach (mb_str_split($text) as $character) {
            $em += $this->advances[mb_ord($character)] ?? $this->fallbackEm;
        }

        return $em * $size / $this->lineEm;
    }

    public function covers(string $text): bool
    {
        foreach (mb_str_split((string) preg_replace('/[\s\p{C}\p{M}]+/u', '', $text)) as $character) {
            if (! isset($this->advances[mb_ord($character)])) {
                return false;
            }
        }

        return true;
    }
}
