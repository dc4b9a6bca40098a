<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Short;
use App\Planning\BriefDesk;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use RapidReel\Brief\BriefList;

/** What every shot of a short should show. */
final class BriefController extends Controller
{
    public function show(Short $short, BriefDesk $desk): View
    {
        return view('briefs.show', [
            'short' => $short->load(['batch.channel', 'scenes']),
            'channel' => $short->batch->channel,
            'briefs' => $desk->of($short),
        ]);
    }

    public function file(Short $short, string $kind, BriefDesk $desk): Response
    {
        $briefs = $desk->of($short);

        return response($kind === 'csv' ? BriefList::csv($briefs) : BriefList::plain($briefs), 200, [
            'Content-Type' => $kind === 'csv' ? 'text/csv; charset=utf-8' : 'text/plain; charset=utf-8',
            'Content-Disposition' => sprintf('attachment; filename="%s-briefs.%s"', $short->fileName(), $kind),
        ]);
    }
}
