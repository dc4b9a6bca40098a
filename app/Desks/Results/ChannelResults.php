<?php

declare(strict_types=1);

namespace App\Desks\Results;

use App\Shelves\Models\Channel;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use Illuminate\Database\Eloquent\Collection;
use RapidReel\Making\Publish\Results\Seen;
use RapidReel\Making\Publish\Results\WhatWorks;

/** What the posts of a channel brought, as it can be compared: each at the same age. */
final readonly class ChannelResults
{
    /** Most of what a short brings comes within a week (common practice, no published source). */
    public const AGE_DAYS = 7;

    /**
     * @param  Outlet|null  $outlet  of one outlet alone
     * @return Collection<int, Post> with what was told of them, the last first
     */
    public function posts(Channel $channel, ?Outlet $outlet = null): Collection
    {
        return Post::query()->where('state', PostState::Posted)
            ->whereIn('outlet_id', $outlet === null ? $channel->its(Outlet::class)->select('id') : [$outlet->id])
            ->with(['points', 'outlet', 'short' => static fn ($short) => $short->withTrashed()->select([
                'id', 'batch_id', 'number', 'title', 'variant_of', 'deleted_at',
            ])])->orderByDesc('posted_at')->get();
    }

    /** @param  Collection<int, Post>  $posts */
    public function works(Collection $posts): WhatWorks
    {
        $seen = [];
        // Whose script has variants: a short that others try in another way is one of them.
        $parents = array_flip(array_filter(
            $posts->map(static fn (Post $post): ?int => $post->short->variant_of)->all(),
        ));
        foreach ($posts as $post) {
            $views = $post->series()->viewsAt((int) $post->posted_at, self::AGE_DAYS * 86_400);
            if ($views !== null) {
                $seen[] = new Seen(
                    $post->id, $post->short->title, $views, $post->traits ?? [],
                    $post->short->variant_of ?? (isset($parents[$post->short_id]) ? $post->short_id : null),
                );
            }
        }

        return new WhatWorks($seen);
    }
}
