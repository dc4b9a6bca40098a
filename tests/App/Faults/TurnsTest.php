<?php

declare(strict_types=1);

namespace Tests\App\Faults;

use App\Desks\PictureOrders\PictureDesk;
use App\Doors\Jobs\AlignRecording;
use App\Doors\Jobs\CheckFootage;
use App\Doors\Jobs\GiveWay;
use App\Doors\Jobs\MakePictures;
use App\Doors\Jobs\PlanShort;
use App\Ground\Database\Busy;
use App\Ground\Work\HandedBack;
use App\Ground\Work\Line;
use App\Makers\Proofs\ProofDesk;
use App\Makers\Voicing\RecordingDesk;
use App\Media\Process\EncoderPool;
use App\Media\Process\EncoderWork;
use App\Media\Store\MediaStore;
use App\Media\Video\Sources;
use App\Shelves\Library\FootageCheck;
use App\Shelves\Models\Footage;
use App\Shelves\Models\FootageState;
use App\Shelves\Models\PictureOrder;
use App\Shelves\Models\Recording;
use App\Shelves\Models\RecordingState;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;

/** Who writes, who waits and who comes first. */
final class TurnsTest extends FaultCase
{
    /**
     * A process with the application in it.
     *
     * @param  array<string, string>  $environment
     */
    private static function program(string $code, array $environment = []): Process
    {
        $process = new Process(['php', '-r', 'require "vendor/autoload.php"; (require "bootstrap/app.php")
            ->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap(); '.$code], base_path(), $environment);
        $process->setTimeout(120)->start();

        return $process;
    }

    private static function holding(int $seconds): Process
    {
        $holder = self::program("Illuminate\\Support\\Facades\\DB::transaction(function () {
            Illuminate\\Support\\Facades\\DB::table('users')->update(['name' => 'half']);
            echo 'in'; sleep($seconds); });");
        self::until(static fn (): bool => str_contains($holder->getOutput(), 'in'));

        return $holder;
    }

    public function test_a_worker_that_is_stopped_in_its_transaction_holds_nobody(): void
    {
        $holder = self::holding(60);
        $holder->signal(SIGSTOP);
        $began = microtime(true);
        DB::transaction(static fn () => DB::table('users')->update(['name' => 'whole']));
        self::assertLessThan(30, microtime(true) - $began);
        self::assertSame('whole', DB::table('users')->value('name'));
        self::until(static fn (): bool => ! $holder->isRunning());
    }

    public function test_who_does_not_come_to_his_turn_is_told_so_and_nothing_is_changed(): void
    {
        $short = $this->short();
        $holder = self::holding(60);
        config(['database.connections.sqlite.turn_seconds' => 0.5]);
        DB::purge();
        $answer = $this->putJson("/scenes/{$short->scenes[0]->id}", ['text' => 'Another lamp.']);
        $answer->assertStatus(503)->assertHeader('X-Nothing-Done', '1')->assertHeader('Retry-After', '2')
            ->assertJson(['message' => Busy::SENTENCE]);
        $this->put("/scenes/{$short->scenes[0]->id}", ['text' => 'Another lamp.'])->assertStatus(503)
            ->assertSee(Busy::SENTENCE);
        $holder->stop(0, SIGKILL);
        self::assertSame('The lamp went out.', $short->scenes[0]->refresh()->text);
        $this->putJson("/scenes/{$short->scenes[0]->id}", ['text' => 'Another lamp.'])->assertOk();
        config(['database.connections.sqlite.turn_seconds' => 15]);
        DB::purge();
    }

    public function test_ten_long_changes_at_once_all_come_to_their_turn(): void
    {
        DB::table('users')->update(['name' => '0']);
        $writers = array_map(static fn (): Process => self::program(
            'Illuminate\Support\Facades\DB::transaction(function () {
                $n = (int) Illuminate\Support\Facades\DB::table("users")->value("name"); usleep(250000);
                Illuminate\Support\Facades\DB::table("users")->update(["name" => (string) ($n + 1)]); });',
        ), range(1, 10));
        foreach ($writers as $writer) {
            self::assertSame(0, $writer->wait(), $writer->getErrorOutput());
        }
        self::assertSame('10', DB::table('users')->value('name'));
    }

    public function test_an_upgrade_that_is_killed_anywhere_is_made_whole_by_the_next_start(): void
    {
        $database = TEST_PLACE.'/upgrade.sqlite';
        $shape = static function () use ($database): array {
            $pdo = new \PDO("sqlite:$database");

            return $pdo->query('SELECT name, sql FROM sqlite_master WHERE sql IS NOT NULL ORDER BY name')
                ->fetchAll(\PDO::FETCH_KEY_PAIR);
        };
        $migrate = static fn (): Process => self::typed(['migrate', '--force'], ['DB_DATABASE' => $database]);
        $fresh = static function () use ($database): void {
            array_map(unlink(...), glob("$database*") ?: []);
            touch($database);
        };
        $fresh();
        $migrate()->mustRun();
        $whole = $shape();
        mt_srand(3);
        for ($kill = 0; $kill < 9; $kill++) {
            $fresh();
            $killed = $migrate();
            $killed->start();
            usleep(mt_rand(150_000, 550_000));
            $killed->isRunning() && $killed->stop(0, SIGKILL);
            $migrate()->mustRun();
            self::assertSame($whole, $shape());
        }
        // One of an earlier version stands half way: it says what to do, and does nothing.
        $pdo = new \PDO("sqlite:$database");
        $pdo->exec("DELETE FROM migrations WHERE migration = '2026_11_29_000000_holes'");
        $half = $migrate();
        self::assertNotSame(0, $half->run());
        self::assertStringContainsString('half way between two versions', $half->getOutput().$half->getErrorOutput());
        self::assertNotSame([], glob("$database.before-upgrade-of-*"));
        self::assertSame($whole, $shape());
    }

    public function test_several_queues_are_looked_through_at_once_and_none_waits_for_one_that_is_paused(): void
    {
        $queue = app('queue')->connection();
        $short = $this->short()->id;
        DB::table('jobs')->delete();
        self::assertNull($queue->pop('looks', 0));
        self::assertNull($queue->pop('plans', 1));
        PlanShort::dispatch($short);
        self::assertNull($queue->pop('looks', 0));
        self::assertNotNull($queue->pop('plans', 1), 'In its turn.');
        DB::table('jobs')->update(['reserved_at' => null, 'worker' => null]);
        self::assertNotNull($queue->pop('plans', 1), 'The first is paused.');
        DB::table('jobs')->delete();
        self::assertNull($queue->pop('plans', 1));
        PlanShort::dispatch($short);
        $this->work('--queue=looks,plans');
        self::assertSame(0, DB::table('jobs')->count());
    }

    public function test_an_order_of_a_dead_worker_is_anybodys_at_once_and_clocks_are_not_believed(): void
    {
        $queue = app('queue')->connection();
        $short = $this->short()->id;
        $order = static function (array $as) use ($short): void {
            DB::table('jobs')->delete();
            PlanShort::dispatch($short);
            DB::table('jobs')->update($as);
        };
        $now = time();
        // Due in an hour, as where the clock was set back by one.
        $order(['available_at' => $now + 3_600]);
        self::assertNotNull($queue->pop('plans'));
        $order(['reserved_at' => $now + 3_600, 'attempts' => 1]);
        self::assertNotNull($queue->pop('plans'));
        // In some seconds, as where a full disk is waited for.
        $order(['available_at' => $now + 30]);
        self::assertNull($queue->pop('plans'));

        $worker = self::program('echo app(App\Doors\Jobs\WorkerMark::class)->name(); sleep(60);');
        $name = self::until(static fn (): string => $worker->getOutput());
        $order(['reserved_at' => $now, 'attempts' => 1, 'worker' => $name]);
        self::assertNull($queue->pop('plans'));
        // Too busy to say so for long, it is at work all the same; stopped, it is not.
        DB::table('jobs')->update(['reserved_at' => $now - 600]);
        self::assertNull($queue->pop('plans'));
        $worker->signal(SIGSTOP);
        self::assertNotNull(self::until(static fn () => $queue->pop('plans'), 3));
        $worker->signal(SIGCONT);
        $order(['reserved_at' => $now, 'attempts' => 1, 'worker' => $name]);
        self::assertNull($queue->pop('plans'));
        // What a worker could not put away is not kept by it for as long as it lives.
        $order(['reserved_at' => $now, 'attempts' => 1, 'worker' => app(\App\Doors\Jobs\WorkerMark::class)->name()]);
        self::assertNotNull($queue->pop('plans'));
        $order(['reserved_at' => $now, 'attempts' => 1, 'worker' => $name]);
        $worker->stop(0, SIGKILL);
        $mine = self::until(static fn () => $queue->pop('plans'), 3);
        self::assertSame(2, $mine->attempts());
        self::assertNotSame($name, DB::table('jobs')->value('worker'));
    }

    public function test_sixty_orders_are_all_there_or_none(): void
    {
        $one = static fn (int $i): string => "# No $i\nThe lamp went out.";
        $text = implode("\n---\n", array_map($one, range(1, 12)));
        $batch = $this->made($text);
        foreach ([
            "app(App\\Desks\\Exporting\\ExportDesk::class)->orderAll(
                App\\Shelves\\Models\\Batch::find({$batch->id})->shorts->each(
                function (\$one, \$i) { if (\$i === 9) { posix_kill(getmypid(), SIGKILL); } return true; }),
                RapidReel\\Making\\Render\\Quality::Draft);",
            "Illuminate\\Support\\Facades\\DB::listen(function (\$query) { static \$n = 0;
                if (str_starts_with(\$query->sql, 'insert into \"exports\"') && ++\$n === 7) {
                    posix_kill(getmypid(), SIGKILL); } });
             app(App\\Desks\\Exporting\\ExportDesk::class)->orderAll(
                App\\Shelves\\Models\\Batch::find({$batch->id})->shorts,
                RapidReel\\Making\\Render\\Quality::Draft);",
        ] as $killed) {
            $orders = self::program($killed);
            self::until(static fn (): bool => ! $orders->isRunning());
            self::assertSame(SIGKILL, $orders->getTermSignal());
            self::assertSame(0, DB::table('exports')->count());
        }
        $this->post("/batches/{$batch->id}/exports", ['quality' => 'draft'])->assertRedirect();
        self::assertSame(12, DB::table('exports')->count());
        $this->post("/batches/{$batch->id}/cancel")->assertRedirect();
    }

    public function test_files_of_operators_outlive_whatever_fails_over_them(): void
    {
        $short = $this->short();
        $read = self::media('turns-read.wav', '-f', 'lavfi', '-i', "flite=text='The lamp went out.':voice=rms");
        $recording = app(RecordingDesk::class)->bring($short, $read, 'read.wav', 'The lamp went out.');
        self::assertGreaterThanOrEqual(25, (new AlignRecording($recording->id))->tries);
        (new AlignRecording($recording->id))->failed(null);
        self::assertSame(RecordingState::Failed, $recording->refresh()->state);
        self::assertFileExists(app(MediaStore::class)->path($recording->path));
        $this->get("/shorts/{$short->id}/voice")->assertSee('Look again');
        $this->postJson("/recordings/{$recording->id}")->assertOk();
        $this->work();
        self::assertSame(RecordingState::Ready, $recording->refresh()->state);
        // Its copy beside another short has the same file.
        $copy = Recording::query()->forceCreate([
            ...$recording->only(['short_id', 'text', 'path']), 'name' => 'copy.wav', 'state' => RecordingState::Ready,
        ]);
        app(RecordingDesk::class)->remove($recording);
        self::assertFileExists(app(MediaStore::class)->path($copy->path));
        app(RecordingDesk::class)->remove($copy);
        self::assertFileDoesNotExist(app(MediaStore::class)->path($copy->path));

        $footage = Footage::query()->where('duration_ms', '>', 0)->firstOrFail();
        $footage->update(['state' => FootageState::Checking]);
        (new CheckFootage($footage->id))->failed(null);
        self::assertFileExists(app(MediaStore::class)->path($footage->path));
        $this->get('/footage')->assertSee('Look again');
        $this->post("/footage/{$footage->id}/again")->assertRedirect();
        $this->work();
        self::assertSame(FootageState::Ready, $footage->refresh()->state);
        // A worker that was away finds it dismissed, and says nothing.
        $stale = Footage::query()->findOrFail($footage->id);
        $stale->state = FootageState::Checking;
        Footage::query()->whereKey($footage->id)->update(['state' => FootageState::Refused]);
        app(FootageCheck::class)->check($stale);
        self::assertSame(FootageState::Refused, $footage->refresh()->state);
        $footage->update(['state' => FootageState::Ready]);
    }

    public function test_pictures_that_come_late_leave_what_was_chosen_meanwhile(): void
    {
        $short = $this->short('# Lamp'."\nThe lamp went out.");
        $desk = app(PictureDesk::class);
        $order = $desk->order($short);
        $away = PictureOrder::query()->findOrFail($order->id);
        $this->work();
        self::assertFalse($order->refresh()->open);
        $scene = $short->refresh()->scenes()->with('shots')->firstOrFail();
        $other = Footage::query()->where('origin', '!=', 'made')->firstOrFail();
        $this->putJson("/scenes/{$scene->id}/shots/0", ['footage' => $other->id])->assertOk();
        // It was stopped before it put them there, and comes back.
        $desk->make($away);
        self::assertSame($other->id, (int) $scene->shots()->where('word', 0)->value('footage_id'));

        // What is chosen while they are made stays, too.
        $order = $desk->order($short->refresh());
        $another = Footage::query()->where('origin', '!=', 'made')->where('id', '!=', $other->id)->firstOrFail();
        $this->putJson("/scenes/{$scene->id}/shots/0", ['footage' => $another->id])->assertOk();
        (new MakePictures($order->id))->handle($desk);
        self::assertSame($another->id, (int) $scene->shots()->where('word', 0)->value('footage_id'));
    }

    public function test_a_clip_is_brought_to_its_usual_form_once_by_two_at_the_same_moment(): void
    {
        $clip = self::media('turns-side.mkv', '-f', 'lavfi', '-i', 'testsrc2=size=320x180:rate=30:duration=2', '-vf',
            'setsar=2/1', '-pix_fmt', 'yuv420p');
        $shim = $this->ffmpeg('case "$*" in *plain.mp4*) echo made >> "$calls"; sleep 1 ;; esac');
        $key = (string) hash_file('xxh128', $clip);
        $both = array_map(static fn (): Process => self::program(sprintf(
            'app(%s::class)->lay(%s, %s, "side.mkv");', Sources::class, var_export($key, true), var_export($clip, true),
        ), ['REEL_FFMPEG' => $shim]), [1, 2]);
        foreach ($both as $one) {
            self::assertSame(0, $one->wait(), $one->getErrorOutput());
        }
        self::assertSame(['made'], self::calls($shim));
    }

    public function test_an_export_gives_way_between_its_parts_and_to_those_alone_that_somebody_sits_before(): void
    {
        $way = new GiveWay(storage_path('locks/'.bin2hex(random_bytes(4))));
        DB::table('jobs')->delete();
        $short = $this->short();
        PlanShort::dispatch($short->id);
        self::assertFalse($way->isAsked());
        app(ProofDesk::class)->look($short);
        PlanShort::dispatch($short->id, ProofDesk::isLooked($short->id));
        self::assertSame(1, DB::table('jobs')->where('queue', 'looks')->count());
        self::assertTrue(self::until(static fn (): bool => $way->isAsked(), 5));

        $works = array_map(static fn (int $i): EncoderWork => new EncoderWork(
            bin2hex(random_bytes(8)), 'Waiting', static fn (): bool => false,
            static fn () => yield new Process(['sh', '-c', 'sleep 0.1; echo done > /dev/null; exit 0']),
        ), range(1, 3));
        $made = 0;
        try {
            app(EncoderPool::class)->run($works, static fn (): null => null, static function () use (&$made): void {
                $made++;
            }, $way);
            self::fail('It went on.');
        } catch (HandedBack $back) {
            self::assertTrue($back->isForOthers);
        }
        $way->over();
        self::assertFalse($way->isAsked(), 'Once for a while is enough.');
    }

    public function test_what_waits_says_for_what_and_for_how_long(): void
    {
        $short = $this->short();
        $export = $this->order($short);
        DB::table('exports')->insert([
            'short_id' => $short->id, 'quality' => 'draft', 'state' => 'done', 'percent' => 100, 'doing' => '',
            'started_at' => now()->subSeconds(40), 'finished_at' => now(),
        ]);
        self::assertSame('next, about 40 s', (new Line)->waitsFor("export:{$export->id}")?->shortly);
        $second = $this->made("# Two\nA bell rang.")->shorts[0];
        $other = $this->order($second);
        DB::table('jobs')->where('payload', 'like', "%export:{$export->id}%")->update(['reserved_at' => time()]);
        $said = (new Line)->waitsFor("export:{$other->id}")->fully ?? '';
        self::assertStringContainsString('a video is being made', $said);
        self::assertStringContainsString('about 40 s', $said);
        self::assertNull((new Line)->waitsFor("export:{$export->id}"));
        $this->get("/batches/{$second->batch_id}")->assertSee('a video is being made');
    }

    protected function tearDown(): void
    {
        File::delete(glob(TEST_PLACE.'/upgrade.sqlite*') ?: []);
        parent::tearDown();
    }
}
