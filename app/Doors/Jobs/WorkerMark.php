<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Ground\Work\LockFile;

/**
 * A file that a worker holds for as long as it lives, and by whose name its orders are known: as soon as the kernel has
 * freed it, they are anybody's, whatever the clock says.
 */
final class WorkerMark
{
    private ?LockFile $lock = null;

    private string $name = '';

    private int $pid = 0;

    public function __construct(private readonly string $folder)
    {
    }

    public function name(): string
    {
        // A forked process is another one.
        if ($this->lock === null || $this->pid !== getmypid()) {
            $this->pid = (int) getmypid();
            $this->name = $this->pid.'-'.bin2hex(random_bytes(6));
            $this->lock = LockFile::take($this->path($this->name));
        }

        return $this->name;
    }

    /** Whether its worker is no more. One that is stopped is still there. */
    public function isDead(string $name): bool
    {
        return $name !== $this->name && LockFile::isFree($this->path($name));
    }

    /** Whether its worker is at work: it may be too busy to say so. */
    public function isRunning(string $name): bool
    {
        return is_file($this->path($name)) && ($name === $this->name || LockFile::isHeldByRunning($this->path($name)));
    }

    /** @return list<string> names of all others that are at work */
    public function running(): array
    {
        $names = array_map(
            static fn (string $file): string => substr(basename($file), strlen('worker-')),
            glob("{$this->folder}/worker-*") ?: [],
        );

        return array_values(array_filter(
            $names,
            fn (string $name): bool => $name !== $this->name && $this->isRunning($name),
        ));
    }

    /** Takes away what dead workers left. */
    public function sweep(): void
    {
        foreach (glob("{$this->folder}/worker-*") ?: [] as $file) {
            if (LockFile::isFree($file) && @filemtime($file) < time() - 3_600) {
                @unlink($file);
            }
        }
    }

    private function path(string $name): string
    {
        return "{$this->folder}/worker-".(string) preg_replace('/[^a-z0-9-]/', '', $name);
    }

    /** Its worker works no more; should it after all, it is another one. */
    public function release(): void
    {
        if ($this->pid === getmypid()) {
            $this->lock?->release(remove: true);
            $this->lock = null;
        }
    }

    public function __destruct()
    {
        $this->release();
    }
}
