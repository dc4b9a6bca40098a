<?php

declare(strict_types=1);

namespace Tests\App\Farm;

use App\Doors\Console\Doctor;
use App\Doors\Http\Presenters\Machine\HelperRow;
use App\Doors\Http\Presenters\Machine\HelpersPage;
use App\Media\Farm\Farm;
use App\Media\Farm\Roll;
use App\Media\Making\LocalMaker;
use App\Media\Making\Maker;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\Process\Process;
use Tests\App\HasBucket;
use Tests\App\SpeaksCuts;

/** Machines that see no common folder: between them is a bucket, S3 over HTTP (npm: s3rver). */
final class BucketTest extends FarmCase
{
    use HasBucket;
    use SpeaksCuts;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openBucket("{$this->place}/s3");
        config(['reel.farm.disk' => 's3', 'reel.farm.takes_part' => false]);
        $this->joins();
    }

    protected function tearDown(): void
    {
        $this->closeBucket();
        parent::tearDown();
    }

    public function test_what_is_needed_goes_there_and_what_is_made_comes_back_the_same(): void
    {
        $shots = $this->shots(4);
        app(LocalMaker::class)->make($shots);
        $alone = $this->hashes($shots);
        $this->forget(...$shots);
        $mix = $this->mixed($this->spoken([], 'Nobody sees the lamp tonight.'));
        File::delete([app(Maker::class)->file($mix), app(Maker::class)->file($mix).'.seal']);
        $this->helper('far', Farm::BUCKET, self::bucketSettings($this->bucketPort));
        $keys = app(Maker::class)->make([$mix, ...$shots]);

        self::assertSame([], $keys, 'none of it here');
        self::assertSame($alone, $this->hashes($shots));
        self::assertTrue(app(Maker::class)->isThere($mix));
        self::assertTrue(app(KeptFiles::class)->isRight(app(Maker::class)->file($shots[0])));
        self::assertSame([], array_filter(
            Storage::disk('s3')->allFiles(),
            static fn (string $name): bool => str_starts_with($name, 'segments/') || str_starts_with($name, 'mixes/'),
        ), 'what came back is not kept there');
        self::assertNotSame([], File::allFiles("{$this->place}/far/media/sources"), 'what it needs again it keeps');
        self::assertSame([], File::allFiles("{$this->place}/far/media/segments"));
    }

    public function test_a_clip_that_was_brought_to_another_form_is_known_by_its_seal(): void
    {
        $shots = $this->shots(1, filter: 'setsar=4/3');
        self::assertFileExists(app(MediaStore::class)->source($shots[0]->sources()[0]->key).'.seal');
        $this->helper('far', Farm::BUCKET, self::bucketSettings($this->bucketPort));

        self::assertSame([], app(Maker::class)->make($shots));
        self::assertSame([], app(Roll::class)->failures());
    }

    public function test_without_the_bucket_all_is_made_here(): void
    {
        $this->bucket->stop(0, SIGKILL);
        $shots = $this->shots(2);
        config(['reel.farm.takes_part' => true]);
        $this->joins();

        self::assertCount(2, app(Maker::class)->make($shots));
        self::assertCount(2, array_filter($this->hashes($shots)));
    }

    public function test_a_bucket_that_goes_away_meanwhile_is_told_and_nothing_is_lost(): void
    {
        $shots = $this->shots(6, 60);
        $this->helper('far', Farm::BUCKET, self::bucketSettings($this->bucketPort));
        $made = app(Maker::class)->make($shots, function (): void {
            if (array_sum(array_column(app(Roll::class)->makers(), 'made')) > 0) {
                $this->bucket->stop(0, SIGKILL);
            }
        });

        self::assertNotSame([], $made);
        self::assertCount(6, array_filter($this->hashes($shots)));
        $this->until(fn (): bool => app(Roll::class)->failures() !== [], 'that it says so');
        self::assertStringContainsString('bucket', app(Roll::class)->failures()[0]['why']);
    }

    public function test_a_disk_that_takes_two_seconds_a_file_is_told_and_all_is_made(): void
    {
        $port = random_int(40_001, 50_000);
        $slow = new Process(['node', __DIR__.'/slow-disk.mjs', (string) $port, (string) $this->bucketPort, '2000']);
        $slow->start();
        $slow->waitUntil(static fn (string $type, string $said): bool => str_contains($said, 'listening'));
        try {
            $mix = $this->mixed($this->spoken([], 'The lamp is lit.'));
            File::delete([app(Maker::class)->file($mix), app(Maker::class)->file($mix).'.seal']);
            $helper = $this->helper('far', Farm::BUCKET, self::bucketSettings($port));
            $keys = app(Maker::class)->make([$mix, ...$shots = $this->shots(1)]);

            self::assertTrue(app(KeptFiles::class)->isRight(app(Maker::class)->file($mix)));
            self::assertCount(1, $this->hashes($shots));
            self::assertSame([], app(Roll::class)->failures(), $helper->getErrorOutput());
            $this->until(fn (): bool => $this->doctors('other machines') !== '', 'the doctor');
            $said = $this->doctors('other machines');
            self::assertStringContainsString('far: Its way to the media disk is slow', $said);
            self::assertStringContainsString('slow', implode('', array_merge(...array_map(
                static fn (HelperRow $row): array => $row->doing(), app(HelpersPage::class)->of()->rows,
            ))));
            self::assertLessThan(2, count($keys), 'what takes long there is made all the same');
        } finally {
            $slow->stop(0, SIGKILL);
        }
    }

    /** What the doctor finds wrong; empty for nothing. */
    private function doctors(string $check): string
    {
        foreach (app(Doctor::class)->examine() as $one) {
            if ($one['check'] === $check && ! $one['ok']) {
                return $one['found'];
            }
        }

        return '';
    }
}
