<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation;

/** A word that stays as it is in another language, or becomes a certain one there. */
final readonly class GlossaryTerm
{
    /** @param  string|null  $becomes  null where it stays */
    public function __construct(
        public string $term,
        public ?string $becomes = null,
    ) {
    }

    /** What a sentence has to have in it that this is said in. */
    public function wanted(): string
    {
        return $this->becomes ?? $this->term;
    }
}
