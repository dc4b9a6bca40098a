<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Cover;

/** A frame that may become a cover, and how good it would be. */
final readonly class ScoredCover
{
    /**
     * @param  array<string, float>  $parts  0…1 each: sharp, subject, bright, unlike
     * @param  list<int>  $signature
     */
    public function __construct(
        public int $ms,
        public float $score,
        public array $parts,
        public array $signature,
    ) {
    }

    /** Why it is proposed, or what is weak about it. */
    public function says(): string
    {
        $words = [
            'sharp' => ['sharp', 'soft'], 'subject' => ['subject in the middle', 'little in the middle'],
            'bright' => ['bright', 'dark or pale'], 'unlike' => ['unlike the others', 'much like another cover'],
        ];
        $said = [];
        foreach ($this->parts as $part => $value) {
            [$good, $bad] = $words[$part] ?? ['', ''];
            $said[] = $value >= 0.6 ? $good : ($value < 0.35 ? $bad : '');
        }

        return implode(', ', array_filter($said));
    }
}
