<?php

declare(strict_types=1);

namespace App\Media\Disk;

/** Which batch has what stands on the media disk. What several have is told of the one that had it first. */
final readonly class Owners
{
    /**
     * @param  array<int, int>  $exports  batches by exports
     * @param  array<string, int>  $keys  batches by the keys of parts and previews
     */
    public function __construct(
        public array $exports = [],
        public array $keys = [],
    ) {
    }

    /**
     * @param  string  $name  below the root of the media disk
     * @return int|null the id of the batch
     */
    public function of(string $name): ?int
    {
        [$room, $folder] = [...explode('/', $name), ''];

        return $room === 'exports' ? $this->exports[(int) $folder] ?? null : $this->keys[self::key($name)] ?? null;
    }

    /** The key that a file is named by. */
    public static function key(string $name): string
    {
        return explode('.', basename($name))[0];
    }
}
