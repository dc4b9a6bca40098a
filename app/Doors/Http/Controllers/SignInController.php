<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Shelves\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

final class SignInController extends Controller
{
    private const TRIES = 5;

    private const TRIES_OF_A_CALLER = 30;

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
        $email = mb_strtolower(trim($given['email']));
        // Many accounts tried from one place are a guess as well as one account tried often.
        $limits = [
            'sign-in:'.hash('sha256', $email).'|'.$request->ip() => self::TRIES,
            'sign-in:'.$request->ip() => self::TRIES_OF_A_CALLER,
        ];
        foreach ($limits as $key => $most) {
            if (RateLimiter::tooManyAttempts($key, $most)) {
                throw ValidationException::withMessages([
                    'email' => sprintf(
                        'Too many tries. Wait %d seconds and try again.',
                        RateLimiter::availableIn($key),
                    ),
                ]);
            }
        }
        $user = User::query()->where(DB::raw('lower(email)'), $email)->first();
        $isRight = $user !== null && Hash::check($given['password'], $user->password);
        if ($user === null) {
            // As long for nobody as for somebody: how long it takes tells nothing.
            Hash::make($given['password']);
        }
        if ($user === null || ! $isRight) {
            array_map(static fn (string $key): int => RateLimiter::hit($key, 60), array_keys($limits));

            throw ValidationException::withMessages([
                'email' => 'This e-mail address and password do not belong together.',
            ]);
        }
        Auth::login($user, $request->boolean('remember'));
        RateLimiter::clear((string) array_key_first($limits));
        $request->session()->regenerate();

        return redirect()->intended($user->channel_id === null ? '/' : "/c/$user->channel_id");
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/sign-in');
    }
}
