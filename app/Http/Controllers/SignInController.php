<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

final class SignInController extends Controller
{
    private const TRIES = 5;

    public function show(): View
    {
        return view('sign-in', ['demo' => config('reel.demo') ? config('reel.demo_account') : null]);
    }

    public function store(Request $request): RedirectResponse
    {
        $given = $request->validate(
            ['email' => ['required', 'string', 'max:200'], 'password' => ['required', 'string', 'max:200']],
            ['email.required' => 'Type your e-mail address.', 'password.required' => 'Type your password.'],
        );
        $key = 'sign-in:'.mb_strtolower($given['email']).'|'.$request->ip();
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw ValidationException::withMessages([
                'email' => sprintf('Too many tries. Wait %d seconds and try again.', RateLimiter::availableIn($key)),
            ]);
        }
        if (! Auth::attempt($given, $request->boolean('remember'))) {
            RateLimiter::hit($key, 60);

            throw ValidationException::withMessages([
                'email' => 'This e-mail address and password do not belong together.',
            ]);
        }
        RateLimiter::clear($key);
        $request->session()->regenerate();

        return redirect()->intended('/');
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/sign-in');
    }
}
