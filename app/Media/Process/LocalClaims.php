<?php

declare(strict_types=1);

namespace App\Media\Process;

use App\Media\Store\KeyedLock;

/** Who makes what among the processes of this machine. */
final readonly class LocalClaims implements Claims
{
    public function __construct(private KeyedLock $locks)
    {
    }

    public function claim(EncoderWork $work, bool $isIdle): ?LocalClaim
    {
        $lock = $this->locks->claim($work->key);

        return $lock === null ? null : new LocalClaim($lock);
    }
}
