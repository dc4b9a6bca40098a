<?php

declare(strict_types=1);

namespace App\Doors\Http\Middleware;

use App\Doors\Http\Hosts;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;

/** Servers that stand before this one (REEL_PROXIES): only they are believed for whom they ask, and how. */
final class KnownProxies extends TrustProxies
{
    /** @var int */
    protected $headers = Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PROTO
        | Request::HEADER_X_FORWARDED_PORT | Request::HEADER_X_FORWARDED_HOST;

    /** @return list<string> */
    protected function proxies(): array
    {
        return Hosts::proxies();
    }
}
