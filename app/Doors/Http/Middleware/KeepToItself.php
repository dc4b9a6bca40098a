<?php

declare(strict_types=1);

namespace App\Doors\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Tells browsers that pages load from here alone, are framed by nobody, and that files are what their type says. */
final class KeepToItself
{
    public function handle(Request $request, Closure $next): Response
    {
        // Back is only ever to a page of ours.
        $from = (string) $request->headers->get('referer');
        $isOurs = str_starts_with("$from/", $request->getSchemeAndHttpHost().'/')
            || preg_match('~^/(?![/\\\\])~', $from) === 1;
        if ($from !== '' && ! $isOurs) {
            $request->headers->remove('referer');
        }
        $response = $next($request);
        // Files have a stricter one of their own. Alpine evaluates the expressions in the markup; no script stands in
        // it. Captions are drawn by a renderer of WebAssembly in a worker.
        if (! $response->headers->has('Content-Security-Policy')) {
            $response->headers->set(
                'Content-Security-Policy',
                "default-src 'self'; script-src 'self' 'unsafe-eval' 'wasm-unsafe-eval'; worker-src 'self'; "
                    ."style-src 'self' 'unsafe-inline'; "
                    ."img-src 'self' data:; media-src 'self' blob:; object-src 'none'; base-uri 'none'; "
                    ."form-action 'self'; "
                    ."frame-ancestors 'none'",
            );
        }
        $response->headers->remove('X-Powered-By');
        header_remove('X-Powered-By');
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');

        return $response;
    }
}
