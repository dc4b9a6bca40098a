<?php

declare(strict_types=1);

namespace App\Ground\Work;

use Illuminate\Support\Facades\File;
use RuntimeException;

/**
 * A file that one process at a time holds. The kernel frees it when its holder dies, and whoever waits takes it from
 * one that was stopped (SIGSTOP), which would hold it for ever.
 */
final class LockFile
{
    /** @param  resource|null  $file */
    private function __construct(
        private readonly string $path,
        private mixed $file,
    ) {
    }

    /** @return self|null none while another process has it */
    public static function take(string $path): ?self
    {
        Folder::make(dirname($path));
        // Another may be taken away or put there between opening and locking.
        for ($try = 0; $try < 4; $try++) {
            // "e": children must not inherit the lock.
            $file = @fopen($path, 'c+e');
            if ($file === false) {
                throw new RuntimeException(
                    "The folder of {$path} cannot be written: ".Folder::why($path),
                );
            }
            if (flock($file, LOCK_EX | LOCK_NB)) {
                if (self::isAt($path, $file)) {
                    ftruncate($file, 0);
                    fwrite($file, (string) getmypid());
                    fflush($file);

                    return new self($path, $file);
                }
            } elseif (! self::isHeldByStopped($file)) {
                fclose($file);

                return null;
            } elseif (self::isAt($path, $file)) {
                // Its holder keeps a file without a name, and whoever comes now a new one.
                @unlink($path);
            }
            fclose($file);
        }

        return null;
    }

    /** Whether nobody holds it, be it there or not. One that is stopped holds what it has. */
    public static function isFree(string $path): bool
    {
        $file = @fopen($path, 're');
        if ($file === false) {
            return true;
        }
        $isFree = flock($file, LOCK_EX | LOCK_NB);
        fclose($file);

        return $isFree;
    }

    /** Whether somebody holds it who is at work, and not stopped. */
    public static function isHeldByRunning(string $path): bool
    {
        $file = @fopen($path, 'c+e');
        if ($file === false) {
            return false;
        }
        $isHeld = ! flock($file, LOCK_EX | LOCK_NB) && ! self::isHeldByStopped($file);
        fclose($file);

        return $isHeld;
    }

    /** Frees it; the file itself goes where nobody needs it again. */
    public function release(bool $remove = false): void
    {
        if ($this->file === null) {
            return;
        }
        if ($remove && self::isAt($this->path, $this->file)) {
            @unlink($this->path);
        }
        fclose($this->file);
        $this->file = null;
    }

    /** @param  resource  $file */
    private static function isAt(string $path, mixed $file): bool
    {
        clearstatcache(true, $path);
        $there = @stat($path);

        return $there !== false && $there['ino'] === (fstat($file)['ino'] ?? null);
    }

    /** @param  resource  $file  with the number of its holder in it */
    private static function isHeldByStopped(mixed $file): bool
    {
        return self::isStopped(self::holder($file));
    }

    /**
     * @param  resource  $file  of a lock
     * @return int the number of the process that has it, or had it last; 0 where none is told
     */
    public static function holder(mixed $file): int
    {
        rewind($file);
        $pid = trim((string) fread($file, 20));

        return ctype_digit($pid) ? (int) $pid : 0;
    }

    /** Whether a process is stopped (SIGSTOP): it is there, and does nothing. */
    public static function isStopped(int $pid): bool
    {
        $said = $pid === 0 ? false : @file_get_contents("/proc/$pid/stat");

        // The state stands behind the name, which may hold anything.
        return $said !== false && preg_match('/^\) [Tt]/', (string) strrchr($said, ')')) === 1;
    }
}
