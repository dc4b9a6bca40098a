<?php

declare(strict_types=1);

namespace App\Doors\Http;

use App\Desks\Editing\Outdated;
use App\Ground\Database\Busy;
use App\Ground\Work\DiskRoom;
use App\Media\Process\Failure;
use App\Media\Process\ToolFailed;
use Illuminate\Http\Request;
use RapidReel\Base\Refusal;
use Symfony\Component\HttpFoundation\Response;

/** What is answered when something cannot be done: a sentence, in the form that was asked for. */
final class Answers
{
    private const AGAIN_SECONDS = 30;

    private const BUSY_SECONDS = 2;

    /** Letters of a refusal. */
    private const LONGEST = 600;

    public static function refusal(Refusal $problem, Request $request): Response
    {
        $status = $problem instanceof Outdated ? 409 : 422;
        // What was wrong may be as long as what came.
        $said = mb_strimwidth(mb_scrub($problem->getMessage()), 0, self::LONGEST, '…');
        if ($request->expectsJson()) {
            return response()->json(['message' => $said], $status);
        }

        // A page that cannot be shown would only be asked for again.
        return $request->isMethod('GET') && ! self::isAskedFromAPage($request) || $problem instanceof WrongValue
            ? self::page($status, 'That cannot be done', $said)
            : back()->withInput($request->except(['password', 'current', 'again']))->with('problem', $said);
    }

    public static function toolFailed(ToolFailed $problem, Request $request): Response
    {
        if ($problem->failure === Failure::NoRoom) {
            return self::noRoom($request);
        }

        return $request->expectsJson()
            ? response()->json(['message' => $problem->getMessage()], 503)
            : self::page(503, 'That did not work', $problem->getMessage());
    }

    /** Nothing was changed, as others were changing something: a page asks again by itself. */
    public static function busy(Request $request): Response
    {
        $headers = ['Retry-After' => (string) self::BUSY_SECONDS, 'X-Nothing-Done' => '1'];
        if ($request->expectsJson()) {
            return response()->json(['message' => Busy::SENTENCE], 503, $headers);
        }
        $answer = self::page(503, 'Not at this moment', Busy::SENTENCE);
        $answer->headers->add($headers);

        return $answer;
    }

    public static function nothingHere(Request $request): Response
    {
        $said = 'There is nothing here, or not any more.';

        return $request->expectsJson()
            ? response()->json(['message' => $said], 404)
            : self::page(404, 'Nothing here', $said);
    }

    /** A link that lets nobody in: guessed, ended, withdrawn, or of a batch that is gone. Which it is is not told. */
    public static function noGuest(Request $request): Response
    {
        $said = 'This link does not lead anywhere, or not any more. Ask whoever sent it to you for another.';

        return $request->expectsJson()
            ? response()->json(['message' => $said], 403)
            : response()->view('review.closed', ['said' => $said], 403);
    }

    /** Asked for by a name that is not ours: needs nothing that would ask for that name again. */
    public static function strangeHost(): Response
    {
        return response(
            '<!doctype html><html lang="en"><meta charset="utf-8"><title>Another name · Rapid Reel</title>'
                .'<h1>Rapid Reel is not known by this name</h1><p>Open it by the address that it was started with. '
                .'Whoever runs it can let it go by others: REEL_HOSTS, with commas between.</p></html>',
            400,
        );
    }

    public static function expired(Request $request): Response
    {
        if (app(DiskRoom::class)->isShort()) {
            return self::noRoom($request);
        }
        $said = 'This page was open for too long, or you were signed out meanwhile. Reload it.';

        return $request->expectsJson()
            ? response()->json(['message' => $said], 419)
            : self::page(419, 'Open for too long', $said);
    }

    public static function tooLarge(Request $request): Response
    {
        $said = 'That is more than can be uploaded at once. Upload fewer or smaller files.';

        return $request->expectsJson()
            ? response()->json(['message' => $said], 413)
            : back()->with('problem', $said);
    }

    /** While nothing can be written: needs no file, no session and no database. */
    public static function noRoom(Request $request): Response
    {
        $said = app(DiskRoom::class)->sentence();
        $headers = ['Retry-After' => (string) self::AGAIN_SECONDS];
        if ($request->expectsJson()) {
            return response()->json(['message' => $said], 507, $headers);
        }

        return response(sprintf(
            '<!doctype html><html lang="en"><meta charset="utf-8"><title>No room · Rapid Reel</title>'
                .'<h1>What you asked for was not kept</h1><p>%s</p><p><a href="%s">Try again</a></p></html>',
            e($said),
            e($request->isMethod('GET') ? $request->fullUrl() : url('/')),
        ), 507, $headers);
    }

    /** A download that is refused is told on the page that it was asked from. */
    private static function isAskedFromAPage(Request $request): bool
    {
        $from = (string) $request->headers->get('referer');

        return $from !== '' && strtok($from, '?') !== $request->url();
    }

    private static function page(int $status, string $title, string $said): Response
    {
        return response()->view('problem', ['title' => $title, 'said' => $said], $status);
    }
}
