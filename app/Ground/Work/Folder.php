<?php

declare(strict_types=1);

namespace App\Ground\Work;

use RuntimeException;

/** A folder that is there, whoever made it: two processes may do so at the same moment. */
final class Folder
{
    public static function make(string $path): void
    {
        if (! is_dir($path) && ! @mkdir($path, 0755, true) && ! is_dir($path)) {
            throw new RuntimeException("The folder $path cannot be made: ".self::why($path));
        }
    }

    /** Why something could not be written at a place. */
    public static function why(string $place): string
    {
        while (! file_exists($place) && dirname($place) !== $place) {
            $place = dirname($place);
        }

        return is_writable($place)
            ? error_get_last()['message'] ?? 'nothing was said'
            : "$place may only be read. Is its disk mounted for reading alone?";
    }
}
