<?php

declare(strict_types=1);

namespace App\Media\Store;

use App\Ground\Work\LockFile;

/** Lets one process at a time make what has a key. The lock of a process that is killed or stopped is free at once. */
final readonly class KeyedLock
{
    private const POLL_MICROSECONDS = 10_000;

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
        // Few files for all keys: now and then two keys wait for each other, which harms nobody.
        $path = $this->folder.'/key-'.substr(hash('xxh32', $key), 0, 2);
        while (($lock = LockFile::take($path)) === null) {
            usleep(self::POLL_MICROSECONDS);
        }
        try {
            return $work();
        } finally {
            $lock->release();
        }
    }

    /** The same for who has something else to do meanwhile, and one file a key. None while another process has it. */
    public function claim(string $key): ?LockFile
    {
        return LockFile::take("{$this->folder}/made-$key");
    }
}
