<?php

declare(strict_types=1);

namespace App\Doors\Bench;

use App\Doors\Http\Fields;
use App\Shelves\Models\Export;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Route;
use Symfony\Component\Process\Process;

/** What becomes of exports whose workers, encoders and pages are killed, and of requests that nobody should send. */
final readonly class FaultBench
{
    private const KILLS = 200;

    private const WRONG = 1_000;

    /** Sentences of a short; each of its own, so that nothing of one serves another. */
    private const SENTENCES = 5;

    /**
     * @param  callable(string): void  $tell
     * @return list<BenchRow>
     */
    public function run(string $folder, string $footage, callable $tell): array
    {
        $stand = FaultStand::in($folder);
        $stand->seed($footage);

        $rows = [];
        foreach ([
            fn (): array => $this->kills($stand, $tell),
            fn (): array => [$this->wrongValues($stand)],
            fn (): array => [$this->longRecording($stand, $tell)],
            static fn (): array => (new CrowdBench)->run($stand, $tell),
        ] as $measure) {
            foreach ($measure() as $row) {
                // Told at once: what comes later may go wrong.
                $tell("$row->what: $row->measured ($row->bound)");
                $rows[] = $row;
            }
        }

        return $rows;
    }

    /**
     * @param  callable(string): void  $tell
     * @return list<BenchRow>
     */
    private function kills(FaultStand $stand, callable $tell): array
    {
        mt_srand(11);
        $workers = [$stand->worker(), $stand->worker()];
        $web = $stand->web();
        $waits = [];
        try {
            for ($kill = 1, $round = 0; $kill <= self::KILLS; $kill++) {
                if ((int) $stand->rows('SELECT count(*) n FROM exports WHERE state != ?', ['done'])[0]['n'] < 2) {
                    $this->order($stand, ++$round);
                }
                FaultStand::until(static fn (): bool => self::running($stand) !== [], 120);
                usleep(mt_rand(100_000, 3_000_000));
                $which = $kill % 4;
                if ($which === 3) {
                    $web->signal(SIGKILL);
                    $web = $stand->web();

                    continue;
                }
                if ($which !== 1) {
                    $waits[] = $this->killWorkers($stand, $workers);
                }
                if ($which !== 0) {
                    self::killEncoder($stand);
                }
            }
            $tell('All kills are done; what they left is made…');
            FaultStand::until(static fn (): bool => self::open($stand) === 0, 900);
            $failed = (int) $stand->rows('SELECT count(*) n FROM exports WHERE state != ?', ['done'])[0]['n'];
            $broken = $this->broken($stand);
            FaultStand::until(static fn (): bool => Http::get($stand->address().'/sign-in')->ok(), 20);
        } finally {
            foreach ([...$workers, $web] as $process) {
                $process->isRunning() && posix_kill(-(int) $process->getPid(), SIGKILL);
            }
        }
        sort($waits);

        return [
            BenchRow::atLeast(
                sprintf('kills of %d survived (workers, encoders, both, web server)', self::KILLS),
                self::KILLS - $failed - $broken,
                self::KILLS,
                '%.0f',
            ),
            BenchRow::within(
                'until killed work goes on, median',
                $waits[intdiv(count($waits), 2)] ?? 0.0,
                8,
                Unit::Loop,
            ),
        ];
    }

    private function order(FaultStand $stand, int $round): void
    {
        $script = '';
        for ($i = 1; $i <= self::SENTENCES; $i++) {
            $script .= sprintf('The lamp number %d of round %d went out in the night. ', $i, $round);
        }
        $stand->php(sprintf(
            '$channel = App\Shelves\Models\Channel::query()->firstOrFail();
             $batch = app(App\Desks\Editing\BatchMaker::class)->make($channel, "Round",
                 app(App\Desks\Intake\ScriptFiles::class)->fromText(%s), new RapidReel\Base\Values([]));
             foreach ($batch->shorts as $short) {
                 app(App\Desks\Exporting\ExportDesk::class)->order($short, RapidReel\Making\Render\Quality::Draft);
             }',
            var_export("# One $round\n$script\n---\n# Two $round\nAnd again. $script", true),
        ));
    }

    /** @return list<array<string, mixed>> */
    private static function running(FaultStand $stand): array
    {
        return $stand->rows('SELECT id, owner FROM exports WHERE state = ?', ['running']);
    }

    private static function open(FaultStand $stand): int
    {
        return (int) $stand->rows(
            'SELECT count(*) n FROM exports WHERE state IN (?, ?, ?)',
            ['queued', 'running', 'cancelling'],
        )[0]['n'];
    }

    /**
     * Kills all workers at once, and starts others as a supervisor would.
     *
     * @param  list<Process>  $workers
     * @return float seconds until what one of them was at is in hand again
     */
    private function killWorkers(FaultStand $stand, array &$workers): float
    {
        $were = self::running($stand);
        foreach ($workers as $worker) {
            $worker->signal(SIGKILL);
        }
        $began = microtime(true);
        $workers = [$stand->worker(), $stand->worker()];
        if ($were !== []) {
            FaultStand::until(static fn (): bool => $stand->rows(
                'SELECT 1 FROM exports WHERE id = ? AND (owner > ? OR state = ?)',
                [$were[0]['id'], $were[0]['owner'], 'done'],
            ) !== [], 60);
        }

        return microtime(true) - $began;
    }

    private static function killEncoder(FaultStand $stand): void
    {
        for ($end = microtime(true) + 5; microtime(true) < $end; usleep(20_000)) {
            foreach (glob('/proc/[0-9]*') ?: [] as $process) {
                $program = @file_get_contents("$process/comm");
                if ($program === "ffmpeg\n" && str_starts_with((string) @readlink("$process/cwd"), $stand->folder)) {
                    posix_kill((int) basename($process), SIGKILL);

                    return;
                }
            }
        }
    }

    /** How many finished videos cannot be decoded to their end. */
    private function broken(FaultStand $stand): int
    {
        $broken = 0;
        foreach ($stand->rows('SELECT id, name FROM exports WHERE state = ?', ['done']) as $export) {
            $file = "$stand->folder/media/".Export::folderOf((int) $export['id'])."/{$export['name']}.mp4";
            $decoding = new Process([
                (string) config('reel.ffmpeg'), '-v', 'error', '-xerror', '-i', $file, '-f', 'null', '-',
            ]);
            $broken += $decoding->run() === 0 && $decoding->getErrorOutput() === '' ? 0 : 1;
        }

        return $broken;
    }

    private function wrongValues(FaultStand $stand): BenchRow
    {
        $web = $stand->web();
        $refused = 0;
        try {
            $client = $stand->signedIn();
            $routes = $this->routes($stand);
            for ($i = 0; $i < self::WRONG; $i++) {
                [$method, $uri, $field] = $routes[mt_rand(0, count($routes) - 1)];
                $value = [[['a' => 'b']], ["\u{1F6A2}", ['x']], [['x'], 1.5]][mt_rand(0, 2)];
                $status = $client->send($method, $stand->address().$uri, $method === 'GET'
                    ? ['query' => [$field => $value]]
                    : ['json' => [$field => $value]])->status();
                $refused += $status >= 400 && $status < 500 ? 1 : 0;
            }
        } finally {
            posix_kill(-(int) $web->getPid(), SIGKILL);
        }

        return BenchRow::atLeast(
            sprintf('wrong values of %s answered 4xx', number_format(self::WRONG)),
            $refused,
            self::WRONG,
            '%.0f',
        );
    }

    /** @return list<array{string, string, string}> method, address and a field, of all routes that need no more */
    private function routes(FaultStand $stand): array
    {
        $places = ['{batch}' => 'batches', '{short}' => 'shorts', '{scene}' => 'scenes', '{footage}' => 'footage',
            '{export}' => 'exports'];
        $ids = array_map(
            static fn (string $table): string => (string) $stand->rows("SELECT min(id) id FROM $table")[0]['id'],
            $places,
        );
        $found = [];
        /** @var OneRoute $route */
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $uri = '/'.ltrim(strtr($route->uri(), $ids), '/');
            foreach (array_keys(Fields::of((string) $route->getName())) as $field) {
                if (! str_contains($uri, '{') && $uri !== '/sign-in') {
                    $found[] = [$route->methods()[0], $uri, $field];
                }
            }
        }

        return $found;
    }

    /** @param  callable(string): void  $tell */
    private function longRecording(FaultStand $stand, callable $tell): BenchRow
    {
        $tell('A recording of 20 minutes…');
        $words = array_merge(...array_fill(0, 60, KnownSpeech::SENTENCES));
        $text = '';
        for ($i = 0; str_word_count($text) < 1_880 && isset($words[$i]); $i++) {
            $text .= ' '.$words[$i];
        }
        file_put_contents("$stand->folder/long.txt", trim($text));
        (new Process(
            ['flite', '-voice', 'slt', '--setf', 'duration_stretch=2.15', '-f', "$stand->folder/long.txt",
                "$stand->folder/long.wav"],
            timeout: 300,
        ))->mustRun();
        $stand->php(sprintf(
            '$short = app(App\Desks\Editing\BatchMaker::class)->make(
                 App\Shelves\Models\Channel::query()->firstOrFail(), "Long",
                 app(App\Desks\Intake\ScriptFiles::class)->fromText(%s), new RapidReel\Base\Values([]))->shorts[0];
             Illuminate\Support\Facades\DB::table("jobs")->delete();
             app(App\Makers\Voicing\RecordingDesk::class)->bring($short, %s, "long.wav", "");',
            var_export("# Long\n".trim($text), true),
            var_export("$stand->folder/long.wav", true),
        ));
        $peak = 0.0;
        $worker = $stand->worker();
        try {
            FaultStand::until(static function () use ($stand, $worker, &$peak): bool {
                preg_match('/VmHWM:\s+(\d+)/', (string) @file_get_contents("/proc/{$worker->getPid()}/status"), $most);
                $peak = max($peak, (int) ($most[1] ?? 0) / 1024);

                return $stand->rows('SELECT 1 FROM recordings WHERE state = ?', ['waiting']) === [];
            }, 900);
            $isReady = $stand->rows('SELECT 1 FROM recordings WHERE state = ?', ['ready']) !== [];
        } finally {
            posix_kill(-(int) $worker->getPid(), SIGKILL);
        }

        return BenchRow::atMost(
            sprintf('memory to read a recording of %.0f min', filesize("$stand->folder/long.wav") / 32_000 / 60),
            $isReady ? $peak : INF,
            400,
            '%.0f MiB',
        );
    }
}
