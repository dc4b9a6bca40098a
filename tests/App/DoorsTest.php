<?php

declare(strict_types=1);

namespace Tests\App;

use App\Shelves\Library\FootageImporter;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Shot;
use App\Shelves\Models\User;
use Illuminate\Database\Eloquent\MassAssignmentException;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

/** What comes in over HTTP reaches what is meant and nothing else, and is told in a sentence where it is wrong. */
final class DoorsTest extends AppTestCase
{
    public function test_a_host_that_is_not_ours_is_answered_by_nobody_in_any_environment(): void
    {
        foreach (['local', 'testing', 'production'] as $environment) {
            app()->detectEnvironment(static fn (): string => $environment);
            $this->get('http://evil.example/sign-in')->assertStatus(400)->assertSee('REEL_HOSTS');
            $this->get('http://localhost/sign-in')->assertOk();
        }
        app()->detectEnvironment(static fn (): string => 'testing');
    }

    public function test_back_is_only_ever_to_a_page_of_ours(): void
    {
        $this->actingAs($this->user());
        $own = (string) config('app.url');
        foreach ([
            'http://evil.example/x' => $own, "$own.evil.example/" => $own, "$own@evil.example/" => $own,
            '//evil.example' => $own, "$own/house" => "$own/house",
        ] as $from => $back) {
            $this->flushSession()->actingAs($this->user());
            $this->post('/house/tables', [], ['Referer' => $from])->assertRedirect($back);
        }
    }

    public function test_behind_a_proxy_that_is_known_each_caller_is_slowed_for_himself(): void
    {
        $try = fn (string $for, string $email): string => (string) $this
            ->withServerVariables(['REMOTE_ADDR' => '10.0.0.7', 'HTTP_X_FORWARDED_FOR' => $for])
            ->postJson('/sign-in', ['email' => $email, 'password' => 'wrong'])->json('message');
        config(['reel.proxies' => '10.0.0.0/8']);
        for ($i = 0; $i < 31; $i++) {
            $last = $try('203.0.113.5', "guess$i@lamplight.example");
        }
        self::assertStringContainsString('Too many tries', $last);
        self::assertStringContainsString('do not belong together', $try('203.0.113.6', 'keeper@lamplight.example'));
        // Who is no proxy is not believed for whom he asks.
        config(['reel.proxies' => '*']);
        app('cache')->flush();
        for ($i = 0; $i < 31; $i++) {
            $last = $try("198.51.100.$i", "guess$i@lamplight.example");
        }
        self::assertStringContainsString('Too many tries', $last);
    }

    public function test_a_password_is_changed_by_json_too_and_whoever_changes_it_stays_signed_in(): void
    {
        $user = $this->user();
        $this->post('/sign-in', ['email' => $user->email, 'password' => 'lamplight'])->assertRedirect('/');
        $this->get('/house')->assertOk();
        $answer = $this->putJson('/password', [
            'current' => 'lamplight', 'password' => 'a longer lamp', 'again' => 'a longer lamp',
        ]);
        self::assertTrue(Hash::check('a longer lamp', $user->refresh()->password));
        // A browser sends what it was given.
        $cookie = $answer->getCookie(config('session.cookie'), false);
        self::assertNotNull($cookie);
        $this->refreshApplication();
        $this->withoutVite()->withUnencryptedCookie(config('session.cookie'), $cookie->getValue())
            ->get('/house')->assertOk();
    }

    public function test_wrong_current_passwords_are_slowed(): void
    {
        $this->actingAs($this->user());
        $try = fn (string $current): string => (string) $this->putJson('/password', [
            'current' => $current, 'password' => 'a longer lamp', 'again' => 'a longer lamp',
        ])->json('message');
        for ($i = 0; $i < 5; $i++) {
            self::assertStringContainsString('not the password you have now', $try("guess $i"));
        }
        self::assertStringContainsString('Too many tries', $try('lamplight'));
        self::assertTrue(Hash::check('lamplight', $this->user()->password));
    }

