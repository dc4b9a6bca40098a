<?php

declare(strict_types=1);

namespace Tests\App\Outbox;

use App\Desks\Outbox\Outbox;
use App\Desks\Outbox\OutletDesk;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Csv;

/** Texts, covers, days and what stands against leaving, by the pages and by the command line. */
final class OutboxTest extends OutboxCase
{
    private function folder(): Outlet
    {
        return app(OutletDesk::class)->add($this->channel(), 'here', '');
    }

    private function postOf(Batch $batch, Outlet $outlet): Post
    {
        return app(Outbox::class)->known($batch->shorts->firstOrFail(), $outlet);
    }

    /** @return list<string> names of what stands in the folder, without their keys */
    private function there(): array
    {
        $files = glob("$this->kept/folder/*/*") ?: [];
        sort($files);

        return array_map(static fn (string $file): string => (string) preg_replace(
            '/-[0-9a-f]{8}(?=\.)/', '', basename($file),
        ), $files);
    }

    public function test_a_short_goes_to_a_folder_with_its_texts_and_cover_once_and_again_by_hand_alone(): void
    {
        $outlet = $this->folder();
        $batch = $this->finished();
        $process = $this->begun('reel:publish', "--batch=$batch->id");
        $process->wait();
        $told = json_decode($process->getOutput(), true)['posts'][0];
        self::assertSame([0, 'posted'], [$process->getExitCode(), $told['state']], $process->getErrorOutput());
        self::assertSame(['01-lamp.jpg', '01-lamp.json', '01-lamp.mp4'], $this->there());
        $texts = json_decode((string) file_get_contents((glob("$this->kept/folder/*/*.json") ?: [''])[0]), true);
        self::assertSame('The lamp burned all night?', $texts['title']);
        self::assertContains('lamp', $texts['tags']);
        [$width, $height] = getimagesize((glob("$this->kept/folder/*/*.jpg") ?: [''])[0]) ?: [0, 0];
        self::assertSame([1080, 1920], [$width, $height]);

        $this->begun('reel:publish', "--batch=$batch->id")->wait();
        self::assertCount(3, $this->there(), 'It is there once.');
        $post = $this->postOf($batch, $outlet);
        $this->postJson("/posts/$post->id", ['do' => 'now'])->assertStatus(422);

        // Changed since, that is told; posted again it is a posting of its own.
        $this->setting('short', $batch->shorts->firstOrFail()->id, 'speed', 90)->assertOk();
        $this->work(...['--queue' => 'plans']);
        $this->get("/batches/$batch->id/outbox")->assertOk()->assertSee('changed since it was posted');
        $this->postJson("/posts/$post->id", ['do' => 'again'])->assertOk();
        $this->postJson("/posts/$post->id", ['do' => 'again'])->assertStatus(422);
        self::assertSame(2, Post::query()->count());
    }

    public function test_only_what_is_cleared_as_it_is_and_fits_may_leave(): void
    {
        $outlet = $this->folder();
        $batch = $this->finished();
        $short = $batch->shorts->firstOrFail();
        $this->setting('channel', $this->channel()->id, 'leaves', 'cleared')->assertOk();
        $says = function () use ($batch, $outlet): string {
            $this->postJson("/batches/$batch->id/outbox", ['do' => 'now', 'outlet' => $outlet->id])->assertOk();
            $this->work(...['--queue' => 'posts']);

            return (string) $this->postOf($batch, $outlet)->problem;
        };
        self::assertStringContainsString('not cleared as it is now', $says());
        $this->postJson("/batches/$batch->id/outbox", ['do' => 'clear'])->assertOk()
            ->assertJson(['said' => '1 short is cleared.']);
        $cells = [['short' => $short->id, 'field' => 'title', 'value' => str_repeat('Lamp ', 30)]];
        $write = fn (array $cells) => $this->postJson("/batches/$batch->id/outbox/cells", [
            'outlet' => $outlet->id, 'cells' => json_encode($cells),
        ]);
        $write($cells)->assertOk();
        self::assertStringContainsString('149 letters of at most 100', $says());
        $this->get("/batches/$batch->id/outbox")->assertSee('149 of 100')->assertSee('texts do not fit');
        $write([['short' => $short->id, 'field' => 'title', 'value' => null]])->assertOk();

        $file = $short->exports()->firstOrFail();
        $path = app(\App\Media\Store\MediaStore::class)->path($file->file('mp4'));
        rename($path, "$path.away");
        self::assertStringContainsString('deleted on the disk', $says());
        self::assertSame([], $this->there());
        rename("$path.away", $path);
        self::assertSame('', $says());
        self::assertCount(3, $this->there());
    }

