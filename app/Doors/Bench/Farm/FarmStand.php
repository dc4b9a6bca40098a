<?php

declare(strict_types=1);

namespace App\Doors\Bench\Farm;

use App\Doors\Bench\FaultStand;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use RapidReel\Captions\Drawing\CaptionScript;
use RapidReel\Making\Render\Layer;
use RapidReel\Making\Render\Look;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Raster;
use RapidReel\Making\Render\Recipe;
use RapidReel\Making\Render\Source;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\FramePath;
use Symfony\Component\Process\Process;

/** A main machine, Redis and machines that help, each in a folder of its own on this one. */
final class FarmStand
{
    private const PORT = 8_379;

    private const PASSWORD = 'a-bench-of-lamps';

    private const SECONDS = 300;

    public readonly MediaStore $store;

    private ?Process $redis = null;

    private function __construct(public readonly string $folder)
    {
        $this->store = new MediaStore(Storage::build(['driver' => 'local', 'root' => "$folder/main/media"]));
    }

    public static function in(string $folder): self
    {
        File::deleteDirectory($folder);
        foreach (['framework/cache/data', 'framework/sessions', 'framework/views', 'logs', 'media'] as $room) {
            File::ensureDirectoryExists("$folder/main/$room");
        }

        return new self($folder);
    }

    public function startRedis(): void
    {
        $redis = new Process([
            'redis-server', '--port', (string) self::PORT, '--bind', '127.0.0.1', '--requirepass', self::PASSWORD,
            '--save', '', '--appendonly', 'no', '--dir', $this->folder,
        ], timeout: null);
        $redis->start();
        $this->redis = $redis;
        FaultStand::until(static fn (): bool => str_contains($redis->getOutput(), 'Ready to accept'), 20);
    }

    public function stopRedis(): void
    {
        $this->redis?->stop(0, SIGKILL);
    }

    public function address(): string
    {
        return 'redis://:'.self::PASSWORD.'@127.0.0.1:'.self::PORT;
    }

    /** A machine that helps, on one core. */
    public function helper(string $name, int $core): Process
    {
        $process = new Process([
            'setsid', 'taskset', '-c', (string) $core, base_path('bin/helper'), "--disk={$this->folder}/main/media",
            '--cores=1', "--name=$name", "--store={$this->folder}/$name",
        ], base_path(), ['REEL_HELPER_REDIS' => $this->address()], timeout: null);
        $process->start();
        FaultStand::until(static fn (): bool => $process->isRunning(), 10);

        return $process;
    }

    /** Ends one with all that it started, at once. */
    public function end(Process $process): void
    {
        $process->isRunning() && posix_kill(-(int) $process->getPid(), SIGKILL);
    }

    /**
     * Has the main machine see to it that all of them are made.
     *
     * @param  list<Recipe>  $orders
     * @param  array<string, string>  $environment
     */
    public function main(array $orders, array $environment = [], ?int $core = null): Process
    {
        $files = [];
        File::ensureDirectoryExists("{$this->folder}/orders");
        foreach ($orders as $order) {
            File::put($files[] = "{$this->folder}/orders/{$order->key()}.json", $order->toJson());
        }
        $process = new Process([
            'setsid', ...$core === null ? [] : ['taskset', '-c', (string) $core], base_path('bin/jit'), 'artisan',
            'reel:render', ...$files,
        ], base_path(), [
            'LARAVEL_STORAGE_PATH' => "{$this->folder}/main", 'DB_DATABASE' => '/nowhere',
            'REEL_FARM_REDIS' => $this->address(), ...$environment,
        ], timeout: self::SECONDS * 4);
        $process->start();

        return $process;
    }

    /**
     * Shots of a moving picture with grain in it, each from another moment on.
     *
     * @param  int  $from  in tenths of a second
     * @return list<Recipe>
     */
    public function shots(int $count, int $frames, Quality $quality, int $from = 0): array
    {
        $clip = "{$this->folder}/clip.mp4";
        if (! is_file($clip)) {
            (new Process([
                'ffmpeg', '-v', 'error', '-y', '-f', 'lavfi', '-i', 'testsrc2=size=1280x720:rate=30:duration=60',
                '-vf', 'noise=alls=9:all_seed=7', '-pix_fmt', 'yuv420p', '-c:v', 'libx264', '-preset', 'ultrafast',
                '-crf', '20', $clip,
            ], timeout: self::SECONDS))->mustRun();
        }
        $key = (string) hash_file('xxh128', $clip);
        if (! is_file($this->store->source($key))) {
            $this->store->keep($clip, $this->store->source($key));
        }
        $source = new Source($key, FootageKind::Clip, 1280, 720);

        return array_map(static fn (int $i): Recipe => new Recipe(
            $frames, new Raster($quality->width(), $quality->height(), 30),
            new Layer($source, 100 * ($from + $i), FramePath::centred(1280, 720, 9 / 16)), new Look,
            CaptionScript::none(), $quality->encoder(),
        ), range(0, $count - 1));
    }

    /**
     * @param  list<Recipe>  $orders
     * @return int how many of them are there as they were sealed
     */
    public function right(array $orders): int
    {
        $kept = new KeptFiles($this->store);

        return count(array_filter($orders, fn (Recipe $order): bool => $kept->isRight($this->file($order))));
    }

    public function file(Recipe $order): string
    {
        return $this->store->keyed('segments', $order->key(), 'mp4');
    }

    public function forget(): void
    {
        File::deleteDirectory("{$this->folder}/main/media/segments");
    }
}
