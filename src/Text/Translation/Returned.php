<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation;

/** A translation as it came back, whatever is in it. */
final readonly class Returned
{
    /**
     * @param  string|null  $original  what it says that it is of
     * @param  string|null  $to  the language that it says it is in
     * @param  array<string, ReturnedUnit>  $units  by their ids; of two with the same id the first
     * @param  list<string>  $repeated  ids that came again
     */
    public function __construct(
        public ?string $original,
        public ?string $to,
        public array $units,
        public array $repeated = [],
    ) {
    }
}
