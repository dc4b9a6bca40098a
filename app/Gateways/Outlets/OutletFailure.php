<?php

declare(strict_types=1);

namespace App\Gateways\Outlets;

use RuntimeException;

/** Something could not be brought to an outlet; its message goes on “the service” or the like. */
final class OutletFailure extends RuntimeException
{
    private function __construct(
        public readonly FailureKind $kind,
        string $message,
        public readonly ?int $afterSeconds = null,
    ) {
        parent::__construct(mb_strimwidth(mb_scrub($message), 0, 400, '…'));
    }

    /** @param  int|null  $afterSeconds  that it asked to be left alone for */
    public static function later(string $why, ?int $afterSeconds = null): self
    {
        return new self(FailureKind::Later, $why, $afterSeconds);
    }

    public static function refused(string $why): self
    {
        return new self(FailureKind::Refused, $why);
    }

    public static function signedOut(string $why = 'Nobody is signed in there any more.'): self
    {
        return new self(FailureKind::SignedOut, $why);
    }
}
