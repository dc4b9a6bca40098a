<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Support\Facades\File;
use PDO;
use RuntimeException;
use Symfony\Component\Process\Process;

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
    public function worker(): Process
    {
        return $this->start(['php', '-d', 'memory_limit=1G', 'artisan', 'queue:work', '--queue=looks,plans,words,long,renders',
            '--sleep=0.2', '--memory=1024', '--quiet'], base_path());
    }

    public function web(): Process
    {
        return $this->start(['php', '-d', 'variables_order=EGPCS', '-S', '127.0.0.1:'.self::PORT,
            base_path('bin/router.php')], public_path());
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
        ];
    }
}
