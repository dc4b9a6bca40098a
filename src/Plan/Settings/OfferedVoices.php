<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

/** Voices that can be chosen. */
final readonly class OfferedVoices
{
    /**
     * @param  non-empty-array<string, string>  $names  by id
     * @param  string  $usual  id of the one that speaks where none is chosen
     * @param  array<string, string>  $languages  names of what each speaks, by id
     */
    public function __construct(
        public array $names,
        public string $usual,
        public array $languages = [],
    ) {
    }
}
