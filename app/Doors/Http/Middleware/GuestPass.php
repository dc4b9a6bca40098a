<?php

declare(strict_types=1);

namespace App\Doors\Http\Middleware;

use App\Doors\Http\Answers;
use App\Shelves\Models\GuestLink;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets in who came by a link that holds still: it is looked up for every request, so that it can be withdrawn. */
final class GuestPass
{
    public const SESSION = 'guest_link';

    public const LINK = 'guest';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $id = $request->session()->get(self::SESSION);
        $link = is_int($id) ? GuestLink::query()->with('batch.channel')->find($id) : null;
        if ($link === null || ! $link->isOpen()) {
            return Answers::noGuest($request);
        }
        $request->attributes->set(self::LINK, $link);

        return $next($request);
    }
}
