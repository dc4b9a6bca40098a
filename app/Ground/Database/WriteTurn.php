<?php

declare(strict_types=1);

namespace App\Ground\Database;

use App\Ground\Work\Folder;
use App\Ground\Work\LockFile;

/**
 * Writers wait in line before a file that stands beside the database, instead of each asking it again and again until
 * one of them has asked too often. The kernel ends the turn of one that dies. One that is stopped in the middle of its
 * transaction would hold the database for as long as it sleeps: it is ended, which loses nothing, as its transaction
 * was not.
 */
final class WriteTurn
{
    private const POLL_MICROSECONDS = 4_000;

    /** A writer that is stopped for so long is ended. */
    private const STOPPED_SECONDS = 1.5;

    /** SIGKILL, which a web server's PHP has no name for. */
    private const KILL = 9;

    /** @var resource|null */
    private mixed $file = null;

    public function __construct(
        private readonly string $path,
        private readonly float $seconds,
    ) {
    }

    /** @throws Busy when it does not come */
    public function take(): void
    {
        if ($this->file !== null) {
            return;
        }
        Folder::make(dirname($this->path));
        // "e": children must not inherit it.
        $file = @fopen($this->path, 'c+e');
        if ($file === false) {
            // Without room for it there is none for what is to be written either.
            return;
        }
        $began = $stopped = microtime(true);
        while (! flock($file, LOCK_EX | LOCK_NB)) {
            $now = microtime(true);
            if ($now - $began > $this->seconds) {
                fclose($file);
                throw new Busy;
            }
            $stopped = LockFile::isStopped(LockFile::holder($file)) ? $stopped : $now;
            if ($now - $stopped > self::STOPPED_SECONDS) {
                self::end($file);
                $stopped = $now;
            }
            usleep(self::POLL_MICROSECONDS);
        }
        ftruncate($file, 0);
        rewind($file);
        fwrite($file, (string) getmypid());
        fflush($file);
        $this->file = $file;
    }

    public function give(): void
    {
        if ($this->file !== null) {
            fclose($this->file);
            $this->file = null;
        }
    }

    /** @param  resource  $file */
    private static function end(mixed $file): void
    {
        $pid = LockFile::holder($file);
        // Still the same, as it has the lock: nobody else writes a number there.
        if ($pid > 1 && $pid !== getmypid() && function_exists('posix_kill') && LockFile::isStopped($pid)) {
            posix_kill($pid, self::KILL);
        }
    }
}
