<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\TargetDesk;
use App\Doors\Http\Fields;
use App\Doors\Http\Presenters\Targets\TargetsPage;
use App\Shelves\Models\Channel;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What the channel's shorts are made for. */
final class TargetController extends Controller
{
    public function index(Request $request, TargetsPage $page): View
    {
        return view('house.targets', ['page' => $page->of(
            Channel::of($this->user($request)), $this->text($request, 'edit'), $this->text($request, 'copy'),
        )]);
    }

    public function store(Request $request, TargetDesk $desk): RedirectResponse
    {
        $written = [];
        foreach (array_keys(Fields::of('targets.store')) as $field) {
            $written[$field] = $this->text($request, $field);
        }
        $target = $desk->keep(Channel::of($this->user($request)), $written['id'], $written);

        return redirect()->route('targets.index')->with(
            'saved', "“{$target->label}” is saved. Shorts that are made for it follow.",
        );
    }

    public function destroy(Request $request, string $target, TargetDesk $desk): RedirectResponse
    {
        $channel = Channel::of($this->user($request));
        abort_unless(isset(TargetDesk::own($channel)[$target]), 404);
        $gone = $desk->drop($channel, $target);

        return redirect()->route('targets.index')->with(
            'saved', "“{$gone->label}” was deleted. Shorts that were made for it are made for what they inherit.",
        );
    }
}
