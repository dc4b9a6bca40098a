<?php

declare(strict_types=1);

namespace RapidReel\Base\Language\Pack;

/** Where a full stop ends no sentence. Alternatives of expressions, in lower case. */
final readonly class SentenceEnds
{
    /**
     * @param  string  $abbreviations  before a full stop that ends no sentence
     * @param  string  $mayEnd  those of them that may end one, too
     * @param  string  $months  before which a number with a full stop is an ordinal
     */
    public function __construct(
        public string $abbreviations = '',
        public string $mayEnd = '',
        public string $months = '',
    ) {
    }
}
