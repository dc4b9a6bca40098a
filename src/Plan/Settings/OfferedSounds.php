<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

/** Music and effects that can be chosen. */
final readonly class OfferedSounds
{
    /**
     * @param  array<array-key, string>  $music  names by id
     * @param  array<array-key, string>  $effects  names by id
     */
    public function __construct(
        public array $music = [],
        public array $effects = [],
    ) {
    }
}
