<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation;

/** The sentences of a short, for somebody who translates them. */
final readonly class Translation
{
    /**
     * @param  string  $original  what it is of, as “short:12”
     * @param  string  $from  BCP 47
     * @param  string  $to  BCP 47
     * @param  list<TranslationUnit>  $units  in their order
     * @param  array<string, string>  $targets  what is translated already, by the ids of units
     */
    public function __construct(
        public string $original,
        public string $from,
        public string $to,
        public array $units,
        public array $targets = [],
    ) {
    }

    /** The same where a sentence may take as long as it takes. */
    public function unhurried(): self
    {
        return new self($this->original, $this->from, $this->to, array_map(
            static fn (TranslationUnit $unit): TranslationUnit => new TranslationUnit(
                $unit->id, $unit->source, $unit->seconds, null, $unit->notes,
            ), $this->units,
        ), $this->targets);
    }
}
