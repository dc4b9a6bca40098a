<?php

declare(strict_types=1);

namespace App\Ground\Work;

/** Whether work that can be done in pieces is to leave its worker to others for a while. */
interface GivingWay
{
    public function isAsked(): bool;
}
