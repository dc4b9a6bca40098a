<?php

declare(strict_types=1);

namespace App\Media\Farm;

use Predis\PredisException;
use Predis\Response\ServerException;
use RuntimeException;

/** Orders for other machines can be neither given nor taken at this moment; the message says why. */
final class FarmUnreachable extends RuntimeException
{
    public static function because(PredisException $problem): self
    {
        $said = $problem->getMessage();

        return new self(match (true) {
            $problem instanceof ServerException && preg_match('/^(?:NOAUTH|WRONGPASS|ERR AUTH|NOPERM)/', $said) === 1,
            str_contains($said, 'WRONGPASS') => 'Redis refuses the password, or lacks one.',
            str_starts_with($said, 'OOM') => 'Redis is full: it takes no more orders.',
            str_starts_with($said, 'LOADING') => 'Redis has just begun again, and is still reading.',
            str_starts_with($said, 'READONLY'), str_starts_with($said, 'MISCONF') => 'Redis takes nothing new.',
            ! $problem instanceof ServerException => 'Redis does not answer.',
            default => 'Redis answers otherwise than expected: '.mb_substr(mb_scrub($said), 0, 120),
        }, previous: $problem);
    }

    public static function stillSince(string $why): self
    {
        return new self($why);
    }
}
