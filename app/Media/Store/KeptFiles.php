<?php

declare(strict_types=1);

namespace App\Media\Store;

/**
 * Files that were made once and are read again: each has a seal beside it, its size and hash, and what does not agree
 * with its seal is as good as not there, to be made anew.
 */
final class KeptFiles
{
    /** What was read a moment ago, and was not touched since, is not read again: many segments have one source. */
    private const KNOWN_SECONDS = 20.0;

    private const MOST_KNOWN = 200;

    /** A seal is touched by whoever uses what it seals, no more often than that. */
    private const TOUCHED_SECONDS = 600;

    /** @var array<string, array{string, string, float}> mark, seal and when it was read, by file */
    private static array $read = [];

    public function __construct(private readonly MediaStore $store)
    {
    }

    /** Whether it is there, whole, as it was written. Reads it through; its seal tells when that was done last. */
    public function isRight(string $place): bool
    {
        $seal = @file_get_contents("$place.seal");
        if ($seal === false || ! is_file($place) || $seal !== self::sealOf($place)) {
            return false;
        }
        if (@filemtime("$place.seal") < time() - self::TOUCHED_SECONDS) {
            @touch("$place.seal");
        }

        return true;
    }

    /**
     * Puts a finished file of a work folder in its place, and its seal beside it.
     *
     * @throws StrangePlace
     */
    public function put(string $finished, string $place): void
    {
        $seal = self::sealOf($finished);
        $this->store->publish($finished, $place);
        $this->store->put("$place.seal", $seal);
    }

    /**
     * Whether what renderers look for by the hash of its content is there and is that; what was brought to another form
     * has a seal of its own.
     *
     * @throws StrangePlace
     */
    public function isSource(string $key): bool
    {
        $place = $this->store->source($key);

        return is_file("$place.seal")
            ? $this->isRight($place)
            : is_file($place) && self::hashOf(self::sealOf($place)) === $key;
    }

    /** Whether a file that goes out is what was sealed; what is of an earlier version has no seal. */
    public static function isAsSealed(string $file): bool
    {
        $seal = @file_get_contents("$file.seal");

        return is_file($file) && ($seal === false || $seal === self::sealOf($file));
    }

    /**
     * They are no longer held for right.
     *
     * @param  list<string>  $places
     */
    public function forget(array $places): void
    {
        foreach ($places as $place) {
            @unlink("$place.seal");
        }
    }

    /** Whether a file is there and, where its seal is known, is what it was sealed as. */
    public static function agrees(string $file, ?string $seal): bool
    {
        return is_file($file) && ($seal === null || $seal === self::sealOf($file));
    }

    public static function sealOf(string $file): string
    {
        clearstatcache(true, $file);
        $stat = @stat($file);
        $mark = $stat === false ? '' : implode(' ', [$stat['ino'], $stat['size'], $stat['mtime'], $stat['ctime']]);
        [$known, $seal, $at] = self::$read[$file] ?? ['', '', 0.0];
        if ($mark !== '' && $mark === $known && microtime(true) - $at < self::KNOWN_SECONDS) {
            return $seal;
        }
        $seal = filesize($file).' '.hash_file('xxh128', $file);
        // Times are in whole seconds: what was written in this one may be written again in it.
        if ($stat !== false && $stat['ctime'] < time() - 1) {
            self::$read = [...array_slice(self::$read, -self::MOST_KNOWN), $file => [$mark, $seal, microtime(true)]];
        }

        return $seal;
    }

    public static function hashOf(string $seal): string
    {
        return substr((string) strrchr($seal, ' '), 1);
    }
}
