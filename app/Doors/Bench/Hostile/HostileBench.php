<?php

declare(strict_types=1);

namespace App\Doors\Bench\Hostile;

use App\Doors\Bench\BenchRow;
use App\Doors\Bench\FaultStand;
use App\Doors\Http\Fields;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\Route;
use Symfony\Component\Process\Process;
use Throwable;

/**
 * The application under attack: files of all kinds, values of all forms, scripts of all makes, and words that would run
 * where they are shown, on every page in a browser.
 */
final class HostileBench
{
    private const FILES = 300;

    private const VALUES = 5_000;

    private const SCRIPTS = 500;

    /** What would run in a page, a template or a shell, if anything did. */
    public const PAYLOAD = '"\'><img src=x onerror="window.owned=1"><script>window.owned=1</script>{{ 6*7001 }}'
        .'<%= 6*7001 %>';

    private const PLACES = [
        'a.png' => [['/footage', 'files[]'], ['/house/logos', 'logo']], 'svg' => [['/house/logos', 'logo']],
        'ttf' => [['/faces', 'face']], 'cube' => [['/house/tables', 'table']],
        'zip' => [['/house/file', 'house'], ['/intake/files', 'files[]']],
        'srt' => [['/intake/files', 'files[]'], ['/shorts/{short}/captions/file', 'file']],
        'csv' => [['/intake/files', 'files[]']], 'md' => [['/intake/files', 'files[]']],
        'wav' => [['/sounds', 'files[]'], ['/shorts/{short}/recordings', 'sound']], 'mp3' => [['/sounds', 'files[]']],
        'flac' => [['/sounds', 'files[]']], 'ogg' => [['/sounds', 'files[]']],
        'm4a' => [['/shorts/{short}/recordings', 'sound'], ['/sounds', 'files[]']],
    ];

    /** @var array<int, int> answers by status */
    private array $statuses = [];

    /** @var list<string> what was answered with 500 or not at all, and to what */
    private array $failed = [];

    private float $slowest = 0.0;

    /**
     * @param  callable(string): void  $tell
     * @return list<BenchRow>
     */
    public function run(string $folder, string $footage, string $face, callable $tell): array
    {
        $stand = FaultStand::in($folder);
        $stand->seed($footage);
        $before = self::outside();
        $web = $stand->web();
        $worker = $stand->worker();
        try {
            $client = $stand->signedIn();
            $this->stored($stand, $client);
            $rows = [
                ...$this->files($stand, $client, $face, $tell), ...$this->values($stand, $client, $tell),
                ...$this->scripts($stand, $client, $tell), $this->pages($stand, $tell),
            ];
        } finally {
            foreach ([$web, $worker] as $process) {
                $process->isRunning() && posix_kill(-(int) $process->getPid(), SIGKILL);
            }
        }
        foreach (array_slice($this->failed, 0, 20) as $one) {
            $tell($one);
        }

        ksort($this->statuses);
        $tell('Answers by status: '.json_encode($this->statuses));

        return [
            ...$rows,
            BenchRow::atMost('answers of 500 or none to all of it', count($this->failed), 0, '%.0f'),
            BenchRow::atMost('slowest answer', $this->slowest, 60, '%.1f s'),
            BenchRow::atMost(
                'files that came outside our folders', count(array_diff(self::outside(), $before)), 0, '%.0f',
            ),
        ];
    }

    /** Words that would run, in every field that is kept and shown. */
    private function stored(FaultStand $stand, PendingRequest $client): void
    {
        $stand->php(sprintf(
            '$bad = %s; $channel = App\Shelves\Models\Channel::query()->firstOrFail();
             $batch = app(App\Desks\Editing\BatchMaker::class)->make($channel, mb_substr($bad, 0, 120),
                 app(App\Desks\Intake\ScriptFiles::class)
                     ->fromText("# $bad\n\nThe lamp went out $bad. A boat came in.\n\n[$bad]"),
                 new RapidReel\Base\Values([]));
             $short = $batch->shorts[0];
             $short->update(["title" => mb_substr($bad, 0, 120), "keywords" => $bad, "tags" => $bad]);
             App\Shelves\Models\Hook::query()->create(["short_id" => $short->id, "text" => $bad]);
             $channel->update(["style_words" => $bad, "forbidden" => $bad, "pronunciations" => "$bad = $bad",
                 "figures" => "$bad = $bad", "views" => $bad, "name" => mb_substr($bad, 0, 80)]);
             App\Shelves\Models\Footage::query()->update(["name" => mb_substr($bad, 0, 120), "tags" => $bad,
                 "collection" => mb_substr($bad, 0, 80), "brief" => $bad, "remark" => $bad]);
             $channel->its(App\Shelves\Models\Pattern::class)->create(["name" => $bad,
                 "settings" => new RapidReel\Base\Values(["speed" => 90])]);',
            var_export(self::PAYLOAD, true),
        ));
        foreach (['logo' => '/house/logos', 'table' => '/house/tables'] as $field => $path) {
            $bytes = $field === 'logo'
                ? '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"><rect width="9" height="9"/></svg>'
                : 'TITLE "'.self::PAYLOAD."\"\nLUT_3D_SIZE 2\n".str_repeat("0 0 0\n", 8);
            $this->ask(
                (clone $client)->asMultipart()->attach($field, $bytes, self::PAYLOAD.'.svg'), 'POST',
                $stand->address().$path,
            );
        }
    }

