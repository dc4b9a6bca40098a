<?php

declare(strict_types=1);

namespace App\Doors\Http\Middleware;

use App\Doors\Http\Hosts;
use Illuminate\Http\Middleware\TrustHosts;

/** The names that the application is asked by, in every environment: the framework trusts all of them in some. */
final class KnownHosts extends TrustHosts
{
    /** @return list<string> */
    public function hosts(): array
    {
        return Hosts::patterns();
    }

    protected function shouldSpecifyTrustedHosts(): bool
    {
        return true;
    }
}
