<?php

declare(strict_types=1);

namespace App\Media\Process;

/** Who makes what at this moment, so that nobody else makes it at the same time. */
interface Claims
{
    /**
     * @param  bool  $isIdle  whether whoever asks has nothing else to do
     * @return Claim|null null while another is at it
     */
    public function claim(EncoderWork $work, bool $isIdle): ?Claim;
}
