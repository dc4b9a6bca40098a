<?php

declare(strict_types=1);

namespace App\Ground\Work;

use RapidReel\Base\Refusal;
use Throwable;

/**
 * Whether there is room where media and data are kept, and whether it may be written there. Below a least, and on a
 * disk that may only be read, no new work is begun.
 */
final readonly class DiskRoom
{
    private const TOLD = ['No space left on device', 'database or disk is full', 'Disk quota exceeded',
        'out of free disk space', 'Read-only file system', 'may only be read', 'readonly database'];

    /**
     * @param  list<string>  $folders  that exist, or whose parents do
     * @param  int  $least  bytes that stay free, for the database and what is about to end
     */
    public function __construct(
        private array $folders,
        private int $least,
    ) {
    }

    /** Bytes on the fullest of the disks. */
    public function free(): int
    {
        $free = PHP_INT_MAX;
        foreach ($this->folders as $folder) {
            $there = @disk_free_space(self::there($folder));
            $free = $there === false ? $free : min($free, (int) $there);
        }

        return $free;
    }

    /** Bytes that stay free. */
    public function least(): int
    {
        return $this->least;
    }

    public function isShort(): bool
    {
        return $this->free() < $this->least || $this->readOnly() !== '';
    }

    /** A place that may only be read; empty where all may be written. */
    private function readOnly(): string
    {
        foreach ($this->folders as $folder) {
            $there = self::there($folder);
            if (is_dir($there) && ! is_writable($there)) {
                return $there;
            }
        }

        return '';
    }

    /** The folder, or the nearest above it that is there. */
    private static function there(string $folder): string
    {
        while (! is_dir($folder) && dirname($folder) !== $folder) {
            $folder = dirname($folder);
        }

        return $folder;
    }

    /** Whether something went wrong for want of room. */
    public function isToBlame(Throwable $problem): bool
    {
        return self::isNamed($problem) || $this->isShort();
    }

    /** Whether it says itself that there was no room. */
    public static function isNamed(Throwable $problem): bool
    {
        for ($one = $problem; $one !== null; $one = $one->getPrevious()) {
            foreach (self::TOLD as $told) {
                if (str_contains($one->getMessage(), $told)) {
                    return true;
                }
            }
        }

        return false;
    }

    public function sentence(): string
    {
        $readOnly = $this->readOnly();

        return $readOnly !== '' ? sprintf(
            'The disk of %s may only be read. Nothing is lost; work waits, and goes on by itself as soon as it can be '
                .'written again.',
            $readOnly,
        ) : sprintf(
            'The disk is full: %d MB are free, and %d are needed. Nothing is lost; work waits, and goes on by itself '
                .'as soon as there is room.',
            intdiv($this->free(), 1024 * 1024),
            intdiv($this->least, 1024 * 1024),
        );
    }

    /** @throws Refusal when nothing can be taken in */
    public function ask(int $bytes = 0): void
    {
        if ($this->readOnly() !== '') {
            throw new Refusal($this->sentence());
        }
        if ($this->free() - $bytes < $this->least) {
            throw new Refusal(sprintf(
                'There is no room for it on the disk: %d MB are free there. Nothing was kept of it; make room and '
                    .'bring it again.',
                intdiv($this->free(), 1024 * 1024),
            ));
        }
    }
}
