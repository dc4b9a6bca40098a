<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Outbox\OutletDesk;
use App\Doors\Http\Presenters\Outbox\OutletsPage;
use App\Shelves\Models\Access;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Outlet;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use RapidReel\Base\Refusal;

/** Where shorts of a channel go. */
final class OutletController extends Controller
{
    public function index(Request $request, OutletsPage $page): View
    {
        return view('outbox.outlets', ['page' => $page->of(Channel::of($this->user($request)))]);
    }

    public function store(Request $request, OutletDesk $desk): RedirectResponse
    {
        $outlet = $desk->add(
            Channel::of($this->user($request)), $this->text($request, 'place'), $this->text($request, 'name'),
        );

        return redirect()->to(route('outlets.index')."#outlet-$outlet->id")->with('saved',
            "“{$outlet->name}” is added.");
    }

    public function update(Request $request, Outlet $outlet, OutletDesk $desk): RedirectResponse
    {
        $written = [];
        $fields = ['name', 'target', 'language', 'hours', 'days_off', 'per_day', 'rate', 'currency', 'as_draft'];
        foreach ($fields as $field) {
            $written[$field] = $this->text($request, $field);
        }
        $desk->change($outlet, $written);

        return redirect()->to(route('outlets.index')."#outlet-$outlet->id")->with('saved',
            "“{$outlet->name}” is saved.");
    }

    public function destroy(Outlet $outlet, OutletDesk $desk): RedirectResponse
    {
        $desk->remove($outlet);

        return redirect()->route('outlets.index')->with('saved', "“{$outlet->name}” is removed.");
    }

    /** Paused or gone on with. */
    public function hold(Request $request, Outlet $outlet, OutletDesk $desk): RedirectResponse
    {
        $held = $this->text($request, 'do') === 'hold';
        $desk->hold($outlet, $held);

        return back()->with('saved', $held
            ? "“{$outlet->name}” is paused: nothing leaves for it until it goes on."
            : "“{$outlet->name}” goes on.");
    }

    /** Somebody is sent to the service, to allow it there. No form of a page leads to another host. */
    public function signIn(Request $request, Outlet $outlet, OutletDesk $desk): RedirectResponse|JsonResponse
    {
        $begun = $desk->beginSignIn($outlet, route('outlets.back'));
        $request->session()->put('outlet_sign_in', ['outlet' => $outlet->id, ...$begun]);
        // What a page asks for in the background leaves sessions as they are, but for this.
        $request->session()->save();

        return $request->expectsJson()
            ? response()->json(['address' => $begun['address']])
            : redirect()->away($begun['address']);
    }

    /** And comes back from there. */
    public function back(Request $request, OutletDesk $desk): RedirectResponse
    {
        $begun = $request->session()->pull('outlet_sign_in');
        $state = is_array($begun) && is_string($begun['state'] ?? null) ? $begun['state'] : '';
        if (! is_array($begun) || $state === '' || ! hash_equals($state, $this->text($request, 'state'))) {
            throw new Refusal('This sign-in was not begun here, or not just now. Sign in there once more.');
        }
        $outlet = Outlet::query()->whereHas('channel', fn ($of) => Access::within($of, $this->user($request)->id))
            ->find(is_int($begun['outlet'] ?? null) ? $begun['outlet'] : 0)
                ?? throw new Refusal('This outlet is no longer there.');
        if ($this->text($request, 'code') === '') {
            return redirect("/c/$outlet->channel_id/outlets")->with(
                'problem', "{$outlet->name} was not allowed to let Rapid Reel in. Nothing has changed.",
            );
        }
        $verifier = is_string($begun['verifier'] ?? null) ? $begun['verifier'] : '';
        $desk->finishSignIn($outlet, route('outlets.back'), $this->text($request, 'code'), $verifier);

        return redirect("/c/$outlet->channel_id/outlets#outlet-$outlet->id")
            ->with('saved', "You are signed in at “{$outlet->name}”.");
    }

    public function signOut(Outlet $outlet, OutletDesk $desk): RedirectResponse
    {
        $desk->signOut($outlet);

        return back()->with('saved',
            "You are signed out at “{$outlet->name}”. What is planned waits until you are in.");
    }
}
