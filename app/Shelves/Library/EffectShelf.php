<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use App\Media\Store\DamagedPart;
use App\Media\Store\KeptFiles;
use RapidReel\Plan\Cut\SoundEffect;

/** The effects at hand. */
final readonly class EffectShelf
{
    /**
     * @param  array<array-key, SoundEffect>  $effects  by id
     * @param  array<array-key, string>  $paths  where the file of each is, by id
     */
    public function __construct(
        public array $effects = [],
        private array $paths = [],
    ) {
    }

    /**
     * Where the file of an effect stands.
     *
     * @param  string  $fingerprint  hash of what it was when it was chosen
     *
     * @throws DamagedPart when it is gone, or another one
     */
    public function path(string $id, string $fingerprint): string
    {
        $path = $this->paths[$id] ?? '';
        $isThat = is_file($path) && KeptFiles::hashOf(KeptFiles::sealOf($path)) === $fingerprint;

        return $isThat ? $path : throw DamagedPart::effect($this->effects[$id]->name ?? 'that was chosen');
    }
}
