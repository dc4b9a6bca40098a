<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

use RapidReel\Base\Refusal;

/** A voice that gave no sound for a text. */
final class SilentTake extends Refusal
{
    public static function of(string $text): self
    {
        return new self(
            sprintf(
                'The voice cannot say “%s”. Use words of its language, or choose another voice.',
                mb_strimwidth($text, 0, 80, '…'),
            ),
        );
    }
}
