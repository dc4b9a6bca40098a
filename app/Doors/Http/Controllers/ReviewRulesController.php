<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Review\ReviewRules;
use App\Shelves\Models\Channel;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use RapidReel\Plan\Finding\FindingKind;

/** What stops the channel's shorts. */
final class ReviewRulesController extends Controller
{
    public function index(Request $request, ReviewRules $rules): View
    {
        $channel = Channel::of($this->user($request));

        return view('house.review', [
            'kinds' => FindingKind::cases(),
            'severities' => $rules->severities($channel),
            'forbidden' => $rules->forbidden($channel),
        ]);
    }

    public function update(Request $request, ReviewRules $rules): RedirectResponse
    {
        $chosen = [];
        foreach (FindingKind::cases() as $kind) {
            $chosen[$kind->value] = $this->text($request, $kind->value);
        }
        $rules->keep(Channel::of($this->user($request)), $chosen, $this->text($request, 'forbidden'));

        return redirect()->route('rules.index')->with('saved', 'Saved. It counts for all shorts from now on.');
    }
}
