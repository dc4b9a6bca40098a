<?php

declare(strict_types=1);

namespace RapidReel\Base\Typeface;

/** How a face sets text. All in em, but for what a caption size names. */
interface Metrics
{
    /** The name by which a renderer finds the face. */
    public function family(): string;

    /**
     * Width of a text in em, its pairs drawn together as the face says.
     *
     * @param  bool  $spaced  whether letters are set apart, so that none are joined to one
     */
    public function width(string $text, bool $spaced = false): float;

    /** Whether it can draw every character of a text but blanks, joiners and selectors */
    public function covers(string $text): bool;

    /** Ascent and descent as the Windows metrics tell them: what a renderer of ASS calls the size of a face */
    public function line(): float;

    /** The part of it that lies above the baseline, 0…1 */
    public function ascent(): float;

    /** Height of its capitals */
    public function capital(): float;

    /** Width of the blank between two words */
    public function blank(): float;
}
