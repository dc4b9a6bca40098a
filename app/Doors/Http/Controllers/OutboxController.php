<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\EditBook;
use App\Desks\Outbox\ListingCells;
use App\Desks\Outbox\ListingFile;
use App\Desks\Outbox\Outbox;
use App\Desks\Outbox\OutletDesk;
use App\Desks\Results\BestFirst;
use App\Desks\Review\ReviewDesk;
use App\Doors\Http\Presenters\Outbox\OutboxPage;
use App\Doors\Http\Presenters\PageState;
use App\Shelves\Models\Batch;
use App\Shelves\Models\EditPart;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Short;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use RapidReel\Base\FileName;
use RapidReel\Base\Refusal;

/** What leaves of a batch, for which outlet, with what beside it, and when. */
final class OutboxController extends Controller
{
    use TakesChoices;

    private const MOST_TABLE = 4_000_000;

    public function show(Request $request, Batch $batch, OutboxPage $page, EditBook $edits): View
    {
        $view = $page->of($batch, $this->outlet($request, $batch));

        return view('outbox.show', [
            'page' => $view,
            'state' => PageState::ofPart($batch->channel, EditPart::Outbox, $edits, $view->isWorking()),
        ]);
    }

    public function state(Request $request, Batch $batch, OutboxPage $page, EditBook $edits): JsonResponse
    {
        $view = $page->of($batch->refresh()->load('channel'), $this->outlet($request, $batch));

        return response()->json([
            'rows' => view('outbox._rows', ['page' => $view])->render(),
            'lead' => $view->lead(),
            ...PageState::ofPart($batch->channel, EditPart::Outbox, $edits, $view->isWorking())->toArray(),
        ]);
    }

    public function act(
        Request $request,
        Batch $batch,
        Outbox $outbox,
        BestFirst $best,
        ReviewDesk $review,
    ): JsonResponse {
        $shorts = $this->chosen($request, $batch);
        $outlets = $request->boolean('all')
            ? OutletDesk::of($batch->channel)
            : array_values(array_filter([$this->outlet($request, $batch)]));

        return response()->json(['said' => match ($request->input('do')) {
            'deal' => self::dealt($outbox->deal($shorts, $outlets)),
            'best' => self::dealt($outbox->deal($best->of($batch->channel, $shorts), $outlets)),
            'clear' => $this->cleared($shorts, $review, $request),
            'now' => $this->sent($shorts, $outlets, $outbox),
            'unplan' => $this->unplanned($shorts, $outlets, $outbox),
            default => throw new Refusal('That cannot be done with an outbox.'),
        }]);
    }

    /** Cells of the table, as they were typed, pasted, filled down or replaced. */
    public function cells(Request $request, Batch $batch, ListingCells $cells): JsonResponse
    {
        $written = json_decode($this->text($request, 'cells'), true);
        $count = $cells->write(
            $batch, self::one($this->outlet($request, $batch)), is_array($written) ? $written : [],
        );

        return response()->json(['said' => $count === 1 ? 'Saved.' : "$count cells are saved."]);
    }

    public function file(Request $request, Batch $batch, ListingFile $file): Response
    {
        $outlet = self::one($this->outlet($request, $batch));

        return response($file->written($batch, $outlet), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => sprintf(
                'attachment; filename="%s.csv"', FileName::plain("$batch->name $outlet->name", 'outbox'),
            ),
        ]);
    }

    public function take(Request $request, Batch $batch, ListingFile $file): JsonResponse
    {
        $table = $request->file('table');
        if (! $table instanceof UploadedFile || ! $table->isValid() || $table->getSize() > self::MOST_TABLE) {
            throw new Refusal('Choose a table as CSV, of at most 4 MB.');
        }

        return response()->json(['said' => $file->taken(
            $batch, self::one($this->outlet($request, $batch)), (string) $table->getContent(),
        )]);
    }

    private static function dealt(int $count): string
    {
        return match ($count) {
            0 => 'All of them are scheduled or posted already.',
            1 => '1 short is scheduled.',
            default => "$count shorts are scheduled.",
        };
    }

    /**
     * @param  list<Short>  $shorts
     * @param  list<Outlet>  $outlets
     */
    private function sent(array $shorts, array $outlets, Outbox $outbox): string
    {
        self::one($outlets[0] ?? null);
        foreach ($outlets as $outlet) {
            foreach (array_filter($shorts, $outlet->takes(...)) as $short) {
                $outbox->now($short, $outlet);
            }
        }

        return sprintf(
            '%s for %s: each leaves as soon as its file is there.',
            count($shorts) === 1 ? '1 short is bound' : count($shorts).' shorts are bound',
            implode(' and ', array_map(static fn (Outlet $one): string => "“{$one->name}”", $outlets)),
        );
    }

    /**
     * @param  list<Short>  $shorts
     * @param  list<Outlet>  $outlets
     */
    private function unplanned(array $shorts, array $outlets, Outbox $outbox): string
    {
        $count = array_sum(array_map(
            static fn (Outlet $outlet): int => $outbox->unplanAll($shorts, $outlet), $outlets,
        ));

        return $count === 1 ? '1 short is no longer scheduled.' : "$count shorts are no longer scheduled.";
    }

    /**
     * Those that nothing stops are cleared as they are; the others are told.
     *
     * @param  list<Short>  $shorts
     */
    private function cleared(array $shorts, ReviewDesk $review, Request $request): string
    {
        $left = [];
        foreach ($shorts as $short) {
            try {
                $review->clear($short, $short->looksLike(), $this->user($request));
            } catch (Refusal $problem) {
                $left[] = "“{$short->title}”: {$problem->getMessage()}";
            }
        }
        $count = count($shorts) - count($left);

        return ($count === 1 ? '1 short is cleared.' : "$count shorts are cleared.")
            .($left === [] ? '' : ' Not cleared: '.implode(' ', array_slice($left, 0, 3))
                .(count($left) > 3 ? sprintf(' And %d more.', count($left) - 3) : ''));
    }

    private function outlet(Request $request, Batch $batch): ?Outlet
    {
        return OutletDesk::find($batch->channel, $this->whole($request, 'outlet'))
            ?? OutletDesk::of($batch->channel)[0] ?? null;
    }

    /** @throws Refusal */
    private static function one(?Outlet $outlet): Outlet
    {
        return $outlet ?? throw new Refusal('There is no outlet yet. Add one first.');
    }
}
