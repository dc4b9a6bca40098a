<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Doors\Http\Presenters\House\ChannelsPage;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Music;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use RapidReel\Base\Refusal;

/** The channels of an account: one is worked in at a time. */
final class ChannelController extends Controller
{
    private const MOST = 50;

    public function index(Request $request, ChannelsPage $page): View
    {
        return view('house.channels', ['page' => $page->of(Channel::of($this->user($request)), $this->user($request))]);
    }

    /** Who did what in the channel, the latest first. */
    public function log(Request $request): View
    {
        $channel = Channel::of($this->user($request));

        return view('house.log', ['channel' => $channel, 'lines' => ChannelsPage::log($channel)]);
    }

    public function store(Request $request): RedirectResponse
    {
        $given = $request->validate(
            ['name' => ['required', 'string', 'max:80']],
            ['name.required' => 'A channel needs a name.'],
        );
        $user = $this->user($request);
        if ($user->channels()->count() >= self::MOST) {
            throw new Refusal(sprintf('An account has at most %d channels.', self::MOST));
        }
        $channel = $user->channels()->create(['name' => trim($given['name'])]);
        $user->enter($channel);

        return redirect("/c/$channel->id");
    }

    public function enter(Request $request, Channel $channel): RedirectResponse
    {
        $this->user($request)->enter($channel);

        return redirect("/c/$channel->id");
    }

    /** Lends a piece of music to the account's other channels, or takes it back. */
    public function share(Music $music): RedirectResponse
    {
        $music->update(['shared' => ! $music->shared]);

        return back();
    }
}