    /**
     * @param  callable(string): void  $tell
     * @return list<BenchRow>
     */
    private function files(FaultStand $stand, PendingRequest $client, string $face, callable $tell): array
    {
        $tell('Hostile files…');
        $short = (string) $stand->rows('SELECT min(id) id FROM shorts')[0]['id'];
        $answered = 0;
        foreach ((new HostileFiles("{$stand->folder}/hostile", $face))->make(self::FILES) as $i => [$path, $name]) {
            $kind = pathinfo($name, PATHINFO_EXTENSION);
            $places = self::PLACES[$kind]
                ?? [['/footage', 'files[]'], ['/house/logos', 'logo'], ['/sounds', 'files[]']];
            [$place, $field] = $places[$i % count($places)];
            $answered += $this->ask(
                (clone $client)->asMultipart()->attach($field, (string) file_get_contents($path), $name),
                'POST',
                $stand->address().str_replace('{short}', $short, $place),
                $place === '/sounds' ? ['kind' => $i % 2 === 0 ? 'effect' : 'music'] : [],
                "$name to $place",
            );
        }
        FaultStand::until(static fn (): bool => $stand->rows('SELECT 1 FROM jobs') === [], 900);

        return [BenchRow::atLeast(
            self::FILES.' hostile files, each answered in a sentence', $answered, self::FILES, '%.0f',
        )];
    }

    /**
     * @param  callable(string): void  $tell
     * @return list<BenchRow>
     */
    private function values(FaultStand $stand, PendingRequest $client, callable $tell): array
    {
        $tell('Hostile values…');
        $routes = self::routes($stand);
        mt_srand(31);
        $answered = 0;
        for ($i = 0; $i < self::VALUES; $i++) {
            [$method, $uri, $fields] = $routes[mt_rand(0, count($routes) - 1)];
            $sent = [];
            foreach ($fields as $field) {
                if (mt_rand(0, 1) === 0) {
                    $sent[$field] = self::value();
                }
            }
            $answered += $this->ask($client, $method, $stand->address().$uri, $sent, "$method $uri");
        }

        return [BenchRow::atLeast(
            number_format(self::VALUES).' values over HTTP answered', $answered, self::VALUES, '%.0f',
        )];
    }

    /**
     * @param  callable(string): void  $tell
     * @return list<BenchRow>
     */
    private function scripts(FaultStand $stand, PendingRequest $client, callable $tell): array
    {
        $tell('Hostile scripts…');
        $answered = 0;
        for ($i = 0; $i < self::SCRIPTS; $i++) {
            [$text, $name] = HostileScripts::one($i);
            $answered += $this->ask(
                (clone $client)->asMultipart()->attach('files[]', $text, $name), 'POST',
                $stand->address().'/intake/files', [], "script $i as $name",
            );
            $answered += $this->ask(
                (clone $client)->asForm(), 'POST', $stand->address().'/intake/preview', ['text' => $text], "script $i",
            );
        }

        return [BenchRow::atLeast(
            self::SCRIPTS.' scripts as files and over HTTP answered', $answered, 2 * self::SCRIPTS, '%.0f',
        )];
    }

    /**
     * Every page there is, in a browser, with what was kept before on it.
     *
     * @param  callable(string): void  $tell
     */
    private function pages(FaultStand $stand, callable $tell): BenchRow
    {
        $tell('Every page in a browser…');
        $ids = [
            '{batch}' => 'batches', '{short}' => 'shorts', '{scene}' => 'scenes', '{edit}' => 'edits',
        ];
        $ids = array_map(static fn (string $table): string => (string) ($stand->rows(
            "SELECT min(id) id FROM $table",
        )[0]['id'] ?? 0), $ids) + ['{word}' => '0'];
        $pages = [];
        /** @var OneRoute $route */
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $uri = '/'.ltrim(strtr($route->uri(), $ids), '/');
            if (in_array('GET', $route->methods(), true) && ! str_contains($uri, '{')) {
                $pages[] = $uri;
            }
        }
        $process = new Process(
            ['node', base_path('tests/Browser/hostile-pages.mjs'), $stand->address(), json_encode([
                'account' => FaultStand::ACCOUNT, 'pages' => $pages,
            ], JSON_THROW_ON_ERROR)],
            base_path(),
            timeout: 900,
        );
        $process->run();
        $found = json_decode($process->getOutput(), true);
        foreach (is_array($found) ? $found['wrong'] : [$process->getErrorOutput()] as $one) {
            $tell((string) $one);
        }

