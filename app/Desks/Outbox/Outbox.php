<?php

declare(strict_types=1);

namespace App\Desks\Outbox;

use App\Desks\Exporting\ExportDesk;
use App\Ground\Work\Orders;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use App\Shelves\Models\Short;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Schedule\Dealer;
use RapidReel\Making\Publish\Schedule\Dealt;
use RapidReel\Making\Publish\Schedule\Waiting;
use RapidReel\Making\Publish\Schedule\WallClock;
use RapidReel\Making\Render\Quality;

/** What leaves when: dealt over the days, moved, taken out, tried again, posted at once. */
final readonly class Outbox
{
    public function __construct(
        private Resolver $resolver,
        private ExportDesk $exports,
        private Orders $orders,
        private OutboxEdits $edits,
    ) {
    }

    /** @throws Refusal */
    public function clock(Channel $channel): WallClock
    {
        return new WallClock($this->resolver->channel($channel)->text('zone'));
    }

    /** The last row of a short at an outlet; where there is none one that is not kept. */
    public function known(Short $short, Outlet $outlet): Post
    {
        $post = self::last($short->id, $outlet->id)
            ?? new Post(['short_id' => $short->id, 'outlet_id' => $outlet->id, 'state' => PostState::Open]);

        return $post->setRelation('short', $short)->setRelation('outlet', $outlet);
    }

    /** The row of a short at an outlet that is not posted yet, made where there is none. */
    public function post(Short $short, Outlet $outlet): Post
    {
        return DB::transaction(static function () use ($short, $outlet): Post {
            $last = self::last($short->id, $outlet->id);
            if ($last !== null && $last->state !== PostState::Posted) {
                return $last;
            }
            if ($last !== null) {
                throw new Refusal(
                    "“{$short->title}” was posted at “{$outlet->name}” already. Post it again there by hand.",
                );
            }

            return self::fresh($short->id, $outlet->id, 1);
        });
    }

    /**
     * Deals shorts over the days of each outlet; what stands on a day already stays, and what was posted is left out.
     *
     * @param  list<Short>  $shorts  the first gets the earliest hour
     * @param  list<Outlet>  $outlets
     * @return int how many were dealt
     *
     * @throws Refusal
     */
    public function deal(array $shorts, array $outlets, ?DateTimeImmutable $from = null): int
    {
        if ($outlets === []) {
            throw new Refusal('There is no outlet yet. Add one, and the shorts can be dealt over its days.');
        }

        $deal = function () use ($shorts, $outlets, $from): int {
            $count = 0;
            foreach ($outlets as $outlet) {
                $count += $this->stand($shorts, $outlet, $from);
            }
            $this->orderFiles($shorts);

            return $count;
        };

        return $this->edits->change($outlets[0]->channel, 'scheduled %s', $shorts, $outlets, $deal);
    }

    /**
     * The same at one outlet, and no file is ordered.
     *
     * @param  list<Short>  $shorts
     * @return int how many were dealt
     *
     * @throws Refusal
     */
    public function stand(array $shorts, Outlet $outlet, ?DateTimeImmutable $from = null): int
    {
        $after = max($from ?? now()->toDateTimeImmutable(), now()->toDateTimeImmutable());
        $shorts = array_values(array_filter($shorts, $outlet->takes(...)));

        return DB::transaction(function () use ($shorts, $outlet, $after): int {
            $count = 0;
            $posts = Post::query()->where('outlet_id', $outlet->id)->whereNotNull('local')
                ->whereNot('state', PostState::Open)->with('short')->get();
            // Those that stand there already are as much apart from the new ones as these are from each other.
            $all = $shorts;
            foreach ($posts as $post) {
                // One that was deleted meanwhile keeps its hour and is like none.
                if ($post->getRelation('short') instanceof Short) {
                    $all[] = $post->short;
                }
            }
            $waiting = self::apart($all);
            $standing = array_values(array_map(static fn (Post $post): Dealt => new Dealt(
                $waiting[$post->short_id] ?? new Waiting($post->short_id), (string) $post->local,
                $post->dueAt() ?? new DateTimeImmutable('@0'),
            ), $posts->all()));
            $ids = array_map(static fn (Short $one): int => $one->id, $shorts);
            $known = Post::query()->where('outlet_id', $outlet->id)->whereIn('short_id', $ids)
                ->whereNot('state', PostState::Open)->pluck('short_id')->flip()->all();
            $new = array_map(static fn (int $id): Waiting => $waiting[$id], array_values(array_filter(
                $ids, static fn (int $id): bool => ! isset($known[$id]),
            )));
            $clock = $this->clock($outlet->channel);
            $dealer = new Dealer($clock, $outlet->postHours());
            foreach ($dealer->deal($new, $after, $standing) as $dealt) {
                self::put($dealt, $outlet, $clock);
                $count++;
            }

            return $count;
        });
    }

    /**
     * To another hour.
     *
     * @param  string  $local  on the wall of the channel, Y-m-d H:i
     *
     * @throws Refusal
     */
    public function move(Post $post, string $local): void
    {
        $clock = $this->clock($post->outlet->channel);
        $moment = $clock->moment($local);
        $this->edits->change($post->outlet->channel, 'moved %s', [$post->short], [$post->outlet], fn () => $this->plan(
            $post, $clock, $local, $moment,
        ));
    }

    /** @throws Refusal where it has left */
    private function plan(Post $post, WallClock $clock, string $local, DateTimeImmutable $moment): void
    {
        $this->change($post, [
            'state' => PostState::Planned, 'local' => $local, 'zone' => $clock->name,
            'due_at' => $moment->getTimestamp(),
        ]);
    }

    /** @throws Refusal */
    public function unplan(Post $post): void
    {
        $this->edits->change(
            $post->outlet->channel,
            'unscheduled %s',
            [$post->short],
            [$post->outlet],
            fn () => $this->change($post, ['state' => PostState::Open, 'local' => null, 'due_at' => null]),
        );
    }

    /**
     * @param  list<Short>  $shorts
     * @return int how many stood on a day
     *
     * @throws Refusal
     */
    public function unplanAll(array $shorts, Outlet $outlet): int
    {
        $posts = Post::query()->where('outlet_id', $outlet->id)->whereIn('state', PostState::ahead())
            ->whereIn('short_id', array_map(static fn (Short $one): int => $one->id, $shorts))->get();

        return $this->edits->change($outlet->channel, 'unscheduled %s', $shorts, [$outlet], fn (): int => $posts->each(
            $this->unplan(...),
        )->count());
    }

    /**
     * At once, whatever its hour; also what was stopped or waits.
     *
     * @throws Refusal
     */
    public function postNow(Post $post): void
    {
        $now = now()->toDateTimeImmutable();
        $clock = $this->clock($post->outlet->channel);
        $this->plan($post, $clock, $clock->local($now), $now);
        $this->orderFiles([$post->short]);
        $this->orders->post($post->id);
    }

    /**
     * A short at once, unless it was posted there; what is on its way goes on.
     *
     * @throws Refusal
     */
    public function now(Short $short, Outlet $outlet): Post
    {
        $post = self::last($short->id, $outlet->id);
        if ($post !== null && ($post->state === PostState::Posted || $post->state->isAtWork())) {
            return $post;
        }
        $post ??= self::fresh($short->id, $outlet->id, 1);
        $this->postNow($post->setRelation('short', $short)->setRelation('outlet', $outlet));

        return $post;
    }

    /**
     * Once more, as a posting of its own: by hand alone.
     *
     * @throws Refusal
     */
    public function again(Post $post): Post
    {
        return DB::transaction(function () use ($post): Post {
            $last = self::last($post->short_id, $post->outlet_id) ?? $post;
            if ($last->state !== PostState::Posted) {
                throw new Refusal('It is in the outbox a second time already.');
            }
            $next = self::fresh($post->short_id, $post->outlet_id, $last->round + 1);
            $next->update(['listing' => $last->listing, 'cover' => $last->cover]);

            return $next;
        });
    }

    /**
     * Shorts, and which others each is not posted on one day with: much the same, or another hook for one script.
     *
     * @param  list<Short>  $shorts
     * @return array<int, Waiting> by id
     */
    private static function apart(array $shorts): array
    {
        $ids = array_map(static fn (Short $short): int => $short->id, $shorts);
        $apart = [];
        foreach (array_chunk($ids, 500) as $some) {
            foreach (DB::table('likenesses')->whereIn('short_id', $some)->get(['short_id', 'other_id']) as $pair) {
                $apart[(int) $pair->short_id][] = (int) $pair->other_id;
                $apart[(int) $pair->other_id][] = (int) $pair->short_id;
            }
        }
        $families = (new Collection($shorts))->unique('id')->groupBy(
            static fn (Short $short): int => $short->variant_of ?? $short->id,
        )->map(static fn ($family): array => $family->pluck('id')->all())->all();

        $waiting = [];
        foreach ($shorts as $short) {
            $waiting[$short->id] = new Waiting($short->id, array_values(array_filter(
                [...$apart[$short->id] ?? [], ...$families[$short->variant_of ?? $short->id] ?? []],
                static fn (int $id): bool => $id !== $short->id,
            )));
        }

        return $waiting;
    }

    private static function put(Dealt $dealt, Outlet $outlet, WallClock $clock): void
    {
        $post = Post::query()->where('short_id', $dealt->short->id)->where('outlet_id', $outlet->id)
            ->where('state', PostState::Open)->first() ?? self::fresh($dealt->short->id, $outlet->id, 1);
        $post->update([
            'state' => PostState::Planned, 'local' => $dealt->local, 'due_at' => $dealt->moment->getTimestamp(),
            'zone' => $clock->name,
        ]);
    }

    /**
     * What is to leave has a finished file, or gets one.
     *
     * @param  list<Short>  $shorts
     */
    private function orderFiles(array $shorts): void
    {
        foreach ($shorts as $short) {
            $file = $short->fileOfNow();
            if ($file === null || $file->quality !== Quality::Final) {
                $this->exports->order($short, Quality::Final);
            }
        }
    }

    /**
     * @param  array<string, mixed>  $values
     *
     * @throws Refusal where it has left
     */
    private function change(Post $post, array $values): void
    {
        if (! Post::begunAnew($post->id, Post::raw($values))) {
            throw new Refusal('This short has left, or is leaving at this moment.');
        }
        $post->refresh();
    }

    /** Of a short at an outlet; what was posted again by hand stands behind what was before. */
    private static function last(int $short, int $outlet): ?Post
    {
        return Post::query()->where('short_id', $short)->where('outlet_id', $outlet)->orderByDesc('round')->first();
    }

    private static function fresh(int $short, int $outlet, int $round): Post
    {
        return Post::query()->create([
            'short_id' => $short, 'outlet_id' => $outlet, 'round' => $round, 'key' => (string) Str::uuid(),
            'state' => PostState::Open,
        ]);
    }
}
