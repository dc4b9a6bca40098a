<?php

declare(strict_types=1);

namespace App\Desks\Outbox;

use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use Illuminate\Database\Eloquent\Builder;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Sending\Patience;
use RapidReel\Plan\Settings\OutboxSettings;

/** What is to leave by now. */
final readonly class DuePosts
{
    /** So much later than its hour something missed it. */
    public const GRACE = 3_600;

    public function __construct(
        private Resolver $resolver,
        private Outbox $outbox,
    ) {
    }

    /**
     * Those whose time has come, the earliest first. A clock that was set back holds nothing up for longer than the
     * longest wait there is.
     *
     * @return list<int> ids of posts
     *
     * @throws Refusal
     */
    public function ids(): array
    {
        $now = now()->getTimestamp();
        $this->settleZones();
        $this->askOfLate($now);

        return array_values(array_map(intval(...), Post::query()
            ->whereIn('outlet_id', Outlet::query()->select('id')->where('held', false)->whereNull('problem')
                ->where(static fn (Builder $rest) => $rest->where('rest_until', '<=', $now)
                    ->orWhere('rest_until', '>', $now + Patience::MOST_ASKED)))
            ->where(static fn (Builder $due) => $due
                ->where(static fn (Builder $planned) => $planned->where('state', PostState::Planned)
                    ->where('due_at', '<=', $now))
                ->orWhere('state', PostState::Sending)
                ->orWhere(static fn (Builder $again) => $again
                    ->whereIn('state', [PostState::Waiting, PostState::Processing])
                    ->where(static fn (Builder $when) => $when->whereNull('next_at')->orWhere('next_at', '<=', $now)
                        ->orWhere('next_at', '>', $now + Patience::MOST_ASKED))))
            ->orderBy('due_at')->orderBy('id')->pluck('id')->all()));
    }

    /**
     * Hours stay on the wall: where a channel goes by another zone now, they are other moments.
     *
     * @throws Refusal
     */
    private function settleZones(): void
    {
        foreach (Outlet::query()->with('channel')->whereHas('posts', static fn (Builder $posts) => $posts
            ->where('state', PostState::Planned))->get() as $outlet) {
            $clock = $this->outbox->clock($outlet->channel);
            foreach (Post::query()->where('outlet_id', $outlet->id)->where('state', PostState::Planned)
                ->whereNotNull('local')->where('zone', '!=', $clock->name)->get() as $post) {
                Post::query()->whereKey($post->id)->where('state', PostState::Planned)->where('local', $post->local)
                    ->update([
                        'due_at' => $clock->moment((string) $post->local)->getTimestamp(), 'zone' => $clock->name,
                    ]);
            }
        }
    }

    /**
     * Where that is set, whatever missed its hour waits for somebody to say what becomes of it.
     *
     * @throws Refusal
     */
    private function askOfLate(int $now): void
    {
        $late = Post::query()->where('state', PostState::Planned)->where('due_at', '<=', $now - self::GRACE)
            ->with('outlet.channel')->get();
        foreach ($late as $post) {
            if ($this->resolver->channel($post->outlet->channel)->text('late') === OutboxSettings::ASK) {
                Post::query()->whereKey($post->id)->where('state', PostState::Planned)->update([
                    'state' => PostState::Late, 'problem' => 'Its hour went by while nothing was posted.',
                ]);
            }
        }
    }
}
