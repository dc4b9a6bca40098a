<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Tells browsers that pages load from here alone, are framed by nobody, and that files are what their type says. */
final class KeepToItself
{
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        // Alpine evaluates the expressions in the markup.
        $response->headers->set(
            'Content-Security-Policy',
            "default-src 'self'; script-src 'self' 'unsafe-inline' 'unsafe-eval'; style-src 'self' 'unsafe-inline'; "
                ."img-src 'self' data:; media-src 'self'; form-action 'self'; frame-ancestors 'none'",
        );
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');

        return $response;
    }
}