        return BenchRow::atMost(
            sprintf('pages of %d on which stored words ran, or that failed', count($pages)),
            is_array($found) && $found['seen'] === count($pages) ? count($found['wrong']) : INF,
            0,
            '%.0f',
        );
    }

    /** @param  array<string, mixed>  $fields */
    private function ask(
        PendingRequest $client,
        string $method,
        string $url,
        array $fields = [],
        string $what = '',
    ): int {
        $began = microtime(true);
        try {
            $answer = match ($method) {
                'GET' => $client->get($url, $fields),
                'PUT' => $client->put($url, $fields),
                'PATCH' => $client->patch($url, $fields),
                'DELETE' => $client->delete($url, $fields),
                default => $client->post($url, $fields),
            };
            $status = $answer->status();
        } catch (Throwable $problem) {
            $status = 0;
            $what .= ': '.$problem->getMessage();
        }
        $this->slowest = max($this->slowest, microtime(true) - $began);
        $this->statuses[$status] = ($this->statuses[$status] ?? 0) + 1;
        if (in_array($status, [0, 401, 419], true) || $status >= 500 && $status !== 503 && $status !== 507) {
            $this->failed[] = "$status: $what ".mb_strimwidth((string) json_encode($fields), 0, 300, '…');

            return 0;
        }

        return 1;
    }

    private static function value(): mixed
    {
        return [
            '', '0', '-1', '1', '9999999999999999999999', '1e999', 'NaN', "\x00", "a\x07b", self::PAYLOAD,
            '../../../etc/passwd', str_repeat('x', 70_000), "\u{202E}\u{0}", [], ['a' => 'b'], [[[['x']]]],
            [1, 'x', null], true, false, null, 1.5,
            -2_147_483_649, PHP_INT_MAX, 'true', 'off', '2026-02-31', '🙂', "' OR 1=1 --", 'select', 'delete', 'undo',
            'pin', 'channel', 'short', 'scene', 'batch', 'shot', 'draft', 'final', 'speed', 'look', 'ink', 'words:4-12',
        ][mt_rand(0, 41)];
    }

    /** @return list<array{string, string, list<string>}> method, address and fields of every route */
    private static function routes(FaultStand $stand): array
    {
        $places = [
            '{batch}' => 'batches', '{short}' => 'shorts', '{scene}' => 'scenes', '{footage}' => 'footage',
            '{logo}' => 'logos', '{table}' => 'colour_tables', '{pattern}' => 'patterns', '{edit}' => 'edits',
            '{channel}' => 'channels',
        ];
        $ids = array_map(static fn (string $table): string => (string) ($stand->rows(
            "SELECT min(id) id FROM $table",
        )[0]['id'] ?? 1), $places) + ['{word}' => '0', '{number}' => '0', '{kind}' => 'txt', '{format}' => 'srt',
            '{which}' => 'dark', '{half}' => 'bed', '{extension}' => 'mp4', '{sound}' => 'bell', '{id}' => 'round',
            '{voice}' => 'aldous', '{style}' => 'own-x', '{sticker}' => 'arrow', '{key}' => str_repeat('a', 32)];
        $found = [];
        /** @var OneRoute $route */
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $name = (string) $route->getName();
            // Whoever signs out has nothing more to send.
            if (! in_array($name, ['sign-out', 'password.change', 'sign-in.try'], true)) {
                $fields = array_keys(Fields::of($name));
                $uri = '/'.ltrim((string) preg_replace('/\{[a-z]+\}/', '1', strtr($route->uri(), $ids)), '/');
                $found[] = [$route->methods()[0], $uri, $fields];
            }
        }

        return $found;
    }

    /** @return list<string> files of the project where none should appear */
    private static function outside(): array
    {
        $found = [];
        foreach (['public', 'app', 'src', 'bin', 'bootstrap', 'config', 'routes', 'resources', 'database'] as $room) {
            $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
                base_path($room), \FilesystemIterator::SKIP_DOTS,
            ));
            foreach ($files as $file) {
                $found[] = (string) $file;
            }
        }

        return [...$found, ...glob(base_path('*')) ?: [], ...glob('/tmp/*.php') ?: [], ...glob('/etc/cron.d/*') ?: []];
    }
}
