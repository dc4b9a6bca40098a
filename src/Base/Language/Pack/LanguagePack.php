<?php

declare(strict_types=1);

namespace RapidReel\Base\Language\Pack;

/** What is known of one language. */
final readonly class LanguagePack
{
    /**
     * @param  string  $code  primary part of a BCP 47 tag
     * @param  string  $sample  a sentence to know a voice by
     * @param  list<string>  $examples  sentences of all lengths, with pauses and numbers
     */
    public function __construct(
        public string $code,
        public PackWords $words = new PackWords,
        public SentenceEnds $ends = new SentenceEnds,
        public SyllableRule $syllables = new SyllableRule,
        public string $sample = '',
        public array $examples = [],
    ) {
    }
}
