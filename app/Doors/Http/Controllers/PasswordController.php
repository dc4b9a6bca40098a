<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Shelves\Models\SignIn;
use App\Shelves\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

/** Lets an account change its password, and see where it is signed in. */
final class PasswordController extends Controller
{
    private const TRIES = 5;

    /** Places that were not seen for longer are not told of. */
    private const DAYS = 60;

    public function show(Request $request): View
    {
        return view('password', [
            'shortest' => User::SHORTEST_PASSWORD,
            'here' => $request->session()->get('sign_in'),
            'places' => SignIn::query()->where('user_id', $this->user($request)->id)->where('ended', false)
                ->where('seen_at', '>', time() - 86_400 * self::DAYS)->orderByDesc('seen_at')->limit(30)->get()->all(),
        ]);
    }

    /** Signs the account out at another place. */
    public function end(Request $request, int $signIn): RedirectResponse
    {
        SignIn::query()->where('user_id', $this->user($request)->id)->findOrFail($signIn)->update(['ended' => true]);

        return back()->with('ended', true);
    }

    /** Whoever is signed in elsewhere with the old one is signed out. */
    public function update(Request $request): RedirectResponse
    {
        $given = $request->validate(
            [
                'current' => ['required', 'string'],
                'password' => ['required', 'string', 'min:'.User::SHORTEST_PASSWORD],
                'again' => ['required', 'same:password'],
            ],
            [
                'current.required' => 'Type the password that you have now.',
                'password.required' => 'Type a new password.',
                'password.min' => User::passwordRule(),
                'again.required' => 'Type the new password a second time.',
                'again.same' => 'The two new passwords are not the same.',
            ],
        );
        $user = $this->user($request);
        $tries = "password:{$user->id}";
        if (RateLimiter::tooManyAttempts($tries, self::TRIES)) {
            throw ValidationException::withMessages(['current' => sprintf(
                'Too many tries. Wait %d seconds and try again.', RateLimiter::availableIn($tries),
            )]);
        }
        if (! Hash::check($given['current'], $user->password)) {
            RateLimiter::hit($tries, 60);
            throw ValidationException::withMessages(['current' => 'That is not the password you have now.']);
        }
        RateLimiter::clear($tries);
        $user->update(['password' => $given['password']]);
        Auth::login($user);
        $request->session()->regenerate();
        $request->session()->put('password_hash_web', $user->getAuthPassword());

        return back()->with('saved', true);
    }
}