    public function test_of_what_is_another_s_a_delete_tells_nothing(): void
    {
        $theirs = app(FootageImporter::class)
            ->footage($this->channel('other@lamplight.example'), self::still(), 'still.png', ['lamp']);
        $this->actingAs($this->user());
        $delete = fn (int $id): array => [
            ($answer = $this->postJson('/footage/act', ['do' => 'delete', 'ids' => [$id]]))->status(),
            $answer->json('message'),
        ];
        $nothing = $delete($theirs->id + 1_000);
        self::assertSame($nothing, $delete($theirs->id));
        $shot = new Shot;
        $short = $this->made('The lamp burned.')->shorts[0];
        $shot->forceFill([
            'scene_id' => $short->scenes[0]->id, 'word' => 0, 'footage_id' => $theirs->id, 'locked' => true,
        ])->save();
        self::assertSame($nothing, $delete($theirs->id));
        self::assertNotNull(Footage::query()->find($theirs->id));
    }

    public function test_whose_something_is_and_where_it_lies_are_no_values_to_be_filled_in(): void
    {
        foreach (File::files(app_path('Shelves/Models')) as $file) {
            $class = 'App\\Shelves\\Models\\'.$file->getFilenameWithoutExtension();
            if (is_subclass_of($class, \Illuminate\Database\Eloquent\Model::class)) {
                $filled = array_intersect((new $class)->getFillable(), ['path', 'user_id', 'channel_id']);
                self::assertSame([], $filled, $class);
            }
        }
        $this->expectException(MassAssignmentException::class);
        new Batch(['channel_id' => 1]);
    }

    public function test_a_refusal_is_no_longer_than_somebody_reads(): void
    {
        $this->actingAs($this->user());
        $long = str_repeat('long ', 9_999);
        $message = (string) $this->setting('channel', $this->channel()->id, 'speed', $long)->json('message');
        self::assertLessThanOrEqual(600, mb_strlen($message));
        self::assertNotSame('', $message);
    }

    /** @return array<string, array{string, string, string}> */
    public static function wrong(): array
    {
        return [
            'a tone' => ['tone', 'furious', 'no tone “furious”'],
            'a shape' => ['shape', 'x', 'no shape of hook “x”'],
        ];
    }

    #[DataProvider('wrong')]
    public function test_what_is_unknown_is_told(string $field, string $value, string $told): void
    {
        $this->actingAs($this->user());
        $answer = $this->postJson('/sketches', ['topics' => 'lamps', 'seconds' => 30, $field => $value])
            ->assertStatus(422);
        self::assertStringContainsString($told, (string) $answer->json('message'));
    }

    public function test_a_mood_and_a_pin_that_cannot_be_are_told(): void
    {
        $this->actingAs($this->user());
        $this->post('/sounds', [
            'kind' => 'music', 'mood' => 'furious',
            'files' => [new \Illuminate\Http\UploadedFile(self::music(), 'tune.wav', test: true)],
        ])->assertSessionHas('refused');
        self::assertStringContainsString('no mood “furious”', session('refused')[0]);

        $scene = $this->made('The lamp burned.')->shorts[0]->scenes[0];
        $this->postJson("/scenes/{$scene->id}/shots/0/pins", ['do' => 'pin', 'ms' => 0, 'x' => 5_000, 'y' => 5_000,
            'close' => 50])->assertStatus(422)->assertJson(['message' => '“close” takes a whole number from 100 to 400,'
            .' and something else came. Reload the page.']);
    }

    public function test_numbers_of_another_level_are_refused(): void
    {
        $this->actingAs($this->user());
        $short = $this->made('The lamp burned.')->shorts[0];
        foreach ([
            ['channel', [999]], ['batch', [$short->batch_id, 999]], ['short', [$short->id, 999]],
        ] as [$level, $ids]) {
            $this->setting($level, $ids, 'speed', 110)->assertStatus(422);
        }
        $this->setting('short', [999], 'speed', 110, ['whole' => 'channel'])->assertStatus(422);
        self::assertSame([], $this->channel()->refresh()->settings->own);
        self::assertSame([], $short->refresh()->settings->own);
    }

    public function test_control_characters_are_blanks_wherever_they_come_in(): void
    {
        $this->actingAs($this->user());
        foreach ([
            "publish_at: 2026-\x00-01\ntags: a\x07b\n\nThe lamp burned\x00 out.", "title: A\x1B[31mB\n\nThe lamp.",
        ] as $text) {
            $this->postJson('/intake/preview', ['text' => $text])->assertOk();
            $this->post('/batches', ['text' => $text])->assertRedirect();
            $this->post('/intake/files', ['files' => [
                \Illuminate\Http\UploadedFile::fake()->createWithContent('a.txt', $text),
                \Illuminate\Http\UploadedFile::fake()
                    ->createWithContent('a.csv', "script,publish_at\n\"$text\",\"x\x00\"\n"),
            ]], ['Accept' => 'application/json'])->assertOk();
        }
        foreach (Batch::query()->with('shorts')->get() as $batch) {
            $kept = $batch->shorts[0]->script.$batch->shorts[0]->title;
            self::assertDoesNotMatchRegularExpression('/[\x00-\x08\x0E-\x1F]/', $kept);
        }
    }

