<?php

declare(strict_types=1);

namespace App\Http;

use App\Work\DiskRoom;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What is answered while nothing can be written: a page that needs no file, no session and no database. */
final class NoRoomAnswer
{
    private const AGAIN_SECONDS = 30;

    public static function to(Request $request): Response|JsonResponse
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
}
