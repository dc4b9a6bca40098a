<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use App\Media\Store\DamagedPart;
use App\Media\Store\KeptFiles;
use Closure;
use RapidReel\Plan\Choice\Mood;
use RapidReel\Plan\Cut\CutMusic;

/** The music at hand. There may be thousands: a piece is looked up when it is asked for. */
final readonly class MusicShelf
{
    /**
     * @param  array<array-key, Mood|null>  $moods  of the pieces that may be chosen, by id, in their order
     * @param  (Closure(string): ?KeptMusic)|null  $find  a piece by its id, one that was taken away, too
     */
    public function __construct(
        public array $moods = [],
        private ?Closure $find = null,
    ) {
    }

    /** One that may be chosen. */
    public function piece(string $id): ?CutMusic
    {
        return array_key_exists($id, $this->moods) ? $this->kept($id)?->piece : null;
    }

    /**
     * @return string where the file of a piece is
     *
     * @throws DamagedPart when that is not what was brought any more
     */
    public function path(string $id): string
    {
        $kept = $this->kept($id);

        return $kept !== null && KeptFiles::agrees($kept->path, $kept->seal)
            ? $kept->path
            : throw DamagedPart::music($kept->name ?? $id);
    }

    private function kept(string $id): ?KeptMusic
    {
        return $this->find === null ? null : ($this->find)($id);
    }
}
