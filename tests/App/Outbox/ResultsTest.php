<?php

declare(strict_types=1);

namespace Tests\App\Outbox;

use App\Desks\Outbox\CalendarFile;
use App\Desks\Outbox\OutletDesk;
use App\Desks\Results\BestFirst;
use App\Desks\Results\ResultsDesk;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use App\Shelves\Models\ResultPoint;
use App\Shelves\Models\Short;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use RapidReel\Making\Publish\Results\Point;
use Symfony\Component\Process\Process;

/** What posts brought: read from tables, told as it is, used for what comes next. */
final class ResultsTest extends OutboxCase
{
    private function left(Short $short, Outlet $outlet, int $daysAgo, string $shape = 'Question'): Post
    {
        $at = now()->subDays($daysAgo)->getTimestamp();

        return Post::query()->create([
            'short_id' => $short->id, 'outlet_id' => $outlet->id, 'key' => (string) Str::uuid(),
            'state' => PostState::Posted, 'posted_at' => $at, 'remote' => "v$short->id", 'due_at' => $at,
            'local' => '2026-11-01 08:00', 'traits' => ['hook-shape' => [$shape]],
        ]);
    }

    /** @param  list<array{int, int}>  $points  days after it was posted, and views */
    private static function told(Post $post, array $points): void
    {
        ResultsDesk::keep(array_map(static fn (array $one): array => ResultsDesk::row($post->id, new Point(
            (int) $post->posted_at + 86_400 * $one[0], $one[1],
        ), ResultsDesk::SERVICE), $points));
    }

    /** @param  array<string, mixed>  $more */
    private function taken(string $csv, array $more = []): string
    {
        $answer = $this->post('/results/table', [
            'table' => UploadedFile::fake()->createWithContent('t.csv', $csv), ...$more,
        ]);

        return (string) ($answer->baseResponse->isRedirect() ? session('saved') : $answer->getContent());
    }

    public function test_ten_thousand_rows_of_which_half_are_unknown_are_taken_in_once(): void
    {
        $outlet = app(OutletDesk::class)->add($this->channel(), 'here', '');
        $batch = $this->made("# One\nThe lamp burned.\n---\n# Two\nThe bell rang.");
        [$one, $two] = array_map(fn (Short $short): Post => $this->left($short, $outlet, 5_100), $batch->shorts->all());
        $csv = "id;views;day\n";
        for ($row = 0; $row < 10_000; $row++) {
            $csv .= ($row % 2 === 0 ? ($row % 4 === 0 ? $one->remote : $two->remote) : "unknown-$row").";$row;"
                .now()->subDays(5_001 - intdiv($row, 2))->format('Y-m-d')."\n";
        }
        self::assertStringContainsString('What its columns mean', $this->taken($csv));
        $columns = ['columns' => ['id', 'views', 'date']];
        $said = $this->taken($csv, $columns);
        self::assertStringContainsString('5,000 rows were imported. 5,000 of shorts that were not posted here.', $said);
        self::assertSame(5_000, ResultPoint::query()->count());
        self::assertSame(9_996, $one->series()->last()?->views);
        $this->taken($csv, $columns);
        self::assertSame(5_000, ResultPoint::query()->count(), 'Taken in twice it is there once.');
        self::assertStringContainsString('selected', $this->taken($csv), 'Its columns are known now.');
        self::assertStringContainsString('no table', (string) $this->followingRedirects()->post('/results/table', [
            'table' => UploadedFile::fake()->createWithContent('t.csv', 'nothing'),
        ], ['Referer' => url('/results')])->getContent());
    }

    public function test_views_that_fall_and_posts_that_are_young_are_told_and_counted_as_they_are(): void
    {
        $outlet = app(OutletDesk::class)->add($this->channel(), 'here', '');
        app(OutletDesk::class)->change($outlet, ['rate' => '0.50']);
        $batch = $this->made("# Old <b>one</b>\nThe lamp burned.\n---\n# Young\nThe bell rang.");
        [$old, $young] = $batch->shorts->all();
        self::told($this->left($old, $outlet, 20), [[1, 4_000], [8, 9_000], [10, 8_500]]);
        self::told($this->left($young, $outlet, 2), [[1, 500]]);
        $this->get('/results')->assertOk()->assertSee('2 posted · 9,000 views · USD 4.50')
            ->assertSee('views were taken back there')->assertSee('too young')->assertSee('8,286')
            ->assertDontSee('<b>one</b>', false);
        $this->get('/results?rate=20')->assertOk()->assertSee('it would be USD 180.00');
        $this->get('/results?rate=lots')->assertStatus(422);
    }

