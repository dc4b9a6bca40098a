<?php

declare(strict_types=1);

namespace App\Doors\Http\Middleware;

use App\Doors\Http\OnlyLooks;
use App\Shelves\Models\Access;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\Role;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use App\Shelves\Models\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Pagination\Paginator;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Facades\View;
use Symfony\Component\HttpFoundation\Response;

/**
 * A request is in one channel: that of what it is about, else that of its address, else the first of the account. The
 * addresses of its answer lead into the same one.
 */
final class EntersChannel
{
    /** What is in no channel, or is given to others who know one address of it. */
    private const WITHOUT = '#^/(c/[0-9]|guest/|outlets/back$)#';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if (! $user instanceof User) {
            return $next($request);
        }
        $first = (int) Channel::query()->where('user_id', $user->id)->min('id');
        $channel = $this->about($request) ?? $this->named($request, $user) ?? $first;
        $role = $channel === $first ? Role::Owner : Access::role($user->id, $channel);
        if ($role === Role::Look && OnlyLooks::changes($request)) {
            OnlyLooks::refuse();
        }
        View::share('role', $role);
        $user->channel_id = $channel;
        // It is of this request alone: another tab may be elsewhere.
        $user->syncOriginalAttribute('channel_id');
        if ($channel !== $first) {
            URL::formatPathUsing(static fn (string $path): string => preg_match(self::WITHOUT, $path) === 1
                ? $path
                : "/c/$channel$path");
        }
        Paginator::currentPathResolver(static fn (): string => URL::current());

        return $next($request);
    }

    private function about(Request $request): ?int
    {
        foreach ($request->route()?->parameters() ?? [] as $one) {
            $owner = match (true) {
                $one instanceof Batch, $one instanceof Outlet => $one,
                $one instanceof Short => $one->batch,
                $one instanceof Scene => $one->short->batch,
                $one instanceof Post => $one->outlet,
                default => null,
            };
            if ($owner !== null) {
                return $owner->channel_id;
            }
        }

        return null;
    }

    private function named(Request $request, User $user): ?int
    {
        $named = $request->attributes->get(NamesChannel::CHANNEL);
        if (! is_int($named)) {
            return null;
        }

        return Access::channels($user->id)->whereKey($named)->exists() ? $named : abort(404);
    }
}
