<?php

declare(strict_types=1);

namespace App\Media;

use Illuminate\Support\Facades\File;
use RuntimeException;

/** Lets one process at a time make what has a key. The lock of a process that is killed is free again at once. */
final readonly class KeyedLock
{
    public function __construct(private string $folder)
    {
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public function hold(string $key, callable $work): mixed
    {
        File::ensureDirectoryExists($this->folder);
        // Few files for all keys: now and then two keys wait for each other, which harms nobody.
        $file = fopen($this->folder.'/key-'.substr(hash('xxh32', $key), 0, 2), 'ce');
        if ($file === false || ! flock($file, LOCK_EX)) {
            throw new RuntimeException("The folder {$this->folder} cannot be written.");
        }
        try {
            return $work();
        } finally {
            fclose($file);
        }
    }
}
