<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Channel;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The house style of the channel. */
final class HouseController extends Controller
{
    public function show(Request $request): View
    {
        return view('house.show', ['channel' => Channel::of($this->user($request))]);
    }

    public function update(Request $request): RedirectResponse
    {
        $given = $request->validate(
            ['name' => ['required', 'string', 'max:80'], 'style_words' => ['nullable', 'string', 'max:400'], 'forbidden' => ['nullable', 'string', 'max:4000'], 'pronunciations' => ['nullable', 'string', 'max:4000']],
            ['name.required' => 'A channel needs a name.'],
        );
        Channel::of($this->user($request))->fill([
            'name' => trim($given['name']),
            'style_words' => trim((string) ($given['style_words'] ?? '')),
            'forbidden' => trim((string) ($given['forbidden'] ?? '')),
            'pronunciations' => trim((string) ($given['pronunciations'] ?? '')),
        ])->save();

        return back()->with('saved', true);
    }
}
