<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use App\Media\Store\KeptFiles;
use RapidReel\Plan\Choice\Mood;
use RapidReel\Plan\Cut\CutMusic;

/** The music at hand. */
final readonly class MusicShelf
{
    /**
     * @param  list<CutMusic>  $pieces  that may be chosen
     * @param  array<array-key, Mood|null>  $moods  by id
     * @param  array<array-key, string>  $paths  by id, of those that were taken away, too
     * @param  array<array-key, string|null>  $seals  size and hash by id, where they are known
     */
    public function __construct(
        public array $pieces = [],
        public array $moods = [],
        private array $paths = [],
        private array $seals = [],
    ) {
    }

    public function piece(string $id): ?CutMusic
    {
        foreach ($this->pieces as $piece) {
            if ($piece->id === $id) {
                return $piece;
            }
        }

        return null;
    }

    /** @return string|null where its file is; null where that is not what was brought any more */
    public function path(string $id): ?string
    {
        $path = $this->paths[$id] ?? '';

        return KeptFiles::agrees($path, $this->seals[$id] ?? null) ? $path : null;
    }
}
