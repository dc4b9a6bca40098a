<?php

declare(strict_types=1);

namespace App\Media\Store;

use App\Ground\Work\Folder;
use Closure;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\File;
use RuntimeException;
use SplFileInfo;
use Symfony\Component\Finder\Finder;

/**
 * Where media stand on disk. A file is written under a name of its own in the work folder and appears at its place by
 * rename, whole or not at all. All names here are ours: what is no plain name below its root is refused, whoever asks.
 */
final readonly class MediaStore
{
    /** Letters, digits and hyphens; no part of it begins with a dot. */
    private const PLAIN = '~^(?:[A-Za-z0-9_][A-Za-z0-9._-]*/)*[A-Za-z0-9_][A-Za-z0-9._-]*$~D';

    public function __construct(
        private Filesystem $disk,
        private WorkRoom $room = new WorkRoom,
    ) {
    }

    /** @throws StrangePlace when it is no plain name below the root */
    public function path(string $relative): string
    {
        return preg_match(self::PLAIN, $relative) === 1
            ? $this->disk->path($relative)
            : throw StrangePlace::of($relative);
    }

    /** The folder below which all of it stands. */
    public function root(): string
    {
        return rtrim($this->disk->path(''), '/');
    }

    /**
     * @param  string  $room  a folder right below the root; empty for all
     * @return iterable<string, SplFileInfo> all files there are, by their places
     *
     * @throws StrangePlace
     */
    public function files(string $room = ''): iterable
    {
        $folder = $room === '' ? $this->root() : $this->path($room);

        return is_dir($folder)
            ? Finder::create()->files()->ignoreDotFiles(false)->ignoreUnreadableDirs()->in($folder)
            : [];
    }

    /** @return list<string> the folders right below the root */
    public function rooms(): array
    {
        return array_values(array_map(basename(...), glob($this->root().'/*', GLOB_ONLYDIR) ?: []));
    }

    /**
     * The name of a place, below the root.
     *
     * @throws StrangePlace when it is not below that
     */
    public function name(string $place): string
    {
        $root = $this->root().'/';
        $name = str_starts_with($place, $root) ? substr($place, strlen($root)) : throw StrangePlace::of($place);

        return preg_match(self::PLAIN, $name) === 1 ? $name : throw StrangePlace::of($place);
    }

    /**
     * Two letters deep, so that no folder holds more than a share of the files.
     *
     * @throws StrangePlace
     */
    public function keyed(string $room, string $key, string $extension): string
    {
        return $this->path("$room/".substr($key, 0, 2)."/$key.$extension");
    }

    /**
     * Where a clip or still stands by the hash of its content.
     *
     * @throws StrangePlace
     */
    public function source(string $key): string
    {
        return $this->path('sources/'.substr($key, 0, 2)."/$key");
    }

    /**
     * A new folder in the work room, for one piece of work.
     *
     * @throws StrangePlace
     */
    public function workFolder(): string
    {
        return $this->room->folder($this->path('work'));
    }

    /**
     * Moves a finished file or folder to its place; one that is there already is replaced.
     *
     * @throws StrangePlace when that is not below the root
     */
    public function publish(string $finished, string $place): void
    {
        $this->ask($place);
        Folder::make(dirname($place));
        if (is_dir($finished) && is_dir($place)) {
            File::deleteDirectory($place);
        }
        if (! @rename($finished, $place)) {
            throw new RuntimeException("A finished file could not be put in its place, $place: ".Folder::why($place));
        }
    }

    /**
     * Has a file written in a work folder, and puts it in its place, whole or not at all.
     *
     * @param  Closure(string): mixed  $write  given where it is to write
     *
     * @param-immediately-invoked-callable $write
     *
     * @throws StrangePlace
     */
    public function fill(string $place, Closure $write): void
    {
        $folder = $this->workFolder();
        try {
            $write("$folder/file");
            $this->publish("$folder/file", $place);
        } finally {
            $this->discard($folder);
        }
    }

    /** @throws StrangePlace */
    public function put(string $place, string $contents): void
    {
        $this->fill($place, fn (string $file) => $this->write($file, $contents));
    }

    /**
     * Puts a copy of a file in its place, whole or not at all.
     *
     * @throws StrangePlace
     */
    public function keep(string $file, string $place): void
    {
        $this->fill($place, fn (string $target) => $this->copy($file, $target));
    }

    /**
     * Copies a file into a work folder.
     *
     * @throws StrangePlace
     */
    public function copy(string $file, string $target): void
    {
        $this->ask($target);
        $this->handOut($file, $target);
    }

    /**
     * Gives a file a second name in a work folder, or copies it where the disk has none to give.
     *
     * @throws StrangePlace
     */
    public function share(string $file, string $target): void
    {
        $this->ask($target);
        if (! @link($file, $target)) {
            $this->handOut($file, $target);
        }
    }

    /** Copies a file to where somebody at the command line wants it, which may be anywhere. */
    public function handOut(string $file, string $target): void
    {
        // A full disk takes a part of it.
        if (! @copy($file, $target) || filesize($target) !== filesize($file)) {
            throw new RuntimeException("A file could not be copied to its end, $target: ".Folder::why($target));
        }
    }

    /**
     * Writes a file of a work folder, all of it or not at all.
     *
     * @throws StrangePlace
     */
    public function write(string $file, string $contents): void
    {
        $this->ask($file);
        // A full disk takes a part and says nothing.
        if (@file_put_contents($file, $contents) !== strlen($contents)) {
            throw new RuntimeException("A file could not be written to its end, $file: ".Folder::why($file));
        }
    }

    /**
     * Puts more at the end of a file of a work folder.
     *
     * @throws StrangePlace
     */
    public function append(string $file, string $contents): void
    {
        $this->ask($file);
        if (@file_put_contents($file, $contents, FILE_APPEND) !== strlen($contents)) {
            throw new RuntimeException("A file could not be written to its end, $file: ".Folder::why($file));
        }
    }

    /**
     * Takes away what stands below the root: a file, or a folder with all that is in it.
     *
     * @throws StrangePlace
     */
    public function discard(string $place): void
    {
        $this->ask($place);
        is_dir($place) ? File::deleteDirectory($place) : @unlink($place);
    }

    /**
     * What killed processes left in the work room.
     *
     * @throws StrangePlace
     */
    public function sweep(): int
    {
        return $this->room->sweep($this->path('work'));
    }

    /** @throws StrangePlace */
    private function ask(string $place): void
    {
        $this->name($place);
    }
}
