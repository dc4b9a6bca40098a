<?php

declare(strict_types=1);

namespace Tests\App\Farm;

use App\Doors\Providers\FarmServiceProvider;
use App\Media\Farm\Exchange;
use App\Media\Farm\FarmClaims;
use App\Media\Farm\FarmLink;
use App\Media\Farm\FarmUnreachable;
use App\Media\Farm\OrderBoard;
use App\Media\Farm\Roll;
use App\Media\Farm\Toolprint;
use App\Media\Making\Maker;
use App\Media\Process\Claims;
use App\Media\Process\EncoderPool;
use App\Media\Store\MediaStore;
use App\Media\Video\Sources;
use Illuminate\Support\Facades\File;
use RapidReel\Captions\Drawing\CaptionScript;
use RapidReel\Making\Render\Layer;
use RapidReel\Making\Render\Look;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Raster;
use RapidReel\Making\Render\Recipe;
use RapidReel\Making\Render\Source;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\FramePath;
use RuntimeException;
use Symfony\Component\Process\Process;
use Tests\App\AppTestCase;

/** The main machine with a real Redis of its own, and machines that help it: each a process with a store of its own. */
abstract class FarmCase extends AppTestCase
{
    protected const PASSWORD = 'lamp-and-bell';

    protected string $place = '';

    protected int $port = 0;

    private ?Process $redis = null;

    /** @var list<Process> */
    protected array $started = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->place = TEST_PLACE.'/farm-'.bin2hex(random_bytes(4));
        File::makeDirectory($this->place, recursive: true);
        $this->port = random_int(20_000, 30_000);
        $this->startRedis();
        config(['reel.farm.redis' => $this->address(), 'reel.farm.disk' => '', 'reel.farm.takes_part' => true]);
        $this->joins();
    }

    protected function tearDown(): void
    {
        foreach ($this->started as $process) {
            $process->stop(8, SIGTERM);
        }
        $this->stopRedis();
        config(['reel.farm.redis' => '', 'reel.farm.disk' => '']);
        $this->joins();
        File::deleteDirectory($this->place);
        parent::tearDown();
    }

    /** What is bound is bound anew, to what the configuration says now. */
    protected function joins(): void
    {
        foreach ([
            FarmLink::class, OrderBoard::class, Exchange::class, Claims::class, FarmClaims::class, Roll::class,
            EncoderPool::class, Maker::class,
        ] as $class) {
            app()->forgetInstance($class);
        }
        (new FarmServiceProvider(app()))->register();
    }

    protected function address(string $password = self::PASSWORD): string
    {
        return "redis://:$password@127.0.0.1:{$this->port}";
    }

    protected function startRedis(string ...$settings): void
    {
        $this->redis = new Process([
            'redis-server', '--port', (string) $this->port, '--bind', '127.0.0.1', '--requirepass', self::PASSWORD,
            '--save', '', '--appendonly', 'no', '--dir', $this->place, ...$settings,
        ], timeout: null);
        $this->redis->start();
        $this->until(fn (): bool => str_contains($this->redis?->getOutput() ?? '', 'Ready to accept'), 'Redis');
    }

    protected function stopRedis(): void
    {
        $this->redis?->stop(0, SIGKILL);
    }

    /** @param  array<string, string>  $environment */
    protected function helper(string $name = 'attic', string $disk = '', array $environment = []): Process
    {
        $process = new Process([
            base_path('bin/helper'), '--disk='.($disk ?: $this->disk()), '--cores=1', "--name=$name",
            "--store={$this->place}/$name",
        ], base_path(), ['REEL_HELPER_REDIS' => $this->address(), ...$environment], timeout: null);
        $process->start();
        $this->started[] = $process;
        $this->until(fn (): bool => in_array($name, array_column(app(Roll::class)->makers(), 'machine'), true),
            "$name, which says: ".$process->getErrorOutput());

        return $process;
    }

    protected function disk(): string
    {
        return app(MediaStore::class)->root();
    }

    /** @param  callable(): bool  $is */
    protected function until(callable $is, string $what, float $seconds = 60.0): void
    {
        $end = microtime(true) + $seconds;
        $asked = static function () use ($is): bool {
            try {
                return $is();
            } catch (FarmUnreachable) {
                return false;
            }
        };
        while (! $asked()) {
            if (microtime(true) > $end) {
                throw new RuntimeException("It was waited for in vain: $what");
            }
            usleep(20_000);
        }
    }

    /**
     * Shots of a clip, each from another moment on.
     *
     * @return list<Recipe>
     */
    protected function shots(
        int $count, int $frames = 20, Quality $quality = Quality::Draft, string $filter = 'null',
    ): array {
        $file = self::media(
            'farm-'.hash('xxh32', $filter).'.mp4', '-f', 'lavfi', '-i', 'testsrc2=size=640x360:rate=30:duration=20',
            '-vf', $filter, '-pix_fmt', 'yuv420p', '-c:v', 'libx264', '-preset', 'ultrafast', '-crf', '18',
        );
        $key = (string) hash_file('xxh128', $file);
        app(Sources::class)->lay($key, $file, 'it');
        $source = new Source($key, FootageKind::Clip, 640, 360);
        $shots = array_map(static fn (int $i): Recipe => new Recipe(
            $frames, new Raster($quality->width(), $quality->height(), 30),
            new Layer($source, 100 * $i, FramePath::centred(640, 360, 9 / 16)), new Look, CaptionScript::none(),
            $quality->encoder(),
        ), range(1, $count));
        $this->forget(...$shots);

        return $shots;
    }

    /**
     * @param  list<Recipe>  $shots
     * @return array<string, string> hash of each, by its key
     */
    protected function hashes(array $shots): array
    {
        $hashes = [];
        foreach ($shots as $shot) {
            $hashes[$shot->key()] = (string) hash_file('sha256', app(Maker::class)->file($shot));
        }

        return $hashes;
    }

    protected function forget(Recipe ...$shots): void
    {
        foreach ($shots as $shot) {
            File::delete([app(Maker::class)->file($shot), app(Maker::class)->file($shot).'.seal']);
        }
    }

    /** What a machine of its own would ask and say. */
    protected function board(string $machine, string $print = 'same'): OrderBoard
    {
        return new OrderBoard(
            new FarmLink($this->address()), "$machine/1", $machine, new Toolprint('code', $print, ''),
        );
    }
}
