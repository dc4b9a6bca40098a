<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Machine;

use App\Media\Disk\DiskKind;

/** What a batch has on the disk. All in bytes. */
final readonly class DiskBatch
{
    /**
     * @param  string  $name  empty where it is of an account whose channels this one does not reach
     * @param  array<string, int>  $bytes  by the value of their `DiskKind`
     * @param  int  $moved  on the other disk
     * @param  int  $here  finished exports that are here and could be there
     * @param  int  $replaced  finished files that later ones took the place of, as a number of files
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $channel,
        public array $bytes,
        public int $moved,
        public int $here,
        public int $replaced,
    ) {
    }

    public function finished(): int
    {
        return $this->bytes[DiskKind::Finished->value] ?? 0;
    }

    public function previews(): int
    {
        return $this->bytes[DiskKind::Previews->value] ?? 0;
    }

    /** Shots and sound made on the way. */
    public function parts(): int
    {
        return array_sum($this->bytes) - $this->finished() - $this->previews();
    }

    public function whole(): int
    {
        return array_sum($this->bytes);
    }

    public function madeAgain(): int
    {
        return $this->whole() - $this->finished();
    }
}
