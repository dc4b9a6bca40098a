<?php

declare(strict_types=1);

namespace Tests\App\Disk;

use App\Media\Disk\Budget;
use App\Media\Disk\DiskKind;
use App\Media\Disk\DiskMeter;
use App\Media\Disk\Owners;
use App\Media\Store\InUse;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Process;
use Tests\App\AppTestCase;

/** What can be made again is kept within a budget, on a disk of its own. */
final class BudgetTest extends AppTestCase
{
    private const DAY = 86_400;

    private MediaStore $store;

    private string $root = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->root = TEST_PLACE.'/budget-'.bin2hex(random_bytes(4));
        $this->store = new MediaStore(Storage::build(['driver' => 'local', 'root' => $this->root]));
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->root);
        parent::tearDown();
    }

    /** A sealed file of a thousand bytes that was used so many seconds ago. */
    private function file(string $name, int $ago, int $bytes = 1_000): string
    {
        $place = $this->store->path($name);
        File::ensureDirectoryExists(dirname($place));
        File::put($place, str_repeat(substr(md5($name), 0, 1), $bytes));
        File::put("$place.seal", KeptFiles::sealOf($place));
        touch($place, time() - $ago);
        touch("$place.seal", time() - $ago);

        return $place;
    }

    private function budget(): Budget
    {
        return new Budget($this->store, new InUse($this->store));
    }

    public function test_the_oldest_goes_first_and_no_more_than_must(): void
    {
        $files = [];
        foreach ([9, 2, 7, 1, 5] as $days) {
            $files[$days] = $this->file("segments/aa/aa$days.mp4", $days * self::DAY);
        }
        $swept = $this->budget()->keep(3_300, static fn (string $key): bool => true);

        self::assertSame(3_000, $swept->freed, 'down to nine tenths, so that not every run has a little to do');
        self::assertSame(2_000, $swept->left);
        foreach ([9 => false, 7 => false, 5 => false, 2 => true, 1 => true] as $days => $stays) {
            self::assertSame($stays, is_file($files[$days]), "$days days");
            self::assertSame($stays, is_file("$files[$days].seal"), "$days days, its seal");
        }
    }

    public function test_of_what_is_as_old_that_which_is_cheap_to_make_goes_first(): void
    {
        $dear = $this->file('segments/aa/aaaa.mp4', self::DAY);
        $middle = $this->file('mixes/bb/bbbb.wav', self::DAY);
        $cheap = $this->file('cards/cc/cccc.png', self::DAY);
        $old = $this->file('segments/dd/dddd.mp4', 30 * self::DAY);
        $this->budget()->keep(2_500, static fn (string $key): bool => true);

        self::assertFileDoesNotExist($cheap);
        self::assertFileDoesNotExist($old, 'what nobody used for a month goes before the cheap sound of yesterday');
        self::assertFileExists($middle);
        self::assertFileExists($dear);
    }

    public function test_what_is_in_use_stays_however_little_is_given(): void
    {
        $held = $this->file('segments/aa/aaaa.mp4', 30 * self::DAY);
        $lately = $this->file('segments/bb/bbbb.mp4', 60);
        $free = $this->file('segments/cc/cccc.mp4', self::DAY);
        $folder = (new InUse($this->store))->hold(['segments/aa/aaaa.mp4']);
        $swept = $this->budget()->keep(1, static fn (string $key): bool => true);

        self::assertFileExists($held);
        self::assertFileExists($lately);
        self::assertFileDoesNotExist($free);
        self::assertSame(2_000, $swept->inUse);

        $this->store->discard($folder);
        $this->budget()->keep(1, static fn (string $key): bool => true);
        self::assertFileDoesNotExist($held, 'who let go of it needs it no more');
    }

    public function test_whoever_was_killed_holds_nothing(): void
    {
        $held = $this->file('segments/aa/aaaa.mp4', self::DAY);
        $process = new Process(['php', '-r', sprintf(
            'require %s; $store = new App\Media\Store\MediaStore(new Illuminate\Filesystem\LocalFilesystemAdapter('
                .'new League\Flysystem\Filesystem($to = new League\Flysystem\Local\LocalFilesystemAdapter(%s)), $to, '
                .'["root" => %2$s]));'
                .'(new App\Media\Store\InUse($store))->hold(["segments/aa/aaaa.mp4"]); posix_kill(getmypid(), 9);',
            var_export(base_path('vendor/autoload.php'), true), var_export($this->root, true),
        )]);
        try {
            $process->run();
            self::fail($process->getErrorOutput());
        } catch (ProcessSignaledException) {
            self::assertSame(9, $process->getTermSignal());
        }
        self::assertCount(1, (new InUse($this->store))->names());
        $this->store->sweep();
        $this->budget()->keep(1, static fn (string $key): bool => true);

        self::assertFileDoesNotExist($held);
    }

    public function test_whoever_reads_a_kept_file_makes_it_young_again(): void
    {
        $used = $this->file('segments/aa/aaaa.mp4', 30 * self::DAY);
        $unused = $this->file('segments/bb/bbbb.mp4', 20 * self::DAY);
        self::assertTrue((new KeptFiles($this->store))->isRight($used));
        $this->budget()->keep(1_500, static fn (string $key): bool => true);

        self::assertFileExists($used);
        self::assertFileDoesNotExist($unused);
    }

    public function test_the_last_copy_of_footage_that_left_the_library_and_what_people_brought_are_left_alone(): void
    {
        $last = $this->file('sources/aa/aaaa', 90 * self::DAY);
        $known = $this->file('sources/bb/bbbb', 90 * self::DAY);
        $brought = $this->file('library/cccc.mp4', 90 * self::DAY);
        $take = $this->file('takes/dd/dddd.wav', 90 * self::DAY);
        $sample = $this->file('samples/aldous-1234.wav', 90 * self::DAY);
        $this->budget()->keep(1, static fn (string $key): bool => $key === 'bbbb');

        self::assertFileExists($last);
        self::assertFileExists($brought);
        self::assertFileExists($take);
        self::assertFileExists($sample, 'nobody speaks it again when it is asked for');
        self::assertFileDoesNotExist($known);
    }

    public function test_a_kind_is_emptied_and_of_a_batch_its_own_alone(): void
    {
        $mine = $this->file('segments/aa/aaaa.mp4', self::DAY);
        $others = $this->file('segments/bb/bbbb.mp4', self::DAY);
        $mix = $this->file('mixes/aa/aaaa.wav', self::DAY);
        self::assertSame(2_000, $this->budget()->empty(null, static fn (): bool => true, ['aaaa' => 1])->freed);
        self::assertFileDoesNotExist($mine);
        self::assertFileDoesNotExist($mix);
        self::assertFileExists($others);
        $this->budget()->empty(DiskKind::Segments, static fn (): bool => true);
        self::assertFileDoesNotExist($others);
    }

    public function test_what_has_two_names_is_measured_once_and_told_of_its_batch(): void
    {
        $video = $this->file('exports/7/tale.mp4', 0, 5_000);
        File::ensureDirectoryExists("{$this->root}/videos");
        link($video, "{$this->root}/videos/abcd.mp4");
        $this->file('exports/8/lost.mp4', 0, 300);
        $this->file('segments/aa/aaaa.mp4', 0, 700);
        $use = (new DiskMeter($this->store, '/nowhere'))->measure(new Owners([7 => 3], ['aaaa' => 3]), 'All is well.');

        $seals = array_sum(array_map(
            static fn (string $seal): int => (int) filesize($seal), glob("{$this->root}/exports/*/*.seal") ?: [],
        ));
        self::assertSame(5_300 + $seals, $use->bytes(DiskKind::Finished));
        self::assertSame(5_000, intdiv($use->batches[3]['finished'], 100) * 100);
        self::assertSame(700, intdiv($use->batches[3]['segments'], 100) * 100);
        self::assertSame(300, intdiv($use->strays, 100) * 100, 'of no export that anybody knows');
        $last = (new DiskMeter($this->store, '/nowhere'))->last();
        self::assertEquals($use, $last);
    }
}
