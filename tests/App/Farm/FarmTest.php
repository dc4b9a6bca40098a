<?php

declare(strict_types=1);

namespace Tests\App\Farm;

use App\Media\Depot\FolderDepot;
use App\Media\Farm\ArrivingSweep;
use App\Media\Farm\FarmLink;
use App\Media\Farm\MakerReport;
use App\Media\Farm\Roll;
use App\Media\Making\LocalMaker;
use App\Media\Making\Maker;
use App\Media\Store\KeptFiles;
use App\Media\Store\Originals;
use App\Shelves\Library\FootageImporter;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\TestWith;
use RapidReel\Making\Order\Analysis;
use RapidReel\Making\Render\Recipe;
use Symfony\Component\Process\Process;
use Tests\App\SpeaksCuts;

/** Several machines on one: helpers are processes with stores of their own, which know Redis and a disk. */
final class FarmTest extends FarmCase
{
    use SpeaksCuts;

    private int $made = 0;

    /** @param  list<Recipe>  $shots */
    private function make(array $shots, ?callable $meanwhile = null): void
    {
        $this->made = count(app(Maker::class)->make($shots, $meanwhile));
    }

    private function madeBy(string $machine): int
    {
        return array_sum(array_map(
            static fn (MakerReport $one): int => $one->machine === $machine ? $one->made : 0,
            app(Roll::class)->makers(),
        ));
    }

    public function test_a_batch_of_shots_is_the_same_to_the_byte_alone_and_with_a_helper(): void
    {
        $shots = $this->shots(8);
        app(LocalMaker::class)->make($shots);
        $alone = $this->hashes($shots);
        $this->forget(...$shots);
        $this->helper();
        $this->make($shots);

        self::assertSame($alone, $this->hashes($shots));
        self::assertGreaterThan(0, $this->made, 'the main machine takes part');
        self::assertLessThan(8, $this->made, 'and so does the other');
        foreach ($shots as $shot) {
            self::assertTrue(app(KeptFiles::class)->isRight(app(Maker::class)->file($shot)));
        }
        self::assertSame([], glob($this->disk().'/'.FolderDepot::ARRIVING.'/*'));
        self::assertGreaterThan(0.0, app(Roll::class)->speeds()['attic']);
        self::assertSame([], File::allFiles("{$this->place}/attic/media/segments"), 'it keeps nothing of what it made');
    }

    public function test_a_helper_makes_all_where_the_main_machine_takes_no_part(): void
    {
        config(['reel.farm.takes_part' => false]);
        $this->joins();
        $shots = $this->shots(3);
        $this->helper();
        $frames = 0;
        $this->make($shots, function (int $done) use (&$frames): void {
            $frames = max($frames, $done);
        });

        self::assertSame(0, $this->made);
        self::assertCount(3, $this->hashes($shots));
        self::assertSame(60, $frames, 'what others made is told as done');
    }

    public function test_a_mix_and_an_analysis_are_made_elsewhere_and_are_the_same(): void
    {
        $cut = $this->spoken([], 'The lamp is lit, and nobody sees it.');
        $mix = $this->mixed($cut);
        app(LocalMaker::class)->make([$mix]);
        $alone = hash_file('sha256', app(Maker::class)->file($mix));
        File::delete(app(Maker::class)->file($mix));
        File::deleteDirectory($this->disk().'/interest');
        $clip = self::media('look.mp4', '-f', 'lavfi', '-i', 'testsrc2=size=320x180:rate=15:duration=2', '-c:v',
            'libx264', '-preset', 'ultrafast');
        $key = (string) hash_file('xxh128', $clip);
        app(Originals::class)->lay($key, $clip);
        config(['reel.farm.takes_part' => false]);
        $this->joins();
        $this->helper();
        $keys = app(Maker::class)->make([$mix, Analysis::interest($key)]);

        self::assertSame([], $keys, 'none of it here');
        self::assertSame($alone, hash_file('sha256', app(Maker::class)->file($mix)));
        self::assertTrue(app(Maker::class)->isThere(Analysis::interest($key)));
    }

