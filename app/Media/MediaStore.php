<?php

declare(strict_types=1);

namespace App\Media;

use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use RuntimeException;

/**
 * Where media stand on disk. A file is written under a name of its own in the work folder and appears at its place by
 * rename, whole or not at all.
 */
final readonly class MediaStore
{
    public function __construct(private Filesystem $disk)
    {
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

    /** Puts a clip or still where renderers look for it. */
    public function lay(string $key, string $file): void
    {
        $place = $this->source($key);
        if (is_file($place)) {
            return;
        }
        $folder = $this->workFolder();
        // On the same disk another name for the same content costs nothing.
        if (! @link($file, "$folder/source")) {
            File::copy($file, "$folder/source");
        }
        $this->publish("$folder/source", $place);
        $this->discard($folder);
    }

    /** A new folder in the work room, for one piece of work. */
    public function workFolder(): string
    {
        $folder = $this->path('work/'.Str::uuid()->toString());
        File::ensureDirectoryExists($folder);

        return $folder;
    }

    /** Moves a finished file or folder to its place; one that is there already is replaced. */
    public function publish(string $finished, string $place): void
    {
        File::ensureDirectoryExists(dirname($place));
        if (is_dir($finished) && is_dir($place)) {
            File::deleteDirectory($place);
        }
        if (! rename($finished, $place)) {
            throw new RuntimeException('A finished file could not be put in its place. Is the disk full?');
        }
    }

    public function put(string $place, string $contents): void
    {
        $folder = $this->workFolder();
        File::put("$folder/file", $contents);
        $this->publish("$folder/file", $place);
        File::deleteDirectory($folder);
    }

    public function discard(string $folder): void
    {
        File::deleteDirectory($folder);
    }

    /** What a killed worker left in the work room, once it is older than any job can be. */
    public function sweep(int $olderThanSeconds = 86_400): int
    {
        $swept = 0;
        foreach (is_dir($this->path('work')) ? File::directories($this->path('work')) : [] as $folder) {
            if (File::lastModified($folder) < time() - $olderThanSeconds) {
                File::deleteDirectory($folder);
                $swept++;
            }
        }

        return $swept;
    }
}
