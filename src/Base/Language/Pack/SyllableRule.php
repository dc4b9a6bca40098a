<?php

declare(strict_types=1);

namespace RapidReel\Base\Language\Pack;

/** How the syllables of a written word are counted, and what they say of a text. */
final readonly class SyllableRule
{
    /**
     * @param  string  $vowels  letters that are one syllable together; empty where the counter has rules of its own
     * @param  string  $silent  what of them is not heard
     * @param  EaseFormula|null  $ease  a published measure of reading ease
     */
    public function __construct(
        public string $vowels = '',
        public string $silent = '',
        public ?EaseFormula $ease = null,
    ) {
    }
}