    public function test_a_file_goes_out_whatever_it_is_called(): void
    {
        $this->actingAs($this->user());
        $footage = app(FootageImporter::class)->footage($this->channel(), self::still(), 'still.png', ['lamp']);
        foreach (['a/b\\c', '<img src="x">', 'résumé 100%', "\u{202E}gpj", '…', '../../x'] as $name) {
            $footage->update(['name' => $name]);
            $this->get("/footage/{$footage->id}/file")->assertOk();
        }
    }

    public function test_no_script_runs_but_the_one_that_ships(): void
    {
        $odd = public_path('odd-door.php');
        chmod(public_path(), 0755);
        file_put_contents($odd, '<?php echo "ran";');
        try {
            $router = base_path('bin/router.php');
            foreach (['/odd-door.php', '/odd-door.php/x', '/build/../odd-door.php', '/%6fdd-door.php'] as $path) {
                $process = new Process(['php', '-r', sprintf(
                    '$_SERVER["REQUEST_URI"] = %s; $_SERVER["REQUEST_METHOD"] = "GET";
                        $_SERVER["HTTP_HOST"] = "localhost";
                        $given = require %s; echo $given === false ? "GIVEN" : "";',
                    var_export($path, true), var_export($router, true),
                )]);
                $process->run();
                self::assertStringNotContainsString('GIVEN', $process->getOutput(), $path);
                self::assertStringNotContainsString('ran', $process->getOutput(), $path);
            }
        } finally {
            unlink($odd);
            chmod(public_path(), 0555);
        }
    }

    public function test_the_channel_of_an_account_cannot_be_given_by_a_form(): void
    {
        $theirs = $this->channel('other@lamplight.example');
        $this->actingAs($this->user());
        $this->post('/channels', ['name' => 'Mine', 'user_id' => $theirs->user_id])->assertRedirect();
        self::assertSame($this->user()->id, Channel::query()->where('name', 'Mine')->sole()->user_id);
        $this->post("/channels/{$theirs->id}/enter")->assertNotFound();
        self::assertNotSame($theirs->id, User::query()->find($this->user()->id)?->channel_id);
    }

    public function test_a_look_at_a_page_writes_nothing_and_orders_nothing(): void
    {
        $this->actingAs($this->user());
        $this->library();
        $tale = "# Lamp\nThe lamp went out. A boat came in with a bell.";
        $short = $this->made($tale, ['voice' => 'aldous'])->shorts[0];
        $this->work(...['--queue' => 'plans']);
        Queue::fake();
        $written = [];
        DB::listen(static function (QueryExecuted $query) use (&$written): void {
            if (preg_match('/^\s*(insert|update|delete|replace)\b/i', $query->sql) === 1) {
                $written[] = $query->sql;
            }
        });
        $scene = $short->scenes[0]->id;
        foreach ([
            '/', "/batches/{$short->batch_id}", "/batches/{$short->batch_id}/state", "/batches/{$short->batch_id}/pace",
            "/shorts/{$short->id}", "/shorts/{$short->id}/state", "/shorts/{$short->id}/script",
            "/shorts/{$short->id}/briefs", "/shorts/{$short->id}/voice", "/shorts/{$short->id}/voice/state",
            "/shorts/{$short->id}/captions", "/shorts/{$short->id}/captions/state", "/shorts/{$short->id}/captions.srt",
            "/shorts/{$short->id}/sheet", "/shorts/{$short->id}/sheet/state", "/shorts/{$short->id}/sheet/heard",
            "/shorts/{$short->id}/sheet/wave", "/scenes/$scene/take", "/scenes/$scene/shots/0",
            "/scenes/$scene/shots/0/state", "/scenes/$scene/shots/0/best", '/intake', '/voices', '/sketches', '/house',
            '/house/state', '/house/captions', '/sounds', '/footage', '/footage/picker', '/password',
        ] as $page) {
            $this->get($page)->assertOk();
            self::assertSame([], $written, $page);
            self::assertSame([], array_filter(Queue::pushedJobs()), $page);
        }
    }
}
