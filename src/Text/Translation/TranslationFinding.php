<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation;

/** Something that speaks against a sentence that came back. */
final readonly class TranslationFinding
{
    /** @param  string  $unit  the id of the sentence */
    public function __construct(
        public string $unit,
        public TranslationFault $fault,
        public string $said,
    ) {
    }
}
