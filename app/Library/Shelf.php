<?php

declare(strict_types=1);

namespace App\Library;

use App\Media\MissingFootage;
use RapidReel\Cut\CutMusic;
use RapidReel\Footage\Footage;

/** The footage and music at hand, with where each lies on disk. */
final readonly class Shelf
{
    /** @var array<array-key, Footage> by id */
    public array $footage;

    /**
     * @param  list<Footage>  $footage
     * @param  array<array-key, string>  $footagePaths  by id
     * @param  list<CutMusic>  $music
     * @param  array<array-key, string>  $musicPaths  by id
     */
    public function __construct(
        array $footage,
        public array $footagePaths,
        public array $music,
        private array $musicPaths,
    ) {
        $byId = [];
        foreach ($footage as $one) {
            $byId[$one->id] = $one;
        }
        $this->footage = $byId;
    }

    public function musicPath(string $id): string
    {
        return $this->musicPaths[$id] ?? throw new MissingFootage("“music {$id}”");
    }

    public function music(string $id): ?CutMusic
    {
        foreach ($this->music as $piece) {
            if ($piece->id === $id) {
                return $piece;
            }
        }

        return null;
    }
}
