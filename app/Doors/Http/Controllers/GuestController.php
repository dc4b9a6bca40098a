<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Exporting\FinishedFiles;
use App\Desks\Review\GuestDesk;
use App\Desks\Review\ReviewDesk;
use App\Doors\Http\Answers;
use App\Doors\Http\Middleware\GuestPass;
use App\Doors\Http\Presenters\Review\GuestPage;
use App\Shelves\Models\Batch;
use App\Shelves\Models\GuestLink;
use App\Shelves\Models\Short;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\URL;
use RapidReel\Base\Refusal;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;

/** Somebody with a link watches the shorts of one batch, clears them and sends them back, and reaches nothing else. */
final class GuestController extends Controller
{
    public function store(Request $request, Batch $batch, GuestDesk $desk): JsonResponse
    {
        [$link, $token] = $desk->make($batch, $this->text($request, 'name'), $this->whole($request, 'days'));

        return response()->json([
            'said' => "A link for {$link->name}, until {$link->ends_at->format('j F Y')}.",
            'address' => url(URL::temporarySignedRoute('guest.enter', $link->ends_at, ['token' => $token], false)),
        ]);
    }

    public function destroy(GuestLink $guestLink, GuestDesk $desk): JsonResponse
    {
        $desk->withdraw($guestLink);

        return response()->json(['said' => "The link for {$guestLink->name} no longer works."]);
    }

    public function enter(Request $request, string $token, GuestDesk $desk): Response
    {
        $link = $request->hasValidRelativeSignature() ? $desk->of($token) : null;
        if ($link === null) {
            return Answers::noGuest($request);
        }
        $request->session()->regenerate();
        $request->session()->put(GuestPass::SESSION, $link->id);

        return redirect()->route('guest.show');
    }

    public function show(Request $request, GuestPage $page): View
    {
        return view('review.guest', ['page' => $page->of(self::link($request)), 'link' => self::link($request)]);
    }

    public function state(Request $request, GuestPage $page): JsonResponse
    {
        $view = $page->of(self::link($request));

        return response()->json([
            'rows' => view('review._guest_rows', ['page' => $view])->render(),
            'lead' => $view->lead(),
            'working' => false, 'undo' => null, 'redo' => null,
        ]);
    }

    public function one(Request $request, string $number, GuestDesk $desk, GuestPage $page): JsonResponse
    {
        $detail = $page->one($this->short($request, $number, $desk));

        return response()->json([
            'html' => view('review._guest_short', ['detail' => $detail])->render(),
            ...$detail->toArray(),
        ]);
    }

    public function decide(Request $request, string $number, GuestDesk $desk, ReviewDesk $reviews): JsonResponse
    {
        $short = $this->short($request, $number, $desk);
        $link = self::link($request);
        match ($request->input('do')) {
            'clear' => $reviews->clear($short, $this->text($request, 'seen'), $link),
            'back' => $reviews->sendBack($short, $this->text($request, 'note'), $this->whole($request, 'ms'), $link),
            default => throw new Refusal('A short is cleared, or sent back.'),
        };

        return response()->json(['said' => $request->input('do') === 'clear'
            ? 'Cleared. Thank you.'
            : 'Sent back with your note. Thank you.']);
    }

    public function file(
        Request $request,
        string $number,
        GuestDesk $desk,
        FinishedFiles $files,
    ): BinaryFileResponse {
        $short = $this->short($request, $number, $desk);
        $export = $short->fileOfNow() ?? abort(404);

        return $this->media(
            $files->path($export, 'mp4'), 'video/mp4', "{$export->name}.mp4", seal: $export->seals['mp4'] ?? null,
        );
    }

    private static function link(Request $request): GuestLink
    {
        $link = $request->attributes->get(GuestPass::LINK);

        return $link instanceof GuestLink ? $link : abort(403);
    }

    private function short(Request $request, string $number, GuestDesk $desk): Short
    {
        return $desk->short(self::link($request), (int) $number) ?? abort(404);
    }
}
