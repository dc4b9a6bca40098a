<?php

declare(strict_types=1);

namespace App\Media\Store;

use App\Ground\Work\Folder;
use App\Ground\Work\LockFile;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;

/**
 * Folders for what is being made. All of a process are in one folder that stands beside a lock: once the lock is free,
 * the process is dead and its folder can go.
 */
final class WorkRoom
{
    /** What has no lock beside it is of an earlier version, or of somebody else's: old enough, it goes too. */
    private const UNOWNED_SECONDS = 86_400;

    private ?LockFile $lock = null;

    private string $own = '';

    private int $pid = 0;

    public function folder(string $root): string
    {
        // A forked process is another one.
        if ($this->lock === null || $this->pid !== getmypid() || ! str_starts_with($this->own, $root)) {
            $this->pid = (int) getmypid();
            $this->own = "$root/".$this->pid.'-'.bin2hex(random_bytes(6));
            // The lock comes first: a folder without one would look as if its process were dead.
            $this->lock = LockFile::take("{$this->own}.lock");
        }
        $folder = "{$this->own}/".Str::uuid()->toString();
        Folder::make($folder);

        return $folder;
    }

    /** @return int how many folders were taken away */
    public function sweep(string $root): int
    {
        $swept = 0;
        foreach (is_dir($root) ? File::directories($root) : [] as $folder) {
            $lock = "$folder.lock";
            $isLeft = is_file($lock)
                ? LockFile::isFree($lock)
                : @filemtime($folder) < time() - self::UNOWNED_SECONDS;
            if ($isLeft) {
                File::deleteDirectory($folder);
                $swept++;
            }
        }
        foreach (glob("$root/*.lock") ?: [] as $lock) {
            if (! is_dir(substr($lock, 0, -5)) && LockFile::isFree($lock) && @filemtime($lock) < time() - 60) {
                @unlink($lock);
            }
        }

        return $swept;
    }

    public function __destruct()
    {
        if ($this->lock !== null && $this->pid === getmypid()) {
            @rmdir($this->own);
            $this->lock->release(remove: true);
        }
    }
}
