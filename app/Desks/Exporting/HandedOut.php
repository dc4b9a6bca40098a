<?php

declare(strict_types=1);

namespace App\Desks\Exporting;

use Generator;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\ZipStream;

/** Files that are handed out together, with a list of them. */
final readonly class HandedOut
{
    private const LIST = 'manifest.csv';

    private const PIECE = 1 << 20;

    /** @param  array<string, string>  $files  paths by name */
    public function __construct(
        public array $files,
        public string $manifest,
    ) {
    }

    /** Bytes of all of it as a ZIP */
    public function length(): int
    {
        return ZipStream::length([
            ...array_map(static fn (string $path): int => (int) filesize($path), $this->files),
            self::LIST => strlen($this->manifest),
        ]);
    }

    /**
     * A ZIP of it, piece by piece, without a copy on the disk.
     *
     * @return Generator<int, string>
     */
    public function zip(): Generator
    {
        $zip = new ZipStream;
        foreach ($this->files as $name => $path) {
            // Opened once: who replaces the file meanwhile does not change what is sent.
            $file = fopen($path, 'rb');
            if ($file === false) {
                return;
            }
            $crc = hash_init('crc32b');
            hash_update_stream($crc, $file);
            yield $zip->file((string) $name, (int) (fstat($file)['size'] ?? 0), (int) hexdec(hash_final($crc)));
            rewind($file);
            while (! feof($file)) {
                yield (string) fread($file, self::PIECE);
            }
            fclose($file);
        }
        yield $zip->file(self::LIST, strlen($this->manifest), crc32($this->manifest));
        yield $this->manifest;
        yield $zip->end();
    }

    /**
     * The same in a folder: each file is there whole or not at all, the list when all of them are.
     *
     * @throws Refusal where one cannot be written
     */
    public function into(string $folder): void
    {
        foreach ($this->files as $name => $path) {
            self::put("$folder/$name", static fn (string $part): bool => @copy($path, $part));
        }
        self::put("$folder/".self::LIST, fn (string $part): bool => @file_put_contents($part, $this->manifest)
            === strlen($this->manifest));
    }

    /**
     * @param  callable(string): bool  $write
     *
     * @throws Refusal
     */
    private static function put(string $file, callable $write): void
    {
        $part = dirname($file).'/.'.basename($file).'.part';
        if (! $write($part) || ! @rename($part, $file)) {
            @unlink($part);

            throw new Refusal("“{$file}” cannot be written. Is there room, and may this account write there?");
        }
    }
}
