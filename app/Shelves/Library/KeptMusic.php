<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use RapidReel\Plan\Cut\CutMusic;

/** A piece of music with where its file lies. */
final readonly class KeptMusic
{
    /** @param  string|null  $seal  size and hash of its file, where they are known */
    public function __construct(
        public CutMusic $piece,
        public string $name,
        public string $path,
        public ?string $seal = null,
    ) {
    }
}