    public function test_what_is_brought_is_looked_at_by_others_before_it_is_needed(): void
    {
        config(['reel.farm.takes_part' => false]);
        $this->joins();
        $this->helper();
        $clip = self::media('ahead.mp4', '-f', 'lavfi', '-i', 'testsrc2=size=320x180:rate=15:duration=1', '-c:v',
            'libx264', '-preset', 'ultrafast');
        $key = app(FootageImporter::class)->footage($this->channel(), $clip, 'Ahead', [])->fingerprint;

        self::assertFalse(app(LocalMaker::class)->isThere(Analysis::interest($key)));
        $this->until(fn (): bool => app(LocalMaker::class)->isThere(Analysis::interest($key)), 'the look at it');
    }

    public function test_a_helper_that_is_killed_costs_one_shot_at_most_and_fails_nothing(): void
    {
        $shots = $this->shots(8, 90);
        $helper = $this->helper();
        $isKilled = false;
        $this->make($shots, function () use (&$isKilled): void {
            if (! $isKilled && $this->madeBy('attic') >= 1) {
                $isKilled = true;
                (new Process(['pkill', '-9', '-f', '--', '--name=attic']))->run();
            }
        });
        $helper->stop(0, SIGKILL);

        self::assertTrue($isKilled);
        self::assertCount(8, array_filter($this->hashes($shots)));
        self::assertSame([], app(Roll::class)->failures());
    }

    public function test_redis_may_go_away_and_come_back_in_the_middle(): void
    {
        $shots = $this->shots(12, 60);
        $this->helper();
        $step = 0;
        $this->make($shots, function () use (&$step): void {
            if ($step === 0 && $this->madeBy('attic') >= 1) {
                $step = 1;
                $this->stopRedis();
                $this->startRedis();
            }
        });
        self::assertSame(1, $step);
        self::assertCount(12, array_filter($this->hashes($shots)));
        $this->until(fn (): bool => in_array('attic', array_column(app(Roll::class)->makers(), 'machine'), true),
            'the helper, which is there again');
    }

    public function test_without_redis_all_is_made_here(): void
    {
        $this->stopRedis();
        $shots = $this->shots(4);
        $this->make($shots);

        self::assertSame(4, $this->made);
    }

