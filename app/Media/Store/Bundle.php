<?php

declare(strict_types=1);

namespace App\Media\Store;

use ZipArchive;

/**
 * A ZIP from outside. Nothing of it is unpacked to disk under names of its own, every entry is read at most once, and
 * no more than was allowed, whatever it says of its sizes.
 */
final class Bundle
{
    /** @var array<string, int> numbers of entries by name, folders left out */
    private array $entries = [];

    /** @var array<string, true> what was read */
    private array $read = [];

    private int $bytes = 0;

    private function __construct(
        private readonly ZipArchive $zip,
        private readonly string $name,
        private readonly int $mostBytes,
    ) {
    }

    /**
     * @param  string  $name  what the operator calls it
     * @param  int  $mostEntries  that it may have
     * @param  int  $mostBytes  that may be read of all its entries together
     *
     * @throws UnusableBundle
     */
    public static function open(string $path, string $name, int $mostEntries, int $mostBytes): self
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw UnusableBundle::isNone($name);
        }
        $bundle = new self($zip, $name, $mostBytes);
        if ($zip->numFiles > $mostEntries) {
            throw UnusableBundle::holdsTooMany($name, $zip->numFiles, $mostEntries);
        }
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $bundle->admit($i);
        }

        return $bundle;
    }

    public function __destruct()
    {
        @$this->zip->close();
    }

    /** @return list<string> of its files, in the order of their names */
    public function names(): array
    {
        $names = array_map(strval(...), array_keys($this->entries));
        usort($names, strnatcasecmp(...));

        return $names;
    }

    /** @return list<string> ZIPs that are in it, which nobody opens */
    public function nested(): array
    {
        return array_values(array_filter(
            $this->names(),
            static fn (string $name): bool => preg_match('/\.(?:zip|7z|rar|tar|t?gz)$/i', $name) === 1,
        ));
    }

    public function has(string $entry): bool
    {
        return isset($this->entries[$entry]);
    }

    /**
     * @param  int|null  $most  bytes of this one
     * @return string|null null where it is more than may be read
     *
     * @throws UnusableBundle when it is damaged, or was read before
     */
    public function read(string $entry, ?int $most = null): ?string
    {
        if (isset($this->read[$entry])) {
            throw UnusableBundle::namesTwice($this->name, $entry);
        }
        $this->read[$entry] = true;
        $left = $this->mostBytes - $this->bytes;
        $most = min($most ?? $left, $left);
        // What an entry says of its size may be a lie; what is read is not.
        $contents = $this->zip->getFromIndex($this->entries[$entry] ?? -1, $most + 1);
        if ($contents === false) {
            throw UnusableBundle::isDamaged($this->name, $entry);
        }
        $this->bytes += strlen($contents);

        return strlen($contents) > $most ? null : $contents;
    }

    /** @throws UnusableBundle */
    private function admit(int $i): void
    {
        $about = $this->zip->statIndex($i);
        $entry = $about === false ? '' : $about['name'];
        if ($about === false || $entry === '') {
            throw UnusableBundle::isNone($this->name);
        }
        if (preg_match('~^[/\\\\]|^[A-Za-z]:|(?:^|[/\\\\])\.\.(?:[/\\\\]|$)|\0~', $entry) === 1) {
            throw UnusableBundle::leadsOut($this->name, $entry);
        }
        if ($about['encryption_method'] !== ZipArchive::EM_NONE) {
            throw UnusableBundle::isLocked($this->name);
        }
        if (! str_ends_with($entry, '/')) {
            $this->entries[$entry] = $i;
        }
    }
}
