<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Editing\BatchMaker;
use App\Desks\Intake\ScriptFiles;
use App\Doors\Jobs\WorkerMark;
use App\Shelves\Levels\Registrar;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Library\SoundDesk;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\User;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use RapidReel\Base\Values;
use Symfony\Component\Process\Process;
use ZipArchive;

/** The application with a real database, real ffmpeg and a storage folder of its own. */
abstract class AppTestCase extends TestCase
{
    private static bool $migrated = false;

    /** @var array<string, list<array<string, mixed>>> rows by table */
    private static array $library = [];

    protected function setUp(): void
    {
        if (! self::$migrated) {
            (new Process(['rm', '-rf', TEST_PLACE.'/storage/media']))->mustRun();
            array_map(unlink(...), glob(TEST_PLACE.'/reel.sqlite*') ?: []);
            touch(TEST_PLACE.'/reel.sqlite');
        }
        parent::setUp();
        $this->withoutVite();
        if (! self::$migrated) {
            Artisan::call('migrate', ['--force' => true]);
            self::$migrated = true;
        }
        foreach (
            [
                'machine_settings', 'export_parts', 'left_out_machines', 'failed_jobs', 'jobs', 'result_points',
                'result_forms', 'posts', 'outlets',
                'exports', 'shots', 'edits', 'readings', 'recordings', 'hooks', 'notes',
                'likenesses', 'shingles', 'scenes', 'shorts', 'batches', 'footage', 'music', 'patterns', 'channels',
                'users',
            ] as $table
        ) {
            DB::table($table)->delete();
        }
        app('cache')->flush();
    }

    protected function user(string $email = 'keeper@lamplight.example'): User
    {
        return User::query()->firstOrCreate(['email' => $email], ['name' => 'Keeper', 'password' => 'lamplight']);
    }

    /** Somebody else at the same browser: what the session knows of the one before is forgotten. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        session()->forget('password_hash_web');

        return parent::actingAs($user, $guard);
    }

    protected function channel(string $email = 'keeper@lamplight.example'): Channel
    {
        return Channel::of($this->user($email));
    }

    /**
     * Makes a batch of texts, as the intake does.
     *
     * @param  array<string, int|string>  $settings  of the batch
     */
    protected function made(string $text, array $settings = [], string $name = 'Pile'): Batch
    {
        return app(BatchMaker::class)->make(
            $this->channel(),
            $name,
            app(ScriptFiles::class)->fromText($text),
            new Values($settings),
        );
    }

    /**
     * @param  int|list<int>  $ids
     * @param  array<string, string>  $more
     * @return TestResponse<Response>
     */
    protected function setting(
        string $level,
        int|array $ids,
        string $key,
        string|int|null $value,
        array $more = [],
    ): TestResponse {
        return $this->putJson('/settings', [
            'channel' => $this->channel()->id,
            'level' => $level,
            'ids' => (array) $ids,
            'key' => $key,
            ...$value === null ? ['inherit' => true] : ['value' => $value],
            ...$more,
        ]);
    }

    /** Makes a picture or a clip by ffmpeg, once for all tests. */
    protected static function media(string $name, string ...$arguments): string
    {
        $path = TEST_PLACE."/$name";
        if (! is_file($path)) {
            (new Process(['ffmpeg', '-v', 'error', '-y', ...$arguments, $path]))->mustRun();
        }

        return $path;
    }

    protected static function clip(string $name = 'clip.mp4', int $seconds = 4, string $size = '640x360'): string
    {
        return self::media(
            $name, '-f', 'lavfi', '-i', "testsrc2=size=$size:rate=30:duration=$seconds", '-pix_fmt', 'yuv420p', '-c:v',
            'libx264', '-preset', 'ultrafast',
        );
    }

    protected static function still(
        string $name = 'still.png',
        string $size = '720x1280',
        string $colour = 'teal',
    ): string {
        return self::media($name, '-f', 'lavfi', '-i', "color=$colour:size=$size,drawgrid=w=90:h=90", '-frames:v', '1');
    }

    protected static function music(): string
    {
        return self::media('tune.wav', '-f', 'lavfi', '-i', 'sine=frequency=220:duration=12', '-ac', '2');
    }

    /**
     * A small library: four clips and five stills, each with a word of its own, and a tune. Read once for all tests.
     */
    protected function library(): void
    {
        $channel = $this->channel();
        if (self::$library === []) {
            $importer = app(FootageImporter::class);
            foreach (
                ['boat' => '640x360', 'gull' => '480x480', 'fog' => '360x640', 'whale' => '854x480'] as $tag => $size
            ) {
                self::$library['footage'][] = $importer
                    ->footage($channel, self::clip("$tag.mp4", 4, $size), "$tag.mp4", [$tag])
                    ->getAttributes();
            }
            foreach (['lamp', 'bell', 'map', 'tower', 'keeper'] as $i => $tag) {
                $still = self::still(
                    "$tag.png",
                    $i % 2 === 0 ? '720x1280' : '1280x720',
                    ['navy', 'brown', 'olive', 'gray', 'maroon'][$i],
                );
                self::$library['footage'][] = $importer->footage($channel, $still, "$tag.png", [$tag])->getAttributes();
            }
            self::$library['music'][] = app(SoundDesk::class)->music($channel, self::music(), 'tune.wav', 'calm')
                ->getAttributes();

            return;
        }
        foreach (self::$library as $table => $rows) {
            DB::table($table)->insert(
                array_map(
                    static fn (array $row): array => [
                        ...array_diff_key($row, ['id' => 0]),
                        'channel_id' => $channel->id,
                    ],
                    $rows,
                ),
            );
        }
        app(Registrar::class)->forget();
    }

    /**
     * A ZIP that was sent as it was put together.
     *
     * @param  TestResponse<Response>  $answer
     */
    protected static function zipOf(TestResponse $answer): ZipArchive
    {
        $file = TEST_PLACE.'/sent.zip';
        file_put_contents($file, $answer->streamedContent());
        self::assertSame((string) filesize($file), $answer->headers->get('Content-Length'));
        $zip = new ZipArchive;
        self::assertTrue($zip->open($file, ZipArchive::CHECKCONS), 'It is whole.');

        return $zip;
    }

    /** @return array<string, mixed> what ffprobe says of a file's streams and container */
    protected static function probe(string $path): array
    {
        $process = (new Process([
            'ffprobe', '-v', 'error', '-count_frames', '-show_streams', '-show_format', '-of', 'json', $path,
        ]))->mustRun();

        return (array) json_decode($process->getOutput(), true);
    }

    /**
     * A command, as it is typed, in a process of its own that has not begun.
     *
     * @param  list<string>  $arguments
     * @param  array<string, string>  $environment
     */
    protected static function typed(array $arguments, array $environment = []): Process
    {
        return new Process(['php', 'artisan', ...$arguments], base_path(), $environment);
    }

    /** The same, run to its end. */
    protected function console(string ...$arguments): Process
    {
        $process = self::typed(array_values($arguments))->setTimeout(600);
        $process->run();

        return $process;
    }

    protected function tearDown(): void
    {
        // Whoever worked in this process works no more, whatever still knows of them.
        if ($this->app->resolved(WorkerMark::class)) {
            $this->app->make(WorkerMark::class)->release();
        }
        parent::tearDown();
    }

    protected function work(string ...$options): void
    {
        Artisan::call('queue:work', [
            '--queue' => 'looks,plans,words,long,renders',
            '--stop-when-empty' => true,
            // It would wait once before it finds that there is nothing left.
            '--sleep' => 0,
            '--memory' => 1_024,
            ...$options,
        ]);
    }
}
