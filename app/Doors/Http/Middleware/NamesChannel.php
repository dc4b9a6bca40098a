<?php

declare(strict_types=1);

namespace App\Doors\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\URL;
use Symfony\Component\HttpFoundation\Response;

/**
 * Addresses may begin with the channel that they are about, as /c/3/intake: two tabs can be in two channels. Routes
 * know nothing of it; whoever has the request finds its number under CHANNEL.
 */
final class NamesChannel
{
    public const CHANNEL = 'channel of the address';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        try {
            return $next($this->bare($request));
        } finally {
            // Whatever else this process does has addresses of its own.
            URL::formatPathUsing(static fn (string $path): string => $path);
        }
    }

    private function bare(Request $request): Request
    {
        if (preg_match('#^/c/([0-9]{1,18})(/.*)?$#', $request->getPathInfo(), $found) !== 1) {
            return $request;
        }
        $query = (string) $request->server->get('QUERY_STRING');
        $bare = $request->duplicate(server: [
            ...$request->server->all(),
            'REQUEST_URI' => $request->getBaseUrl().($found[2] ?? '/').($query === '' ? '' : "?$query"),
        ]);
        $bare->attributes->set(self::CHANNEL, (int) $found[1]);

        return $bare;
    }
}
