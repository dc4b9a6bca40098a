<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation;

/** A sentence as it came back. */
final readonly class ReturnedUnit
{
    /**
     * @param  string|null  $source  as whoever translated it saw it; null where that was not told
     * @param  string|null  $target  null where there is none
     * @param  bool  $keepsCodes  whether its inline codes are those of its source
     */
    public function __construct(
        public ?string $source,
        public ?string $target,
        public bool $keepsCodes = true,
    ) {
    }
}
