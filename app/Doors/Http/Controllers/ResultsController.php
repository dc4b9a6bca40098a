<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Outbox\OutletDesk;
use App\Desks\Results\NextBatch;
use App\Desks\Results\ResultsDesk;
use App\Desks\Results\ResultsImport;
use App\Doors\Http\Presenters\Results\ResultsPage;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Results\ResultsField;

/** What posts brought, and what works. */
final class ResultsController extends Controller
{
    public function show(Request $request, ResultsPage $page): View
    {
        $channel = Channel::of($this->user($request));

        return view('results.show', ['page' => $page->of(
            $channel, $this->outlet($request, $channel), $this->text($request, 'rate'),
        )]);
    }

    public function ask(Request $request, ResultsDesk $desk): RedirectResponse
    {
        $count = 0;
        $problems = [];
        foreach (OutletDesk::of(Channel::of($this->user($request))) as $outlet) {
            try {
                $count += $desk->ask($outlet);
            } catch (Refusal $problem) {
                $problems[] = $problem->getMessage();
            }
        }

        $said = $count === 1 ? 'New figures of 1 post.' : "New figures of $count posts.";

        return redirect()->route('results.show')->with('saved', $said)
            ->with('problem', $problems === [] ? null : implode(' ', $problems));
    }

    /** A table comes in; where its columns are not known yet, it is asked what they mean. */
    public function table(Request $request, ResultsImport $import): View|RedirectResponse
    {
        $channel = Channel::of($this->user($request));
        $file = $request->file('table');
        $text = $file instanceof UploadedFile && $file->isValid() && $file->getSize() <= ResultsImport::MOST_BYTES
            ? (string) $file->getContent()
            : $this->text($request, 'text');
        $table = $import->table($text);
        $columns = [];
        foreach ((array) $request->input('columns', []) as $column => $field) {
            $known = is_string($field) ? ResultsField::tryFrom($field) : null;
            if ($known !== null) {
                $columns[(int) $column] = $known;
            }
        }
        if ($columns === []) {
            return view('results.columns', [
                'table' => $table, 'columns' => $import->columns($channel, $table), 'text' => mb_scrub($text),
                'outlets' => OutletDesk::of($channel), 'outlet' => $this->outlet($request, $channel),
            ]);
        }
        $report = $import->take($channel, $table, $columns, $this->outlet($request, $channel));

        return redirect()->route('results.show')->with('saved', $report->says())->with('left', $report->leftOut());
    }

    /** What worked becomes the next batch: its settings as a pattern, and its first words in the sketches. */
    public function next(Post $post, NextBatch $next): RedirectResponse
    {
        [$address, $said] = $next->like($post);

        return redirect()->to($address)->with('saved', $said);
    }

    private function outlet(Request $request, Channel $channel): ?Outlet
    {
        return OutletDesk::find($channel, $this->whole($request, 'outlet'));
    }
}
