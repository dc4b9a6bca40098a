<?php

declare(strict_types=1);

namespace Tests\App\Outbox;

use App\Desks\Outbox\OutletDesk;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;
use PDO;
use Symfony\Component\Process\Process;
use Tests\App\AppTestCase;

/** Outlets of every kind, with the publishing service that ships as a process of its own. */
abstract class OutboxCase extends AppTestCase
{
    private ?Process $service = null;

    protected string $address = '';

    protected string $kept = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
        $this->kept = TEST_PLACE.'/outlets';
        File::deleteDirectory($this->kept);
        File::makeDirectory($this->kept);
        // Whatever is not named is no place: nothing is ever brought outside.
        $this->places(['folders' => [['id' => 'here', 'name' => 'Folder', 'path' => "$this->kept/folder"]]]);
    }

    protected function tearDown(): void
    {
        $this->ended();
        parent::tearDown();
    }

    /** @param  array<string, list<array<string, mixed>>>  $places */
    protected function places(array $places): void
    {
        file_put_contents("$this->kept/outlets.json", json_encode($places, JSON_THROW_ON_ERROR));
        config(['reel.outlets' => "$this->kept/outlets.json"]);
    }

    /**
     * Starts the publishing service, and signs somebody in there.
     *
     * @param  array<string, string>  $env
     * @param  array<string, mixed>  $place
     */
    protected function service(array $env = [], array $place = []): Outlet
    {
        $port = $this->port();
        $this->address = "http://127.0.0.1:$port";
        $this->ended();
        $this->service = new Process(
            ['php', '-d', 'upload_max_filesize=100M', '-d', 'post_max_size=100M', '-S', "127.0.0.1:$port",
                'demo/service/index.php'],
            base_path(),
            ['REEL_SERVICE_STORE' => "$this->kept/service", 'PHP_CLI_SERVER_WORKERS' => '4',
                'REEL_SERVICE_WORKS' => '0', ...$env],
            timeout: null,
        );
        $this->service->disableOutput()->start();
        $this->places(['services' => [[
            'id' => 'standin', 'name' => 'Stand-in', 'url' => $this->address, 'client_id' => 'rapid-reel',
            'timeout' => 10,
            ...$place,
        ]]]);
        for ($tries = 0; @file_get_contents("$this->address/") === false && $tries < 100; $tries++) {
            usleep(50_000);
        }
        $outlet = Outlet::query()->where('place', 'standin')->first()
            ?? app(OutletDesk::class)->add($this->channel(), 'standin', '');
        $this->signIn($outlet);

        return $outlet->refresh();
    }

    /** As somebody does it in a browser: sent there, allows it, comes back. */
    protected function signIn(Outlet $outlet): void
    {
        $there = (string) $this->post("/outlets/$outlet->id/sign-in")->assertRedirect()->headers->get('Location');
        parse_str((string) parse_url($there, PHP_URL_QUERY), $query);
        self::assertStringNotContainsString((string) session('outlet_sign_in.verifier'), $there);
        $allowed = Http::withoutRedirecting()->asForm()->post("$this->address/authorize", [...$query,
            'allow' => 'yes']);
        self::assertSame(302, $allowed->status(), $allowed->body());
        $this->get($allowed->header('Location'))->assertRedirect();
    }

    /** @return list<array<string, mixed>> what the service has */
    protected function posted(): array
    {
        $rows = (new PDO("sqlite:$this->kept/service/service.sqlite"))->query('SELECT * FROM posts ORDER BY made, id');

        return $rows === false ? [] : array_values($rows->fetchAll(PDO::FETCH_ASSOC));
    }

    /**
     * A batch with finished files, made once for all tests of a class and copied.
     *
     * @param  array<string, int|string>  $settings
     */
    protected function finished(string $text = "# Lamp\nThe lamp burned all night?", array $settings = []): Batch
    {
        $this->library();
        $batch = $this->made($text, $settings);
        $this->setting('channel', $this->channel()->id, 'leaves', 'all')->assertOk();
        $this->post("/batches/$batch->id/exports", ['quality' => 'final'])->assertRedirect();
        $this->work(...['--queue' => 'plans']);
        $this->work();

        return $batch->refresh();
    }

    /** More shorts of the same file, planned for now. */
    protected function copied(Short $short, Outlet $outlet, int $count): void
    {
        $row = (array) DB::table('shorts')->where('id', $short->id)->first();
        $export = (array) DB::table('exports')->where('short_id', $short->id)->where('state', 'done')->first();
        $media = dirname(app(\App\Media\Store\MediaStore::class)->path('exports/1'));
        DB::transaction(function () use ($row, $export, $media, $outlet, $count): void {
            for ($i = 1; $i <= $count; $i++) {
                $id = DB::table('shorts')->insertGetId([...array_diff_key($row, ['id' => 0]), 'number' => 100 + $i]);
                DB::table('scenes')->insert(array_map(
                    static fn (object $scene): array => [...array_diff_key((array) $scene, ['id' => 0]),
                        'short_id' => $id],
                    DB::table('scenes')->where('short_id', $row['id'])->get()->all(),
                ));
                $file = DB::table('exports')->insertGetId([...array_diff_key($export, ['id' => 0]), 'short_id' => $id]);
                symlink("$media/{$export['id']}", "$media/$file");
                Post::query()->create([
                    'short_id' => $id, 'outlet_id' => $outlet->id, 'key' => (string) Str::uuid(),
                    'state' => PostState::Planned, 'local' => '2026-01-01 08:00',
                    'due_at' => now()->getTimestamp() - 60,
                    'cover' => ['ms' => -1], 'listing' => ['title' => "Short $i"],
                ]);
            }
        });
    }

    /** A command in a process of its own, begun and not waited for. */
    protected function begun(string ...$arguments): Process
    {
        $process = self::typed(array_values($arguments), ['REEL_OUTLETS' => "$this->kept/outlets.json"])
            ->setTimeout(null);
        $process->start();

        return $process;
    }

    /** With its helpers, which would outlive it. */
    private function ended(): void
    {
        $pid = $this->service?->getPid();
        if ($pid !== null) {
            $helpers = (string) @file_get_contents("/proc/$pid/task/$pid/children");
            foreach ([...preg_split('/\s+/', $helpers, -1, PREG_SPLIT_NO_EMPTY) ?: [], $pid] as $one) {
                posix_kill((int) $one, SIGKILL);
            }
            $this->service->stop(0, SIGKILL);
        }
        $this->service = null;
    }

    private function port(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $name = $socket === false ? '' : (string) stream_socket_get_name($socket, false);
        is_resource($socket) && fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }
}
