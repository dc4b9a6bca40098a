<?php

declare(strict_types=1);

namespace App\Media\Farm;

use App\Media\Process\Claim;
use Closure;

/** That this machine makes something which others could make too: said again and again while it is at it. */
final class FarmClaim implements Claim
{
    private const EVERY_SECONDS = 4.0;

    private readonly float $begun;

    private float $said;

    private bool $isBegun = false;

    /**
     * @param  Claim  $here  among the processes of this machine
     * @param  Closure(): void  $beat
     * @param  Closure(bool, float): void  $release  told whether it was made, and the seconds that this took; 0 where
     *   it was there
     */
    public function __construct(
        private readonly Claim $here,
        private readonly Closure $beat,
        private readonly Closure $release,
    ) {
        $this->begun = hrtime(true) / 1e9;
        $this->said = 0.0;
    }

    public function beat(): void
    {
        $this->isBegun = true;
        $now = hrtime(true) / 1e9;
        if ($now - $this->said > self::EVERY_SECONDS) {
            $this->said = $now;
            ($this->beat)();
        }
    }

    public function release(bool $isMade): void
    {
        ($this->release)($isMade, $this->isBegun ? hrtime(true) / 1e9 - $this->begun : 0.0);
        $this->here->release($isMade);
    }
}