    public function test_cells_are_written_together_or_not_at_all_and_a_table_goes_out_and_in(): void
    {
        $outlet = $this->folder();
        $batch = $this->made("# One\nThe lamp burned.\n---\n# Two\nThe bell rang.");
        [$one, $two] = $batch->shorts->all();
        $this->postJson("/batches/$batch->id/outbox/cells", ['outlet' => $outlet->id, 'cells' => json_encode([
            ['short' => $one->id, 'field' => 'title', 'value' => '=1+1'], ['short' => 999_999, 'field' => 'tags',
                'value' => 'x'],
        ])])->assertStatus(422);
        self::assertSame(0, Post::query()->count());

        $csv = (string) $this->get("/batches/$batch->id/outbox.csv?outlet=$outlet->id")->assertOk()->getContent();
        $rows = Csv::rows($csv);
        self::assertSame(['id', 'short', 'title', 'description', 'tags', 'language', 'when'], $rows[0]);
        $rows[1][2] = 'Another title';
        $rows[2][4] = 'bells, "harbours"';
        $rows[2][6] = '2030-05-01 08:30';
        $rows[] = ['short-999999', '', 'x', '', '', '', ''];
        $this->post("/batches/$batch->id/outbox.csv?outlet=$outlet->id", [
            'table' => UploadedFile::fake()->createWithContent('t.csv', Csv::write($rows)),
        ], ['Accept' => 'application/json'])->assertOk()->assertJson([
            'said' => 'Imported from the table: 2 cells and 1 hour. 1 row is of no short of this batch.',
        ]);
        self::assertSame(['title' => 'Another title'], Post::query()->where('short_id',
            $one->id)->firstOrFail()->listing);
        $second = Post::query()->where('short_id', $two->id)->firstOrFail();
        self::assertSame('2030-05-01 08:30', $second->local);
        self::assertSame(PostState::Planned, $second->state);
    }

