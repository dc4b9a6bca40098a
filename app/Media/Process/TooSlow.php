<?php

declare(strict_types=1);

namespace App\Media\Process;

use RapidReel\Base\Refusal;

/** The machine had no time to look: nothing is said of the file, and it can be brought again. */
final class TooSlow extends Refusal
{
    public static function with(string $name): self
    {
        return new self(
            "The machine is too busy at this moment to look into “{$name}”. Nothing is wrong with it as far as is "
                .'known; bring it again in some minutes.',
        );
    }
}
