<?php

declare(strict_types=1);

namespace App\Media\Process;

use App\Ground\Work\LockFile;

/** A locked file: free once its process is dead. */
final readonly class LocalClaim implements Claim
{
    public function __construct(private LockFile $lock)
    {
    }

    public function beat(): void
    {
    }

    public function release(bool $isMade): void
    {
        $this->lock->release(remove: true);
    }
}
