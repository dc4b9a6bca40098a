<?php

declare(strict_types=1);

namespace App\Doors\Http\Middleware;

use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;

/**
 * Sessions as usual, but that what a page asks for in the background leaves them as they are: a look that is answered
 * while a form is sent would take away what the next page is to say.
 */
final class StartsSession extends StartSession
{
    private const BEGAN = 'session-began-as';

    /**
     * @param  Request  $request
     * @param  Session  $session
     */
    protected function startSession($request, $session): Session
    {
        $started = parent::startSession($request, $session);
        $request->attributes->set(self::BEGAN, $started->getId());

        return $started;
    }

    /** @param  Request  $request */
    protected function saveSession($request): void
    {
        // Who has signed in or out, or has another password now, has another session, whatever was asked for.
        $isOther = $request->hasSession() && $request->attributes->get(self::BEGAN) !== $request->session()->getId();
        if ($isOther || str_contains((string) $request->header('Accept'), 'text/html')) {
            parent::saveSession($request);
        }
    }
}
