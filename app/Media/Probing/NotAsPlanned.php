<?php

declare(strict_types=1);

namespace App\Media\Probing;

use RapidReel\Base\Refusal;

/** A finished file that is not what its plan says. */
final class NotAsPlanned extends Refusal
{
    public static function because(string $what): self
    {
        return new self(
            "The finished video was not as planned twice ($what), so it is not delivered. Look whether the disk is "
                .'sound, and export again.',
        );
    }
}
