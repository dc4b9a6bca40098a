<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

/** What can be chosen to be seen. */
final readonly class OfferedLooks
{
    /**
     * @param  array<string, string>  $faces  names of typefaces, by id
     * @param  array<string, string>  $styles  names of an operator's own caption styles, by id
     * @param  array<array-key, string>  $tables  names of colour tables, by the hash of each
     * @param  array<array-key, string>  $logos  names by the hash of each
     * @param  array<string, array<array-key, string>>  $byHand  names of footage chosen by hand, by tag and id
     */
    public function __construct(
        public array $faces = [],
        public array $styles = [],
        public array $tables = [],
        public array $logos = [],
        public array $byHand = [],
    ) {
    }
}
