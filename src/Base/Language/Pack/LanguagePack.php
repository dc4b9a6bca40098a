<?php

declare(strict_types=1);

namespace RapidReel\Base\Language\Pack;

/**
 * What is known of one language. Word lists are in lower case, parted by spaces; alternatives of expressions by bars.
 */
final readonly class LanguagePack
{
    /** @var array<string, true> */
    public array $functionWords;

    /**
     * @param  string  $code  primary part of a BCP 47 tag
     * @param  string  $functionWords  words that name no picture
     * @param  list<string>  $openings  expressions of greetings and announcements
     * @param  string  $asks  how a sentence begins that asks the viewer for something
     * @param  string  $abbreviations  before a full stop that ends no sentence
     * @param  string  $mayEnd  those of them that may end one, too
     * @param  string  $joining  words before which a long sentence is best parted
     * @param  string  $months  before which a number with a full stop is an ordinal
     * @param  string  $vowels  letters that are one syllable together; empty where the counter has rules of its own
     * @param  string  $silent  what of them is not heard
     * @param  EaseFormula|null  $ease  a published measure of reading ease
     * @param  string  $sample  a sentence to know a voice by
     * @param  list<string>  $examples  sentences of all lengths, with pauses and numbers
     */
    public function __construct(
        public string $code,
        string $functionWords = '',
        public array $openings = [],
        public string $asks = '',
        public string $abbreviations = '',
        public string $mayEnd = '',
        public string $joining = '',
        public string $months = '',
        public string $vowels = '',
        public string $silent = '',
        public ?EaseFormula $ease = null,
        public string $sample = '',
        public array $examples = [],
    ) {
        $this->functionWords = array_fill_keys(
            array_filter(explode(' ', $functionWords), static fn (string $word): bool => $word !== ''),
            true,
        );
    }
}
