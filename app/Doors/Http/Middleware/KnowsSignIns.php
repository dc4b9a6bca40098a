<?php

declare(strict_types=1);

namespace App\Doors\Http\Middleware;

use App\Shelves\Models\SignIn;
use App\Shelves\Models\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Every place that an account is signed in at is known by a row, and can be signed out from another. */
final class KnowsSignIns
{
    private const KEY = 'sign_in';

    private const EVERY_SECONDS = 60;

    /** Somebody has signed in, or came back by what their browser remembers. */
    public static function began(User $user, Request $request): void
    {
        $id = $request->hasSession() ? $request->session()->get(self::KEY) : 0;
        if (! $request->hasSession()
            || (is_int($id) && SignIn::query()->where('user_id', $user->id)->whereKey($id)->exists())) {
            return;
        }
        $own = SignIn::query()->forceCreate([
            'user_id' => $user->id, 'address' => mb_strimwidth((string) $request->ip(), 0, 60),
            'with' => mb_strimwidth(mb_scrub((string) $request->userAgent()), 0, 200), 'seen_at' => time(),
        ]);
        $request->session()->put(self::KEY, $own->id);
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if (! $user instanceof User) {
            return $next($request);
        }
        $id = $request->session()->get(self::KEY);
        $own = is_int($id) ? SignIn::query()->where('user_id', $user->id)->find($id) : null;
        if ($own?->ended === true) {
            Auth::logout();
            $request->session()->invalidate();

            return $request->expectsJson()
                ? response()->json(['message' => 'You were signed out here. Sign in again.'], 401)
                : redirect('/sign-in');
        }
        // A look at a page writes nothing.
        if ($own !== null && ! $request->isMethodSafe() && $own->seen_at < time() - self::EVERY_SECONDS) {
            $own->update(['seen_at' => time()]);
        }

        return $next($request);
    }
}
