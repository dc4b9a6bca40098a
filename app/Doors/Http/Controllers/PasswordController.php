<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Shelves\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

/** Lets an account change its password. */
final class PasswordController extends Controller
{
    private const TRIES = 5;

    public function show(): View
    {
        return view('password', ['shortest' => User::SHORTEST_PASSWORD]);
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
                'password.min' => sprintf('A password has at least %d characters.', User::SHORTEST_PASSWORD),
                'again.required' => 'Type the new password a second time.',
                'again.same' => 'The new password was not typed alike twice.',
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
            throw ValidationException::withMessages(['current' => 'The password you have now is another one.']);
        }
        RateLimiter::clear($tries);
        $user->update(['password' => $given['password']]);
        Auth::login($user);
        $request->session()->regenerate();
        $request->session()->put('password_hash_web', $user->getAuthPassword());

        return back()->with('saved', true);
    }
}
