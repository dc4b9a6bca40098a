<?php

declare(strict_types=1);

namespace Tests\App\Faults;

use App\Desks\Exporting\ExportDesk;
use App\Doors\Jobs\PlanShort;
use App\Media\Store\MediaStore;
use App\Shelves\Models\Export;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use RapidReel\Making\Render\Quality;
use Symfony\Component\Process\Process;
use Tests\App\AppTestCase;

/** What all tests of faults need: a short, its export, workers of their own, and programs that misbehave. */
abstract class FaultCase extends AppTestCase
{
    protected const SCRIPT = "# Lamp\nThe lamp went out. A boat came in with a bell. The map was wrong.";

    /** @var list<Process> */
    private array $workers = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
        $this->library();
        foreach (['segments', 'mixes'] as $room) {
            File::deleteDirectory(app(MediaStore::class)->path($room));
        }
    }

    protected function tearDown(): void
    {
        foreach ($this->workers as $worker) {
            $worker->isRunning() && posix_kill(-(int) $worker->getPid(), SIGKILL);
        }
        parent::tearDown();
    }

    /** A planned short with no order open. */
    protected function short(string $text = self::SCRIPT): Short
    {
        $short = $this->made($text, ['voice' => 'aldous'])->shorts[0];
        app()->call([new PlanShort($short->id), 'handle']);
        DB::table('jobs')->delete();

        return $short->refresh()->unsetRelations();
    }

    protected function order(Short $short, Quality $quality = Quality::Draft): Export
    {
        return app(ExportDesk::class)->order($short, $quality);
    }

    protected function exported(Short $short): Export
    {
        // A video that is whole needs no part of it.
        File::deleteDirectory(app(MediaStore::class)->path('videos'));
        $export = $this->order($short);
        $this->work();

        return $export->refresh();
    }

    protected function video(Export $export): string
    {
        return app(MediaStore::class)->path("{$export->folder()}/{$export->name}.mp4");
    }

    /** Whether a finished video decodes to its end and is as long as it should be. */
    protected static function assertWhole(string $video, int $frames): void
    {
        $found = self::probe($video);
        self::assertSame($frames, (int) $found['streams'][0]['nb_read_frames']);
        self::assertEqualsWithDelta($frames / 30, (float) $found['streams'][1]['duration'], 0.06);
        $decoded = new Process(['ffmpeg', '-v', 'error', '-xerror', '-i', $video, '-f', 'null', '-']);
        self::assertSame(0, $decoded->run());
        self::assertSame('', $decoded->getErrorOutput());
    }

    /**
     * A program in ffmpeg's place that does something else at first.
     *
     * @param  string  $script  of a shell; $calls is a file of its own to count in; what it leaves to ffmpeg goes on
     */
    protected function ffmpeg(string $script): string
    {
        $folder = TEST_PLACE.'/shim-'.bin2hex(random_bytes(4));
        File::ensureDirectoryExists($folder);
        File::put("$folder/calls", '');
        File::put("$folder/ffmpeg", "#!/bin/sh\ncalls='$folder/calls'\n$script\nexec ffmpeg \"\$@\"\n");
        chmod("$folder/ffmpeg", 0755);

        return "$folder/ffmpeg";
    }

    /** @return list<string> what a program of ours wrote down */
    protected static function calls(string $program): array
    {
        return file(dirname($program).'/calls', FILE_IGNORE_NEW_LINES) ?: [];
    }

    /**
     * A worker with a process group of its own.
     *
     * @param  array<string, string>  $given  environment
     */
    protected function worker(array $given = [], string $queue = 'looks,plans,words,long,renders'): Process
    {
        $this->workers[] = $worker = new Process(
            ['setsid', 'php', 'artisan', 'queue:work', "--queue=$queue", '--sleep=0.1', '--quiet'],
            base_path(),
            ['REEL_RETRY_AFTER' => '2', ...$given],
        );
        $worker->setTimeout(null)->start();

        return $worker;
    }

    /**
     * @template T
     *
     * @param  callable(): T  $look
     * @return T the first that is something
     */
    protected static function until(callable $look, int $seconds = 60): mixed
    {
        for ($end = microtime(true) + $seconds; microtime(true) < $end; usleep(20_000)) {
            $seen = $look();
            if ($seen) {
                return $seen;
            }
        }
        self::fail('It never came.');
    }
}