    public function test_what_is_likely_to_be_watched_more_comes_first(): void
    {
        $outlet = app(OutletDesk::class)->add($this->channel(), 'here', '');
        $past = $this->made(implode("\n---\n", array_map(
            static fn (int $i): string => "# P$i\nThe lamp number $i burned.", range(1, 12),
        )));
        foreach ($past->shorts as $i => $short) {
            self::told(
                $this->left($short, $outlet, 30, $i % 2 === 0 ? 'Question' : 'None of these'),
                [[7, $i % 2 === 0 ? 5_000 + $i : 900 + $i], [9, 6_000]],
            );
        }
        $next = $this->made("# Plain\nThe lamp burned all night.\n---\n# Asks\nWhy did the lamp burn all night?",
            name: 'Next');
        $shorts = array_values($next->shorts()->with('scenes')->get()->each(
            static fn (Short $one) => $one->setRelation('batch', $next),
        )->all());
        self::assertSame(['Asks', 'Plain'], array_map(
            static fn (Short $short): string => $short->title, app(BestFirst::class)->of($this->channel(), $shorts),
        ));
        $this->get('/results')->assertOk()->assertSee('better than the rest');
    }

    public function test_batches_are_dealt_and_results_told_by_the_command_line(): void
    {
        $outlet = app(OutletDesk::class)->add($this->channel(), 'here', 'Shed');
        $batch = $this->made("# One\nThe lamp burned.\n---\n# Two\nThe bell rang.");
        $run = function (string ...$arguments): array {
            $process = $this->begun(...$arguments);
            $process->wait();

            return [$process->getExitCode(), json_decode($process->getOutput(), true), $process->getErrorOutput()];
        };
        [$exit, $told] = $run(
            'reel:schedule', "--batch=$batch->id", '--outlet=shed', '--from=2031-03-01', "--ics=$this->kept/out.ics",
        );
        self::assertSame([0, 2], [$exit, $told['dealt']]);
        self::assertSame(['2031-03-01 18:00', '2031-03-02 18:00'], array_column($told['posts'], 'at'));
        self::assertStringContainsString('BEGIN:VCALENDAR', (string) file_get_contents("$this->kept/out.ics"));
        [$exit, , $said] = $run('reel:schedule', "--batch=$batch->id", '--outlet=barn');
        self::assertSame(1, $exit);
        self::assertStringContainsString('There is no outlet “barn”', $said);

        Post::query()->delete();
        $post = $this->left($batch->shorts->firstOrFail(), $outlet, 9);
        file_put_contents("$this->kept/r.csv", "id,views,likes\n$post->remote,\"1,200\",40\nnobody,1,1\n");
        [$exit, $told, $said] = $run('reel:results', "--csv=$this->kept/r.csv");
        self::assertSame([0, 1_200, 40], [$exit, $told['posts'][0]['views'], $told['posts'][0]['likes']]);
        self::assertStringContainsString('1 of shorts that were not posted here', $said);
        $this->get('/results')->assertOk()->assertSee('3.3 % (2.5–4.5)');
    }

    public function test_the_calendar_is_read_by_another_parser(): void
    {
        $outlet = app(OutletDesk::class)->add($this->channel(), 'here', '');
        $batch = $this->made("# Comma, semicolon; and\\backslash\nThe lamp burned.");
        $post = $this->left($batch->shorts->firstOrFail(), $outlet, 0);
        file_put_contents("$this->kept/c.ics", CalendarFile::of($this->channel()));
        $read = new Process(['node', 'tests/Standards/calendar.mjs', "$this->kept/c.ics"], base_path());
        [$event] = json_decode($read->mustRun()->getOutput(), true);
        self::assertSame("$post->key@rapid-reel", $event['uid']);
        self::assertSame($batch->shorts->firstOrFail()->title, $event['summary']);
        self::assertSame(gmdate('Y-m-d\TH:i:s.000\Z', (int) $post->due_at), $event['start']);
        self::assertTrue($event['stamp']);
    }
}
