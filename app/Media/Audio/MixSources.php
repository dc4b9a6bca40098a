<?php

declare(strict_types=1);

namespace App\Media\Audio;

/** Where the files stand that a mix is made of beside its takes. */
final readonly class MixSources
{
    /**
     * @param  string|null  $music  of the plan's piece
     * @param  array<string, string>  $effects  by fingerprint
     * @param  array<string, string>  $clips  that are heard themselves, by fingerprint; so is what stands around
     */
    public function __construct(
        public ?string $music = null,
        public array $effects = [],
        public array $clips = [],
    ) {
    }
}
