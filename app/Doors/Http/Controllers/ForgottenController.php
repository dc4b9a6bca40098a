<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Shelves\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\URL;

/** A new password by a link that comes by mail, where the machine sends any. The link works once, for an hour. */
final class ForgottenController extends Controller
{
    private const MINUTES = 60;

    public function show(): View
    {
        abort_unless(config('reel.mail') === true, 404);

        return view('forgotten', ['sent' => session('sent') === true]);
    }

    /** Answers alike whether there is such an account or not. */
    public function send(Request $request): RedirectResponse
    {
        abort_unless(config('reel.mail') === true, 404);
        $email = mb_strtolower(trim($this->text($request, 'email')));
        $user = User::query()->where('email', $email)->first();
        if ($user !== null) {
            $link = URL::temporarySignedRoute('forgotten.choose', now()->addMinutes(self::MINUTES), [
                'user' => $user->id, 'of' => self::mark($user),
            ]);
            Mail::raw(
                "Somebody, probably you, asked for a new password at Rapid Reel. Choose it here within an hour:\n\n"
                    ."$link\n\nIf it was not you, nothing has to be done.",
                static fn (Message $message) => $message->to($user->email)->subject('A new password for Rapid Reel'),
            );
        }

        return back()->with('sent', true);
    }

    public function choose(Request $request, int $user): View
    {
        $this->meant($request, $user);

        return view('forgotten-choose', ['to' => $request->fullUrl(), 'shortest' => User::SHORTEST_PASSWORD]);
    }

    public function keep(Request $request, int $user): RedirectResponse
    {
        $found = $this->meant($request, $user);
        $given = $request->validate(
            ['password' => ['required', 'string', 'min:'.User::SHORTEST_PASSWORD, 'max:200']],
            ['password.*' => User::passwordRule()],
        );
        $found->update(['password' => $given['password']]);

        return redirect('/sign-in')->with('saved', 'Your password is changed. Sign in with it.');
    }

    private function meant(Request $request, int $user): User
    {
        $found = User::query()->find($user);
        $isMeant = config('reel.mail') === true && $request->hasValidSignature() && $found !== null
            && hash_equals(self::mark($found), $this->text($request, 'of'));

        return $isMeant ? $found : abort(404);
    }

    /** Another one as soon as the password is: a link that was used is over. */
    private static function mark(User $user): string
    {
        return hash('sha256', "$user->id $user->password");
    }
}
