<?php

declare(strict_types=1);

namespace App\Media\Process;

use RapidReel\Base\Refusal;

/** A file that takes more than a file of its kind may: the same on every machine, and every time. */
final class TooMuch extends Refusal
{
    public static function computing(string $name, int $seconds): self
    {
        return new self(sprintf(
            '“%s” takes more than %d s of computing to be opened, or more memory than it may. '
                .'Save it in a simpler form.',
            $name,
            $seconds,
        ));
    }
}
