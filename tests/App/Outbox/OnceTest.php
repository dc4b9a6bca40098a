<?php

declare(strict_types=1);

namespace Tests\App\Outbox;

use App\Desks\Outbox\DuePosts;
use App\Desks\Outbox\Outbox;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/** Every short is posted exactly once, whatever the service does and whoever is killed over it. */
final class OnceTest extends OutboxCase
{
    /** REEL_POSTS=1000 has as many as the outlet of a year. */
    private static function many(): int
    {
        return (int) (getenv('REEL_POSTS') ?: 60);
    }

    public function test_many_posts_leave_once_each_though_one_answer_in_five_fails_and_workers_are_killed(): void
    {
        $outlet = $this->service(
            ['REEL_SERVICE_FAULTS' => '0.2', 'REEL_SERVICE_HANGS' => '3', 'REEL_SERVICE_A_MINUTE' => '1000000'],
            ['timeout' => 1],
        );
        $short = $this->finished()->shorts->firstOrFail();
        $this->copied($short, $outlet, self::many());

        $workers = [];
        $until = hrtime(true) + 1_000_000_000 * (60 + 2 * self::many());
        mt_srand(7);
        do {
            $workers = array_filter($workers, static fn (Process $one): bool => $one->isRunning());
            while (count($workers) < 2) {
                $workers[] = $this->begun('reel:publish', '--due');
            }
            usleep(mt_rand(500_000, 2_500_000));
            // Killed in the middle of anything, one of two times.
            if (mt_rand(0, 1) === 0) {
                $workers[array_rand($workers)]->stop(0, SIGKILL);
            }
            // What waits is not waited for here, and what was stopped is tried again by hand.
            Outlet::query()->update(['rest_until' => 0]);
            Post::query()->where('state', PostState::Waiting)->update(['next_at' => null]);
            Post::query()->where('state', PostState::Stopped)->update(['state' => PostState::Planned, 'tries' => 0]);
            $open = Post::query()->where('state', '!=', PostState::Posted)->count();
        } while ($open > 0 && hrtime(true) < $until);
        array_map(static fn (Process $one) => $one->stop(0, SIGKILL), $workers);

        self::assertSame(0, $open, (string) Post::query()->where('state', '!=', PostState::Posted)->value('problem'));
        $there = $this->posted();
        self::assertCount(self::many(), $there, 'As many there as left.');
        self::assertSame([1], array_values(array_unique(array_map(intval(...), array_column($there, 'times')))));
        self::assertEqualsCanonicalizing(
            Post::query()->pluck('key')->all(), array_column($there, 'key'), 'Each is one of ours.',
        );
        self::assertEqualsCanonicalizing(Post::query()->pluck('remote')->all(), array_column($there, 'id'));
        self::assertSame(['public'], array_values(array_unique(array_column($there, 'state'))));
    }

    public function test_clocks_that_are_set_back_and_zones_that_change_post_nothing_twice_and_lose_nothing(): void
    {
        $outlet = $this->service();
        $batch = $this->finished("# One\nThe lamp burned all night.\n---\n# Two\nThe bell rang at noon.");
        $outbox = app(Outbox::class);
        Carbon::setTestNow('2026-12-01 12:00:00');
        $outbox->deal(array_values($batch->shorts->all()), [$outlet->refresh()]);
        self::assertSame(['2026-12-01 18:00', '2026-12-02 18:00'], Post::query()->orderBy('id')->pluck('local')->all());

        // The hours stay on the wall: at another zone they are other moments.
        $this->setting('channel', $this->channel()->id, 'zone', 'America/New_York')->assertOk();
        self::assertSame([], app(DuePosts::class)->ids());
        self::assertSame(
            '2026-12-01T23:00:00+00:00', Post::query()->orderBy('id')->firstOrFail()->dueAt()?->format(DATE_ATOM),
        );
        self::assertSame([], app(DuePosts::class)->ids());
        Carbon::setTestNow('2026-12-01 23:00:01');
        self::assertCount(1, app(DuePosts::class)->ids());
        $this->artisan('reel:publish', ['--due' => true]);
        self::assertSame(['posted', 'planned'], self::states());

        Carbon::setTestNow('2026-11-30 12:00:00');
        self::assertSame([], app(DuePosts::class)->ids(), 'A day back nothing is due once more.');
        Post::query()->where('state', PostState::Planned)->update([
            'state' => PostState::Waiting, 'next_at' => Carbon::parse('2026-12-05')->getTimestamp(),
        ]);
        Carbon::setTestNow('2026-11-25 12:00:00');
        self::assertCount(1, app(DuePosts::class)->ids(), 'What waits is not held up by days that never come.');
        Carbon::setTestNow();
        $this->artisan('reel:publish', ['--due' => true]);
        self::assertSame(['posted', 'posted'], self::states());
        self::assertCount(2, $this->posted());
    }

    public function test_what_missed_its_hour_is_posted_late_or_asks_first(): void
    {
        $outlet = $this->service();
        $batch = $this->finished();
        $post = app(Outbox::class)->post($batch->shorts->firstOrFail(), $outlet);
        $post->update(['state' => PostState::Planned, 'local' => '2026-11-01 08:00',
            'due_at' => now()->getTimestamp() - 7_200]);
        $this->setting('channel', $this->channel()->id, 'late', 'ask')->assertOk();
        self::assertSame([], app(DuePosts::class)->ids());
        self::assertSame(['late'], self::states());
        $this->postJson("/posts/$post->id", ['do' => 'now'])->assertOk();
        $this->work(...['--queue' => 'posts']);
        self::assertSame(['posted'], self::states());
        self::assertSame(0, DB::table('failed_jobs')->count());
    }

    /** @return list<string> */
    private static function states(): array
    {
        return Post::query()->orderBy('id')->get()->map(static fn (Post $post): string => $post->state->value)->all();
    }
}
