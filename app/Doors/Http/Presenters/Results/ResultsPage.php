<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Results;

use App\Desks\Outbox\Outbox;
use App\Desks\Outbox\OutletDesk;
use App\Desks\Results\ChannelResults;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Results\Factor;
use RapidReel\Making\Publish\Results\Group;
use RapidReel\Making\Publish\Results\Rate;
use RapidReel\Making\Publish\Results\WhatWorks;
use RapidReel\Making\Publish\Schedule\WallClock;

/** What posts of a channel brought, and what works. */
final readonly class ResultsPage
{
    private const DAYS = 28;

    private const MOST_GROUPS = 8;

    public function __construct(
        private ChannelResults $results,
        private Outbox $outbox,
    ) {
    }

    /**
     * @param  string  $rate  what-if: what 1,000 views would bring
     *
     * @throws Refusal where that is no rate
     */
    public function of(Channel $channel, ?Outlet $outlet, string $rate): ResultsPageView
    {
        $posts = $this->results->posts($channel, $outlet);
        $works = $this->results->works($posts);
        $clock = $this->outbox->clock($channel);
        $outlets = OutletDesk::of($channel);

        return new ResultsPageView(
            $channel, $outlets, $outlet,
            array_values($posts->map(static fn (Post $post): PostLine => self::line($post, $clock))->all()),
            new WorksView($works->all(), self::factors($works), $works->variants()),
            self::days($posts, $clock),
            $rate === '' ? null : Rate::read($rate, ($outlet ?? $outlets[0] ?? null)->currency ?? 'USD'),
        );
    }

    private static function line(Post $post, WallClock $clock): PostLine
    {
        $series = $post->series();

        return new PostLine(
            $post, $series->last(),
            $series->viewsAt((int) $post->posted_at, ChannelResults::AGE_DAYS * 86_400), $series->fell(),
            $post->outlet->pays(),
            $clock->local((new DateTimeImmutable('@0'))->setTimestamp((int) $post->posted_at)),
        );
    }

    /** @return array<string, list<GroupBar>> by label; factors of which nothing is known are left out */
    private static function factors(WhatWorks $works): array
    {
        $factors = [];
        foreach (Factor::cases() as $factor) {
            $groups = array_slice($works->by($factor), 0, self::MOST_GROUPS);
            // Where all are alike there is nothing to compare; of hooks each is its own.
            if (count($groups) < 2 || ($factor === Factor::Hook && max(array_map(
                static fn (Group $one): int => $one->spread->count, $groups,
            )) < 2)) {
                continue;
            }
            $most = max(array_map(static fn (Group $one): float => $one->spread->sure->to, $groups));
            $factors[$factor->label()] = array_map(
                static fn (Group $one): GroupBar => new GroupBar($one, $most), $groups,
            );
        }

        return $factors;
    }

    /**
     * Views that came on each of the last days, over all posts.
     *
     * @param  Collection<int, Post>  $posts
     * @return array<string, int>
     */
    private static function days(Collection $posts, WallClock $clock): array
    {
        $days = $told = [];
        foreach ($posts as $post) {
            $told[$post->id] = $post->series();
        }
        $now = now()->toDateTimeImmutable();
        for ($ago = self::DAYS - 1; $ago >= 0; $ago--) {
            $day = $clock->day($now->modify("-$ago days"));
            [$from, $to] = [$clock->moment("$day 00:00")->getTimestamp(), min(
                $now->getTimestamp(), $clock->moment("$day 23:59")->getTimestamp() + 60,
            )];
            $days[$day] = 0;
            foreach ($posts as $post) {
                $series = $told[$post->id];
                $posted = (int) $post->posted_at;
                $last = $series->last();
                if ($last === null || $posted >= $to) {
                    continue;
                }
                $until = $series->viewsAt($posted, $to - $posted) ?? $last->views;
                $before = $posted >= $from ? 0 : $series->viewsAt($posted, $from - $posted) ?? $last->views;
                $days[$day] += max(0, $until - $before);
            }
        }

        return $days;
    }
}
