<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation;

/** What of a translation is taken, and what speaks against the rest. */
final readonly class CheckedTranslation
{
    /**
     * @param  array<string, string>  $taken  sentences by the ids of units, in the order of these
     * @param  list<TranslationFinding>  $findings
     */
    public function __construct(
        public array $taken,
        public array $findings,
    ) {
    }

    public function isWhole(): bool
    {
        foreach ($this->findings as $finding) {
            if (! $finding->fault->isTaken() && $finding->fault !== TranslationFault::Unknown) {
                return false;
            }
        }

        return true;
    }
}
