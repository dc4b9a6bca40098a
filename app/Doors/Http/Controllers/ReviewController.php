<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Review\ContactSheet;
use App\Desks\Review\GuestDesk;
use App\Desks\Review\Mender;
use App\Desks\Review\ReviewDesk;
use App\Doors\Http\Presenters\Review\ContactPage;
use App\Doors\Http\Presenters\Review\ReviewPage;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Short;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RapidReel\Base\Refusal;

/** Shorts are looked at before they leave. */
final class ReviewController extends Controller
{
    use TakesChoices;

    public function show(Request $request, Batch $batch, ReviewPage $page, GuestDesk $guests): View
    {
        $view = $page->of($batch);

        return view('review.show', [
            'page' => $view,
            'guests' => $guests->open($batch),
            'first' => $this->whole($request, 'short') ?: $view->firstOpen(),
        ]);
    }

    /** The list as it stands, for a page that is open. */
    public function state(Batch $batch, ReviewPage $page, GuestDesk $guests): JsonResponse
    {
        $view = $page->of($batch->refresh()->load('channel'));

        return response()->json([
            'rows' => view('review._rows', ['page' => $view])->render(),
            'guests' => view('review._guests', ['guests' => $guests->open($batch)])->render(),
            'lead' => $view->lead(),
            ...$view->state->drawn(),
        ]);
    }

    /** One short: what plays and what speaks against it. */
    public function one(Short $short, ReviewPage $page): JsonResponse
    {
        $detail = $page->one($short);

        return response()->json([
            'html' => view('review._short', ['detail' => $detail])->render(),
            ...$detail->toArray(),
        ]);
    }

    /** What a mend would change. */
    public function preview(Request $request, Short $short, Mender $mender): JsonResponse
    {
        return response()->json(['says' => $mender->preview(
            $short->load(['batch.channel', 'scenes.shots', 'readings']), $this->text($request, 'finding'),
        )]);
    }

    public function decide(Request $request, Short $short, ReviewDesk $desk, Mender $mender): JsonResponse
    {
        $user = $this->user($request);
        $key = $this->text($request, 'finding');
        $short->load(['batch.channel', 'waivers', 'latestVerdict', 'scenes.shots', 'notes', 'readings']);
        $said = match ($request->input('do')) {
            'clear', 'back' => $this->said($request, $desk, $short),
            'waive' => sprintf(
                'Ignored here: %s.', $desk->waive($short, $key, $this->text($request, 'note'), $user)->kind->label(),
            ),
            'unwaive' => $this->counted($desk, $short, $key),
            'mend' => $mender->mend($short, $key),
            default => throw new Refusal('That cannot be done with a short that is reviewed.'),
        };

        return response()->json(['said' => $said]);
    }

    /** All shorts on one sheet, for somebody who has no account. */
    public function contact(Batch $batch, string $form, ContactSheet $sheet): Response
    {
        $isPicture = $form === 'png';
        $page = new ContactPage($batch, $sheet->of($batch));
        $drawn = view($isPicture ? 'review.contact-svg' : 'review.contact', ['page' => $page])->render();

        return response($isPicture ? $sheet->png($drawn, max($page->width(), $page->height())) : $drawn, 200, [
            'Content-Type' => $isPicture ? 'image/png' : 'text/html; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"contact-sheet-{$batch->id}.$form\"",
            'Content-Security-Policy' => "sandbox; default-src 'none'; img-src data:; style-src 'unsafe-inline'",
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }

    /** Mends all that can be mended in the chosen shorts, or in all. */
    public function mend(Request $request, Batch $batch, Mender $mender): JsonResponse
    {
        return response()->json(['said' => $mender->mendAll($batch, $this->chosen($request, $batch))]);
    }

    private function said(Request $request, ReviewDesk $desk, Short $short): string
    {
        if ($request->input('do') === 'clear') {
            $desk->clear($short, $this->text($request, 'seen'), $this->user($request));

            return 'Cleared.';
        }
        $desk->sendBack($short, $this->text($request, 'note'), $this->whole($request, 'ms'), $this->user($request));

        return 'Sent back with your note.';
    }

    private function counted(ReviewDesk $desk, Short $short, string $key): string
    {
        $desk->unwaive($short, $key);

        return 'It counts again.';
    }
}
