<?php

declare(strict_types=1);

namespace App\Gateways\Outlets;

/** The right to do something at a service in somebody's name. */
interface Access
{
    /** @throws OutletFailure where nobody is signed in */
    public function token(): string;

    /**
     * Another one, as that was not taken any more.
     *
     * @throws OutletFailure
     */
    public function renewed(string $old): string;
}
