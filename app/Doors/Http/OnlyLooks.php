<?php

declare(strict_types=1);

namespace App\Doors\Http;

use Illuminate\Http\Request;

/** What somebody may do in a channel who may look at it and clear its shorts. */
final class OnlyLooks
{
    /** What is asked for with another method than GET, and changes nothing of a channel. */
    private const FREE = [
        'sign-out', 'password.change', 'sign-ins.end', 'channels.enter', 'channels.store', 'proofs.order',
        'members.leave',
    ];

    /** Whether it changes something, or may. */
    public static function changes(Request $request): bool
    {
        $route = (string) $request->route()?->getName();
        if ($request->isMethodSafe() || in_array($route, self::FREE, true)) {
            return false;
        }

        return $route !== 'review.decide' || ! in_array($request->input('do'), ['clear', 'back'], true);
    }

    public static function refuse(): never
    {
        abort(403, 'You may look at this channel and clear its shorts. Whoever owns it lets you do more.');
    }
}
