<?php

declare(strict_types=1);

namespace App\Media;

/**
 * Files that were made once and are read again: each has a seal beside it, its size and hash, and what does not agree
 * with its seal is as good as not there, to be made anew.
 */
final readonly class KeptFiles
{
    public function __construct(private MediaStore $store)
    {
    }

    /** Whether it is there, whole, as it was written. Reads it through. */
    public function isRight(string $place): bool
    {
        $seal = @file_get_contents("$place.seal");

        return $seal !== false && is_file($place) && $seal === self::sealOf($place);
    }

    /** Puts a finished file of a work folder in its place, and its seal beside it. */
    public function put(string $finished, string $place): void
    {
        $seal = self::sealOf($finished);
        $this->store->publish($finished, $place);
        $this->store->put("$place.seal", $seal);
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

        return filesize($file).' '.hash_file('xxh128', $file);
    }

    public static function hashOf(string $seal): string
    {
        return substr((string) strrchr($seal, ' '), 1);
    }
}
