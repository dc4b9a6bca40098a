<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation;

/** A sentence that is to be said in another language. */
final readonly class TranslationUnit
{
    /**
     * @param  string  $id  letters, digits, dots and hyphens: its place among the sentences of its short
     * @param  float|null  $seconds  that it takes as it is spoken now; null where nobody spoke it yet
     * @param  int|null  $most  characters that can be said in that time in the other language; null for any number
     * @param  list<string>  $notes  for whoever translates it
     */
    public function __construct(
        public string $id,
        public string $source,
        public ?float $seconds = null,
        public ?int $most = null,
        public array $notes = [],
    ) {
    }
}
