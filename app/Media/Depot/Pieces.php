<?php

declare(strict_types=1);

namespace App\Media\Depot;

use Closure;

/** A file copied in pieces, so that whoever copies it can say between them that they are still at it. */
final class Pieces
{
    private const BYTES = 4 << 20;

    /**
     * @param  resource  $from
     * @param  (Closure(): mixed)|null  $tick
     * @return bool whether all of it was written
     */
    public static function copy($from, string $target, ?Closure $tick): bool
    {
        $to = @fopen($target, 'wb');
        if ($to === false) {
            return false;
        }
        try {
            while (! feof($from)) {
                $piece = fread($from, self::BYTES);
                // A full disk takes a part of it.
                if ($piece === false || @fwrite($to, $piece) !== strlen($piece)) {
                    return false;
                }
                $tick === null || $tick();
            }

            return @fflush($to);
        } finally {
            fclose($to);
        }
    }
}