    public function test_a_batch_is_dealt_over_days_and_moved_and_variants_stand_apart(): void
    {
        $outlet = $this->folder();
        app(OutletDesk::class)->change($outlet, ['hours' => '8, 18', 'per_day' => '2', 'days_off' => 'sun']);
        $batch = $this->made("# One\nThe lamp burned.\n---\n# Two\nThe bell rang.\n---\n# Three\nThe map was wrong.");
        [$one, $two, $three] = $batch->shorts->all();
        $two->update(['variant_of' => $one->id]);
        $this->postJson("/batches/$batch->id/outbox", ['do' => 'deal', 'outlet' => $outlet->id])->assertOk()
            ->assertJson(['said' => '3 shorts are scheduled.']);
        $posts = Post::query()->orderBy('due_at')->get();
        $day = static fn (int $short): string => substr((string) $posts->firstWhere('short_id', $short)?->local, 0, 10);
        self::assertNotSame($day($one->id), $day($two->id));
        self::assertSame(3, DB::table('exports')->where('quality', 'final')->count(), 'Each gets its file by then.');
        // A variant that is dealt later stands apart from one that stands there already.
        Post::query()->where('short_id', '!=', $one->id)->delete();
        $this->postJson("/batches/$batch->id/outbox", [
            'do' => 'deal', 'outlet' => $outlet->id, 'shorts' => [$two->id, $three->id],
        ])->assertOk()->assertJson(['said' => '2 shorts are scheduled.']);
        $posts = Post::query()->orderBy('due_at')->get();
        $days = $posts->pluck('local', 'short_id')->map(static fn (?string $at): string => substr((string) $at, 0, 10));
        self::assertNotSame($days[$one->id], $days[$two->id]);
        $this->postJson("/batches/$batch->id/outbox", ['do' => 'deal', 'outlet' => $outlet->id])->assertOk()
            ->assertJson(['said' => 'All of them are scheduled or posted already.']);
        $this->postJson("/posts/{$posts[0]?->id}", ['do' => 'move', 'at' => '2031-02-30 08:00'])->assertStatus(422);
        $this->postJson("/posts/{$posts[0]?->id}", ['do' => 'move', 'at' => '2031-02-28T08:00'])->assertOk();
        $this->get('/calendar?from=2031-02-24')->assertOk()->assertSee('08:00 One');
        $this->get('/calendar.ics')->assertOk()->assertSee('DTSTART:20310228T080000Z', false);
        $this->postJson("/batches/$batch->id/outbox", ['do' => 'unplan', 'outlet' => $outlet->id])->assertOk()
            ->assertJson(['said' => '3 shorts are no longer scheduled.']);
    }

    public function test_texts_and_days_are_undone_and_done_again_until_they_have_left(): void
    {
        $outlet = $this->folder();
        $batch = $this->made("# One\nThe lamp burned.\n---\n# Two\nThe bell rang.");
        [$one, $two] = $batch->shorts->all();
        $titled = static fn (string $value): array => ['outlet' => $outlet->id, 'cells' => json_encode([
            ['short' => $one->id, 'field' => 'title', 'value' => $value],
            ['short' => $two->id, 'field' => 'title', 'value' => $value],
        ])];
        $titles = static fn (): array => array_map(
            static fn (Post $post): mixed => $post->listing['title'] ?? null,
            Post::query()->orderBy('short_id')->get()->all(),
        );
        $days = static fn (): array => Post::query()->orderBy('short_id')->pluck('local')->all();
        $this->postJson("/batches/$batch->id/outbox/cells", $titled('A'))->assertOk();
        $this->postJson("/batches/$batch->id/outbox/cells", $titled('B'))->assertOk();
        $this->postJson("/batches/$batch->id/outbox", ['do' => 'deal', 'outlet' => $outlet->id])->assertOk();
        $dealt = $days();
        $first = Post::query()->where('short_id', $one->id)->firstOrFail();
        $this->postJson("/posts/$first->id", ['do' => 'move', 'at' => '2031-02-28 08:00'])->assertOk();
        $this->getJson("/batches/$batch->id/outbox/state")->assertOk()
            ->assertJson(['undo' => 'moved “One”', 'redo' => null]);

        $this->postJson('/calendar/undo')->assertOk()->assertJson(['said' => 'Undone: moved “One”.']);
        self::assertSame($dealt, $days());
        $this->postJson('/calendar/undo')->assertOk()->assertJson(['said' => 'Undone: scheduled 2 shorts.']);
        self::assertSame([[null, null], ['B', 'B']], [$days(), $titles()]);
        $this->postJson('/calendar/undo')->assertOk()->assertJson(['said' => 'Undone: edited the texts of 2 shorts.']);
        self::assertSame(['A', 'A'], $titles());
        $this->getJson('/calendar/state')->assertOk()->assertJson(['redo' => 'edited the texts of 2 shorts']);
        $this->postJson('/calendar/redo')->assertOk();
        $this->postJson('/calendar/redo')->assertOk();
        self::assertSame([$dealt, ['B', 'B']], [$days(), $titles()]);

        // What has left meanwhile stays as it left; the other goes back.
        Post::query()->where('short_id', $one->id)->update(['state' => PostState::Posted]);
        $this->postJson('/calendar/undo')->assertOk();
        self::assertSame([$dealt[0], null], $days());
        Post::query()->where('short_id', $two->id)->update(['state' => PostState::Sending]);
        $this->postJson('/calendar/undo')->assertStatus(422);
        self::assertSame(['B', 'B'], $titles());
    }

