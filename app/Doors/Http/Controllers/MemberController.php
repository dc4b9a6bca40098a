<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\MemberDesk;
use App\Shelves\Models\Access;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Invitation;
use App\Shelves\Models\Member;
use App\Shelves\Models\Role;
use App\Shelves\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use RapidReel\Base\Refusal;

/** Others who work in a channel: asked in by a link, and out again. */
final class MemberController extends Controller
{
    /** A link for one person. It is shown once. */
    public function invite(Request $request, Channel $channel, MemberDesk $desk): RedirectResponse
    {
        $this->ownerOf($request, $channel->id);
        $role = Role::tryFrom($this->text($request, 'role')) ?? throw new Refusal('Say what they may do.');
        $token = $desk->invite($channel, $role);

        return $this->back($channel->id)->with('link', route('join', $token));
    }

    public function remove(Request $request, int $member): RedirectResponse
    {
        $found = Member::query()->findOrFail($member);
        $this->ownerOf($request, $found->channel_id);
        $found->delete();

        return $this->back($found->channel_id)->with('saved', "{$found->user->name} no longer works here.");
    }

    public function withdraw(Request $request, int $invitation): RedirectResponse
    {
        $found = Invitation::query()->findOrFail($invitation);
        $this->ownerOf($request, $found->channel_id);
        $found->delete();

        return $this->back($found->channel_id)->with('saved', 'The link no longer works.');
    }

    /** A member goes by themselves. */
    public function leave(Request $request, Channel $channel): RedirectResponse
    {
        Member::query()->where('channel_id', $channel->id)->where('user_id', $this->user($request)->id)->delete();

        return redirect('/');
    }

    public function show(string $token, MemberDesk $desk): View
    {
        $invitation = $desk->invitation($token) ?? abort(404);

        return view('join', [
            'token' => $token, 'channel' => $invitation->channel, 'role' => $invitation->role,
            'shortest' => User::SHORTEST_PASSWORD,
        ]);
    }

    /** Whoever has an account joins with it; anybody else makes one. */
    public function join(Request $request, string $token, MemberDesk $desk): RedirectResponse
    {
        abort_if($desk->invitation($token) === null, 404);
        $user = $request->user();
        if (! $user instanceof User) {
            $given = $request->validate(
                [
                    'name' => ['required', 'string', 'max:80'],
                    'email' => ['required', 'email', 'max:200', 'unique:users,email'],
                    'password' => ['required', 'string', 'min:'.User::SHORTEST_PASSWORD, 'max:200'],
                ],
                [
                    'name.required' => 'Say who you are.', 'email.required' => 'Type your e-mail address.',
                    'email.email' => 'This is not an e-mail address.',
                    'email.unique' => 'There is an account with this address: sign in first, then open the link again.',
                    'password.required' => 'Choose a password.',
                    'password.min' => User::passwordRule(),
                ],
            );
            $user = User::query()->create([...$given, 'email' => mb_strtolower($given['email'])]);
            Auth::login($user);
            $request->session()->regenerate();
        }
        $channel = $desk->join($token, $user);

        return redirect("/c/$channel->id");
    }

    private function ownerOf(Request $request, int $channel): void
    {
        abort_unless(Access::role($this->user($request)->id, $channel) === Role::Owner, 404);
    }

    private function back(int $channel): RedirectResponse
    {
        return redirect("/c/$channel/channels#people");
    }
}