    public function test_a_helper_with_other_tools_makes_no_shots_and_one_with_another_version_nothing(): void
    {
        $other = "{$this->place}/other-ffmpeg";
        File::put($other, <<<'SH'
            #!/bin/sh
            case "$*" in *-version*) echo 'ffmpeg version 99-other' ;; *) exec ffmpeg "$@" ;; esac
            SH);
        chmod($other, 0755);
        $this->helper('other', environment: ['REEL_FFMPEG' => $other]);
        $shots = $this->shots(3);
        $this->make($shots);
        self::assertSame(3, $this->made);
        self::assertSame(0, $this->madeBy('other'));
        self::assertStringContainsString('ffmpeg version 99-other', app(Roll::class)->makers()[0]->tools->told
            .app(Roll::class)->makers()[1]->tools->told);

        (new FarmLink($this->address()))->ask('SET', ['rapid-reel:main', '["older","tools"]']);
        $this->until(fn (): bool => str_contains(implode('', array_column(app(Roll::class)->makers(), 'why')),
            'another version'), 'that it says so');
    }

    public function test_a_helper_is_left_out_and_taken_in_again(): void
    {
        config(['reel.farm.takes_part' => false]);
        $this->joins();
        $this->helper();
        app(Roll::class)->leaveOut(['attic']);
        $this->until(fn (): bool => str_contains(implode('', array_column(app(Roll::class)->makers(), 'why')),
            'told to make nothing'), 'that it says so');
        $this->make($this->shots(2));
        self::assertSame(2, $this->made, 'with nobody there to make it, it is made here');
    }

    public function test_a_helper_ends_politely_and_hands_back_what_it_has_begun(): void
    {
        $helper = $this->helper();
        $shots = $this->shots(6, 400);
        $isAsked = false;
        $this->make($shots, function () use ($helper, &$isAsked): void {
            if (! $isAsked && str_contains($helper->getErrorOutput(), 'A shot of')) {
                $isAsked = true;
                $helper->signal(SIGTERM);
            }
        });
        $helper->wait();
        self::assertSame(0, $helper->getExitCode());
        self::assertStringContainsString('is handed back', $helper->getErrorOutput());
        self::assertSame(6, $this->made);
        self::assertNotContains('attic', array_column(app(Roll::class)->makers(), 'machine'));
    }

    public function test_clocks_may_be_an_hour_apart(): void
    {
        $this->helper('early', environment: ['FAKETIME' => '-1h', 'LD_PRELOAD' => self::faketime()]);
        $shots = $this->shots(6);
        $this->make($shots);

        self::assertCount(6, array_filter($this->hashes($shots)));
        self::assertGreaterThan(0, $this->madeBy('early'));
    }

    /** Bad orders that somebody who knows the password lays there: told, and nothing is read or written by them. */
    #[TestWith([['layer' => ['source' => ['key' => '../../../etc/passwd']]]])]
    #[TestWith([['encoder' => ['-c:v', 'libx264', '-y', '/tmp/rapid-reel-was-here.mp4']]])]
    #[TestWith([['encoder' => ['-f', 'null', '-vstats_file', '/tmp/rapid-reel-was-here']]])]
    #[TestWith([['captions' => ['faces' => ['own-../../../../etc/passwd']]]])]
    #[TestWith([['layer' => ['backdrop' => 'gradient', 'ground' => ['000000[x];movie=/etc/passwd[y]', '000000']]]])]
    #[TestWith([['look' => ['grade' => ['cube' => '../../x']]]])]
    #[TestWith([['width' => 100_000, 'height' => 200_000]])]
    #[TestWith([['frames' => 10_000_000]])]
    #[TestWith([['fps' => 0]])]
    public function test_an_order_that_leaves_the_disk_is_refused(array $changed): void
    {
        $helper = $this->helper();
        $order = array_replace_recursive($this->shots(1)[0]->toArray(), $changed);
        $json = (string) json_encode($order, JSON_PRESERVE_ZERO_FRACTION);
        try {
            $key = Recipe::fromJson($json)->key();
        } catch (\Throwable) {
            // Its reader does not even take it; so does that of the helper.
            $key = str_repeat('ab', 16);
        }
        $link = new FarmLink($this->address());
        $tools = app(Roll::class)->makers()[0]->tools;
        $link->ask('SET', ["rapid-reel:order:$key", json_encode(['threads' => 1, 'order' => $json])]);
        $link->ask('ZADD', ["rapid-reel:open:{$tools->code}:any", '0', $key]);
        $this->until(fn (): bool => app(Roll::class)->failures() !== [], 'that it says so: '.$helper->getErrorOutput());

        self::assertFileDoesNotExist('/tmp/rapid-reel-was-here.mp4');
        self::assertFileDoesNotExist('/tmp/rapid-reel-was-here');
        self::assertTrue($helper->isRunning());
    }

    public function test_a_disk_that_loses_what_was_put_there_costs_time_alone(): void
    {
        $this->helper();
        $shots = $this->shots(8, 60);
        $lost = 0;
        $this->make($shots, function () use ($shots, &$lost): void {
            foreach ($shots as $shot) {
                $file = app(Maker::class)->file($shot);
                if ($lost < 2 && is_file("$file.seal")) {
                    $lost++;
                    @unlink($file);
                }
            }
        });
        self::assertGreaterThan(0, $lost);
        // What was made and lost again is made anew by whoever needs it.
        app(Maker::class)->make($shots);
        self::assertCount(8, array_filter($this->hashes($shots)));
    }

    public function test_a_full_disk_of_a_helper_is_told_and_the_others_go_on(): void
    {
        $helper = $this->helper('full', environment: ['REEL_LEAST_FREE' => (string) PHP_INT_MAX]);
        $shots = $this->shots(3);
        $this->make($shots);

        self::assertSame(3, $this->made);
        self::assertStringContainsString('disk is full', $helper->getErrorOutput());
        self::assertStringContainsString('disk is full', implode('', array_column(app(Roll::class)->makers(), 'why')));
    }

    public function test_what_dead_machines_left_on_the_disk_is_swept(): void
    {
        $this->helper();
        $arriving = $this->disk().'/'.FolderDepot::ARRIVING;
        File::ensureDirectoryExists($arriving);
        File::put("$arriving/attic-0011223344556677", 'half');
        File::put("$arriving/gone-0011223344556677", 'half');
        app(ArrivingSweep::class)->sweep();

        self::assertFileExists("$arriving/attic-0011223344556677");
        self::assertFileDoesNotExist("$arriving/gone-0011223344556677");
    }

    private static function faketime(): string
    {
        foreach (glob('/usr/lib/*/faketime/libfaketime.so.1') ?: [] as $file) {
            return $file;
        }
        self::fail('The package faketime is missing: bin/setup installs it.');
    }
}