    public function test_a_table_with_one_bad_hour_changes_nothing(): void
    {
        $outlet = $this->folder();
        $batch = $this->made("# One\nThe lamp burned.\n---\n# Two\nThe bell rang.");
        $rows = Csv::rows((string) $this->get("/batches/$batch->id/outbox.csv?outlet=$outlet->id")->getContent());
        [$rows[1][2], $rows[1][6], $rows[2][6]] = ['Another title', '2030-05-01 08:30', '2030-02-31 08:30'];
        $this->post("/batches/$batch->id/outbox.csv?outlet=$outlet->id", [
            'table' => UploadedFile::fake()->createWithContent('t.csv', Csv::write($rows)),
        ], ['Accept' => 'application/json'])->assertStatus(422)->assertSee('2030-02-31', false);
        self::assertSame(0, Post::query()->count());
        $this->postJson('/calendar/undo')->assertStatus(422);
    }

    public function test_a_withdrawn_token_holds_all_posts_until_somebody_is_in_again(): void
    {
        $outlet = $this->service(['REEL_SERVICE_TOKEN_SECONDS' => '1']);
        $batch = $this->finished();
        // The token ends at once and is renewed by itself.
        usleep(1_200_000);
        $this->postJson("/batches/$batch->id/outbox", ['do' => 'now', 'outlet' => $outlet->id])->assertOk();
        DB::table('outlets')->update(['tokens' => DB::raw('tokens')]);
        $this->work(...['--queue' => 'posts']);
        self::assertNull($outlet->refresh()->problem);
        self::assertCount(1, $this->posted());
        self::assertStringNotContainsString('access', (string) DB::table('outlets')->value('tokens'),
            'Kept encrypted.');

        // Withdrawn there.
        @unlink("$this->kept/service/none");
        (new \PDO("sqlite:$this->kept/service/service.sqlite"))->exec('DELETE FROM tokens');
        $post = $this->postOf($batch, $outlet);
        $post->update(['state' => PostState::Planned, 'due_at' => now()->getTimestamp() - 5, 'posted_at' => null]);
        usleep(1_200_000);
        $this->artisan('reel:publish', ['--due' => true]);
        self::assertStringContainsString('Nobody is signed in', (string) $outlet->refresh()->problem);
        $this->get('/outlets')->assertOk()->assertSee('until somebody signs in');
        $this->artisan('reel:publish', ['--due' => true]);
        self::assertSame(PostState::Waiting, $post->refresh()->state);
        $this->signIn($outlet);
        $this->artisan('reel:publish', ['--due' => true]);
        self::assertSame(PostState::Posted, $post->refresh()->state);
        self::assertCount(1, $this->posted(), 'It was there, and is found.');
    }

    public function test_what_comes_back_from_nowhere_lets_nobody_in(): void
    {
        $outlet = $this->service();
        $tokens = $outlet->tokens;
        $this->get('/outlets/back?code=x&state=y', ['Referer' => url('/outlets')])->assertRedirect();
        $this->post("/outlets/$outlet->id/sign-in")->assertRedirect();
        $this->get('/outlets/back?code=x&state='.str_repeat('a', 32), ['Referer' => url('/outlets')])->assertRedirect();
        self::assertSame($tokens, $outlet->refresh()->tokens);
        $this->post('/outlets', ['place' => '../../etc', 'name' => 'x'])->assertRedirect()->assertSessionHas('problem');
        $this->put("/outlets/$outlet->id", ['name' => 'A', 'hours' => '99', 'per_day' => '1', 'rate' => '1',
            'currency' => 'USD'])->assertSessionHas('problem');
    }
}
