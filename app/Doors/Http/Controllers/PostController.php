<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Outbox\Covers;
use App\Desks\Outbox\Outbox;
use App\Shelves\Models\Export;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\Short;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Cover\ScoredCover;

/** One short at one outlet. */
final class PostController extends Controller
{
    public function act(Request $request, Post $post, Outbox $outbox): JsonResponse
    {
        return response()->json(['said' => match ($request->input('do')) {
            'now' => $this->said($outbox->postNow(...), $post, 'It leaves now.'),
            'unplan' => $this->said($outbox->unplan(...), $post, 'It is no longer scheduled.'),
            'again' => $this->said($outbox->again(...), $post,
                'It is in the outbox a second time, as a posting of its own.'),
            'move' => $this->said(
                fn (Post $one) => $outbox->move($one, str_replace('T', ' ', $this->text($request, 'at'))), $post,
                'It stands there now.',
            ),
            default => throw new Refusal('That cannot be done with a post.'),
        }]);
    }

    /** Which frames would make good covers. */
    public function covers(Short $short, Outlet $outlet, Covers $covers, Outbox $outbox): JsonResponse
    {
        $this->isOfOne($short, $outlet);
        $post = $outbox->known($short, $outlet);

        return response()->json([
            'covers' => array_map(static fn (ScoredCover $one): array => [
                'ms' => $one->ms, 'says' => $one->says(),
                'picture' => route('posts.picture', [$short, $outlet, 'ms' => $one->ms]),
            ], $covers->proposed($post, self::export($short))),
            'ms' => $post->cover['ms'] ?? null,
            'text' => $post->cover['text'] ?? '',
            'length' => (int) self::export($short)->duration_ms,
        ]);
    }

    public function choose(Request $request, Short $short, Outlet $outlet, Covers $covers, Outbox $outbox): JsonResponse
    {
        $this->isOfOne($short, $outlet);
        $post = $outbox->post($short, $outlet)->setRelation('short', $short)->setRelation('outlet', $outlet);
        $ms = filter_var($request->input('ms'), FILTER_VALIDATE_INT);
        $covers->choose($post, self::export($short), is_int($ms) ? $ms : 0, $this->text($request, 'text'));

        return response()->json(['said' => 'The cover is saved.']);
    }

    public function picture(Request $request, Short $short, Outlet $outlet, Covers $covers): Response
    {
        $this->isOfOne($short, $outlet);

        return response($covers->picture(
            $short, $outlet, self::export($short), $this->whole($request, 'ms'), $this->text($request, 'text'), 216,
        ), 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=600']);
    }

    private function isOfOne(Short $short, Outlet $outlet): void
    {
        abort_unless($short->batch->channel_id === $outlet->channel_id, 404);
    }

    /** @throws Refusal */
    private static function export(Short $short): Export
    {
        return $short->leaving()[0] ?? throw new Refusal('A cover is chosen from the finished file: export it first.');
    }

    /** @param  callable(Post): mixed  $act */
    private function said(callable $act, Post $post, string $said): string
    {
        $act($post);

        return $said;
    }
}
