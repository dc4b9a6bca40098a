<?php

declare(strict_types=1);

namespace App\Doors\Bench;

use GuzzleHttp\Cookie\CookieJar;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Http;
use PDO;
use RuntimeException;
use Symfony\Component\Process\Process;
use Throwable;

/** The application once more, with data, workers and a web server of its own, to be treated badly. */
final class FaultStand
{
    private const PORT = 8_377;

    public const ACCOUNT = ['email' => 'bench@lamplight.example', 'password' => 'a bench of lamps'];

    private readonly PDO $database;

    private function __construct(public readonly string $folder)
    {
        $this->database = new PDO("sqlite:$folder/reel.sqlite", options: [PDO::ATTR_TIMEOUT => 10]);
    }

    public static function in(string $folder): self
    {
        File::deleteDirectory($folder);
        foreach (['framework/cache/data', 'framework/sessions', 'framework/views', 'logs', 'media'] as $room) {
            File::ensureDirectoryExists("$folder/$room");
        }
        touch("$folder/reel.sqlite");
        $stand = new self($folder);
        $stand->artisan(['migrate', '--force']);

        return $stand;
    }

    /** Runs PHP in it. */
    public function php(string $code): string
    {
        $process = new Process(
            ['php', '-r', 'require "vendor/autoload.php"; (require "bootstrap/app.php")
                ->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap(); '.$code],
            base_path(),
            $this->environment(),
            timeout: 600,
        );

        return $process->mustRun()->getOutput();
    }

    /** @param  list<string>  $arguments */
    public function artisan(array $arguments): void
    {
        (new Process(['php', 'artisan', ...$arguments], base_path(), $this->environment(), timeout: 600))->mustRun();
    }

    /** A worker in a process group of its own. */
    public function worker(string $queues = 'looks,plans,words,long,renders'): Process
    {
        return $this->start([base_path('bin/jit'), 'artisan', 'queue:work', "--queue=$queues", '--sleep=0.2',
            '--memory=1024', '--quiet'], base_path());
    }

    public function web(): Process
    {
        return $this->start(['php', '-d', 'variables_order=EGPCS', '-d', 'upload_max_filesize=400M', '-d',
            'post_max_size=410M', '-d', 'memory_limit=512M', '-S', '127.0.0.1:'.self::PORT,
            base_path('bin/router.php')], public_path());
    }

    /** An account with a channel and some footage. */
    public function seed(string $footage): void
    {
        $this->php(sprintf(
            '$user = App\Shelves\Models\User::query()->create([...%s, "name" => "Bench"]);
             $channel = App\Shelves\Models\Channel::of($user);
             $importer = app(App\Shelves\Library\FootageImporter::class);
             foreach (array_slice(glob(%s), 0, 8) as $file) {
                 $importer->footage($channel, $file, basename($file),
                     App\Shelves\Library\FolderShelf::tagsOf($file), "demo");
             }',
            var_export(self::ACCOUNT, true),
            var_export("$footage/*.{mp4,png}", true).', GLOB_BRACE',
        ));
    }

    /** A browser that is signed in, once the web server answers. */
    public function signedIn(): PendingRequest
    {
        self::until(function (): bool {
            try {
                return Http::get($this->address().'/sign-in')->ok();
            } catch (Throwable) {
                return false;
            }
        }, 20);
        $client = Http::withOptions(['cookies' => new CookieJar, 'allow_redirects' => false])
            ->timeout(180)->acceptJson();
        $token = fn (string $path): string => preg_match(
            '/name="csrf-token" content="([^"]+)"/',
            (clone $client)->withHeaders(['Accept' => 'text/html'])->get($this->address().$path)->body(),
            $found,
        ) === 1 ? $found[1] : '';
        (clone $client)->asForm()->withHeaders(['Accept' => 'text/html'])
            ->post($this->address().'/sign-in', ['_token' => $token('/sign-in'), ...self::ACCOUNT]);

        return $client->asJson()->withHeaders(['X-CSRF-TOKEN' => $token('/')]);
    }

    public function address(): string
    {
        return 'http://127.0.0.1:'.self::PORT;
    }

    /**
     * @param  list<string|int>  $values
     * @return list<array<string, mixed>>
     */
    public function rows(string $sql, array $values = []): array
    {
        $statement = $this->database->prepare($sql);
        $statement->execute($values);

        /** @var list<array<string, mixed>> */
        return $statement->fetchAll(PDO::FETCH_ASSOC);
    }

    /** @param  callable(): bool  $look */
    public static function until(callable $look, int $seconds): void
    {
        for ($end = microtime(true) + $seconds; ! $look(); usleep(30_000)) {
            if (microtime(true) > $end) {
                throw new RuntimeException('The bench waited for something that never came.');
            }
        }
    }

    /** @param  list<string>  $command */
    private function start(array $command, string $folder): Process
    {
        $process = new Process(['setsid', ...$command], $folder, $this->environment());
        $process->setTimeout(null)->disableOutput()->start();

        return $process;
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return [
            'LARAVEL_STORAGE_PATH' => $this->folder,
            'DB_DATABASE' => "$this->folder/reel.sqlite",
            'APP_URL' => $this->address(),
            // Nobody looks at them here, unless it is asked for.
            'REEL_PROOFS' => 'false',
        ];
    }
}
