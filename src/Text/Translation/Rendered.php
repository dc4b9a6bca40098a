<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation;

/** What somebody made of sentences in another language. */
final readonly class Rendered
{
    /**
     * @param  array<string, string>  $targets  by the ids of units
     * @param  array<string, string>  $told  what is to be known of some, by the ids of units
     */
    public function __construct(
        public array $targets,
        public array $told = [],
    ) {
    }
}
