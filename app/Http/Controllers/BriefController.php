<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Channel;
use App\Models\Short;
use App\Scripts\BriefDesk;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RapidReel\Brief\BriefSheet;

/** What every shot of a short should show. */
final class BriefController extends Controller
{
    public function show(Request $request, Short $short, BriefDesk $desk): View
    {
        $channel = Channel::of($this->user($request));

        return view('briefs.show', ['short' => $short->load(['batch', 'scenes']), 'channel' => $channel, 'briefs' => $desk->of($short, $channel)]);
    }

    public function file(Request $request, Short $short, string $kind, BriefDesk $desk): Response
    {
        $briefs = $desk->of($short, Channel::of($this->user($request)));

        return response($kind === 'csv' ? BriefSheet::csv($briefs) : BriefSheet::plain($briefs), 200, [
            'Content-Type' => $kind === 'csv' ? 'text/csv; charset=utf-8' : 'text/plain; charset=utf-8',
            'Content-Disposition' => sprintf('attachment; filename="%s-briefs.%s"', $short->fileName(), $kind),
        ]);
    }
}
