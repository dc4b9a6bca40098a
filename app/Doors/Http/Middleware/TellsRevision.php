<?php

declare(strict_types=1);

namespace App\Doors\Http\Middleware;

use App\Desks\Editing\Seen;
use App\Shelves\Models\Reading;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Two windows on one short: a page sends the state it shows with every change, and every answer tells the state there
 * is now. A change that was made looking at an older one is refused, and what it tells is what changed.
 */
final readonly class TellsRevision
{
    public const HEADER = 'X-Seen';

    public function __construct(private Seen $seen)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $said = $request->header(self::HEADER);
        $this->seen->at(is_string($said) && ctype_digit($said) ? (int) $said : null);
        $response = $next($request);
        $id = self::short($request);
        // A page that is drawn says it in its own words.
        if ($id !== null && $response instanceof JsonResponse) {
            $revision = Short::withTrashed()->whereKey($id)->value('revision');
            $response->headers->set(self::HEADER, (string) $revision);
        }

        return $response;
    }

    private static function short(Request $request): ?int
    {
        $short = $request->route('short');
        $part = $request->route('scene') ?? $request->route('reading');

        return match (true) {
            $short instanceof Short => $short->id,
            $part instanceof Scene, $part instanceof Reading => $part->short_id,
            default => null,
        };
    }
}
