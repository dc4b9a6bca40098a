<?php

declare(strict_types=1);

namespace App\Media;

use App\Work\Folder;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\File;
use RuntimeException;

/**
 * Where media stand on disk. A file is written under a name of its own in the work folder and appears at its place by
 * rename, whole or not at all.
 */
final readonly class MediaStore
{
    public function __construct(
        private Filesystem $disk,
        private WorkRoom $room = new WorkRoom,
    ) {
    }

    public function path(string $relative): string
    {
        return $this->disk->path($relative);
    }

    /** Two letters deep, so that no folder holds more than a share of the files. */
    public function keyed(string $room, string $key, string $extension): string
    {
        return $this->path("$room/".substr($key, 0, 2)."/$key.$extension");
    }

    /** Where a clip or still stands by the hash of its content. */
    public function source(string $key): string
    {
        return $this->path('sources/'.substr($key, 0, 2)."/$key");
    }

    /** A new folder in the work room, for one piece of work. */
    public function workFolder(): string
    {
        return $this->room->folder($this->path('work'));
    }

    /** Moves a finished file or folder to its place; one that is there already is replaced. */
    public function publish(string $finished, string $place): void
    {
        Folder::make(dirname($place));
        if (is_dir($finished) && is_dir($place)) {
            File::deleteDirectory($place);
        }
        if (! @rename($finished, $place)) {
            throw new RuntimeException("A finished file could not be put in its place, $place: ".self::why());
        }
    }

    public function put(string $place, string $contents): void
    {
        $folder = $this->workFolder();
        try {
            $this->write("$folder/file", $contents);
            $this->publish("$folder/file", $place);
        } finally {
            $this->discard($folder);
        }
    }

    /** Puts a copy of a file in its place, whole or not at all. */
    public function keep(string $file, string $place): void
    {
        $folder = $this->workFolder();
        try {
            $this->copy($file, "$folder/file");
            $this->publish("$folder/file", $place);
        } finally {
            $this->discard($folder);
        }
    }

    /** Copies a file into a work folder. */
    public function copy(string $file, string $target): void
    {
        // A full disk takes a part of it.
        if (! @copy($file, $target) || filesize($target) !== filesize($file)) {
            throw new RuntimeException("A file could not be copied to its end, $target: ".self::why());
        }
    }

    /** Writes a file of a work folder, all of it or not at all. */
    public function write(string $file, string $contents): void
    {
        // A full disk takes a part and says nothing.
        if (@file_put_contents($file, $contents) !== strlen($contents)) {
            throw new RuntimeException("A file could not be written to its end, $file: ".self::why());
        }
    }

    /** Puts more at the end of a file of a work folder. */
    public function append(string $file, string $contents): void
    {
        if (@file_put_contents($file, $contents, FILE_APPEND) !== strlen($contents)) {
            throw new RuntimeException("A file could not be written to its end, $file: ".self::why());
        }
    }

    public function discard(string $folder): void
    {
        File::deleteDirectory($folder);
    }

    /** What killed processes left in the work room. */
    public function sweep(): int
    {
        return $this->room->sweep($this->path('work'));
    }

    private static function why(): string
    {
        return error_get_last()['message'] ?? 'nothing was said';
    }
}
