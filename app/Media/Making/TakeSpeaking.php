<?php

declare(strict_types=1);

namespace App\Media\Making;

use RapidReel\Base\Refusal;
use RapidReel\Making\Order\SpokenTake;

/** Who has raw takes spoken, by whatever voices there are. */
interface TakeSpeaking
{
    /**
     * @return bool whether it was spoken by this call
     *
     * @throws Refusal when the voice cannot say it
     */
    public function speak(SpokenTake $order): bool;
}
