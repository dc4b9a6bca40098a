<?php

declare(strict_types=1);

namespace App\Media\Process;

/** That one makes something at this moment, and nobody else. */
interface Claim
{
    /** Says that it is still being made; asked often. */
    public function beat(): void;

    /** @param  bool  $isMade  whether it was made, or is left for others to make */
    public function release(bool $isMade): void;
}
