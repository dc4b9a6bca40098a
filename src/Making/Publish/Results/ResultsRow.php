<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Results;

/** One line of a table of results, read. */
final readonly class ResultsRow
{
    /** @param  string  $problem  why it cannot be used; empty where it can */
    public function __construct(
        public int $line,
        public string $id,
        public string $address,
        public string $title,
        public ?Point $point,
        public string $problem = '',
    ) {
    }
}
