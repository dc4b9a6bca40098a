<?php

declare(strict_types=1);

namespace RapidReel\Base\Typeface;

/** A face out of a few numbers, for where there is no font file: every letter is as wide as any other. */
final readonly class PlainMetrics implements Metrics
{
    private const UNSEEN = '/[\s\p{Cc}\p{Cf}\p{M}]+/u';

    /** @param  float  $each  width of every letter, in em */
    public function __construct(
        private string $family,
        private float $each = 0.5,
        private string $characters = '\x{20}-\x{24F}\x{2010}-\x{2026}',
    ) {
    }

    public function family(): string
    {
        return $this->family;
    }

    public function width(string $text, bool $spaced = false): float
    {
        return mb_strlen($text) * $this->each;
    }

    public function covers(string $text): bool
    {
        return preg_match("/^[{$this->characters}]*$/u", (string) preg_replace(self::UNSEEN, '', $text)) === 1;
    }

    public function line(): float
    {
        return 1.0;
    }

    public function ascent(): float
    {
        return 0.8;
    }

    public function capital(): float
    {
        return 0.7;
    }

    public function blank(): float
    {
        return $this->each / 2;
    }
}
