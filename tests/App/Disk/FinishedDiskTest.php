<?php

declare(strict_types=1);

namespace Tests\App\Disk;

use App\Desks\Exporting\ExportedFiles;
use App\Desks\Exporting\FinishedFiles;
use App\Desks\Tidying\DiskKeeper;
use App\Desks\Tidying\DiskRules;
use App\Desks\Tidying\FinishedMover;
use App\Ground\Work\DiskAct;
use App\Media\Disk\DiskMeter;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\MachineSetting;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\File;
use RapidReel\Base\Refusal;
use RapidReel\Making\Render\Quality;
use Tests\App\AppTestCase;
use Tests\App\HasBucket;

/** Finished files go to another disk by age, and are downloaded as before. */
final class FinishedDiskTest extends AppTestCase
{
    use HasBucket;

    private string $other = '';

    private Short $short;

    protected function setUp(): void
    {
        parent::setUp();
        MachineSetting::query()->delete();
        $this->other = TEST_PLACE.'/other-'.bin2hex(random_bytes(4));
        File::makeDirectory($this->other);
        config(['reel.finished' => $this->other]);
        $this->short = $this->made('The lamp is lit. Nobody sees it.')->shorts[0];
        $this->actingAs($this->user());
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->other);
        parent::tearDown();
    }

    /** A finished export of so many days ago, with files of words. */
    private function export(int $days = 40, string $video = 'A video of a lamp', string $target = ''): Export
    {
        $export = $this->short->exports()->create([
            'quality' => Quality::Final, 'state' => ExportState::Done, 'target' => $target, 'name' => '01-the-lamp',
            'finished_at' => now()->subDays($days), 'bytes' => strlen($video),
        ]);
        $seals = [];
        foreach ([...ExportedFiles::EXTENSIONS, ExportedFiles::POSTER] as $which) {
            $file = app(MediaStore::class)->path($export->file($which));
            app(MediaStore::class)->put($file, $which === 'mp4' ? $video : "The $which of it");
            $seals[$which] = KeptFiles::sealOf($file);
        }
        $export->update(['seals' => $seals]);

        return $export;
    }

    private function local(Export $export, string $which = 'mp4'): string
    {
        return app(MediaStore::class)->path($export->file($which));
    }

    private function tidy(): void
    {
        while (app(DiskKeeper::class)->act(DiskAct::Tidy, 0, '')) {
            continue;
        }
    }

    private function said(): string
    {
        return app(DiskMeter::class)->last()->said ?? '';
    }

    public function test_what_is_old_is_moved_and_downloaded_as_before(): void
    {
        DiskRules::write('', '30');
        $old = $this->export(40);
        $young = $this->export(20, 'A later video');
        $this->tidy();

        self::assertSame('', $this->said());
        self::assertFileDoesNotExist($this->local($old));
        self::assertFileExists($this->local($old, ExportedFiles::POSTER), 'its poster is seen in lists every day');
        self::assertFileExists($this->local($young));
        self::assertNull($young->refresh()->moved_to);
        $there = "$this->other/{$old->refresh()->movedFile('mp4')}";
        self::assertStringEqualsFile($there, 'A video of a lamp');

        $answer = $this->get("/exports/$old->id/mp4?save=1");
        $answer->assertOk()->assertDownload('01-the-lamp.mp4');
        self::assertSame('A video of a lamp', $answer->getFile()->getContent());
        $part = $this->get("/exports/$old->id/mp4", ['Range' => 'bytes=2-6']);
        self::assertSame(206, $part->getStatusCode());
        self::assertSame('bytes 2-6/17', $part->headers->get('Content-Range'));
        foreach (['srt', 'json'] as $which) {
            self::assertSame("The $which of it", $this->get("/exports/$old->id/$which")->getFile()->getContent());
        }

        $this->actingAs($this->user('stranger@elsewhere.example'));
        $this->get("/exports/$old->id/mp4")->assertNotFound();
    }

    public function test_they_are_in_the_zip_of_a_batch_and_come_back(): void
    {
        $old = $this->export();
        File::ensureDirectoryExists(app(MediaStore::class)->root().'/videos');
        link($this->local($old), $second = app(MediaStore::class)->root().'/videos/lamp.mp4');
        app(DiskKeeper::class)->act(DiskAct::Move, $this->short->batch_id, '');
        self::assertNotNull($old->refresh()->moved_to);
        self::assertFileDoesNotExist($second, 'its other name would keep all of it here');
        $zip = self::zipOf($this->get("/batches/{$this->short->batch_id}/download?all=1"));
        self::assertSame('A video of a lamp', $zip->getFromName('01-the-lamp-outdated.mp4'));

        app(DiskKeeper::class)->act(DiskAct::Bring, $this->short->batch_id, '');
        self::assertNull($old->refresh()->moved_to);
        self::assertStringEqualsFile($this->local($old), 'A video of a lamp');
        self::assertSame(
            ['rapid-reel-finished.txt'],
            array_map(static fn ($file): string => $file->getFilename(), File::allFiles($this->other)),
        );
    }

    public function test_a_disk_that_is_not_mounted_is_told_and_nothing_is_lost(): void
    {
        DiskRules::write('', '30');
        $old = $this->export();
        $this->tidy();
        rename($this->other, "$this->other-away");
        $answer = $this->getJson("/exports/$old->id/mp4");
        $answer->assertStatus(422);
        self::assertStringContainsString('is not there', (string) $answer->json('message'));
        self::assertStringContainsString('Nothing is lost', (string) $answer->json('message'));

        // Where a disk was, an empty folder is found.
        File::makeDirectory($this->other);
        $second = $this->export(50, 'Another video');
        $this->tidy();
        self::assertStringContainsString('Is it mounted?', $this->said());
        self::assertFileExists($this->local($second), 'nothing goes to a folder that only stands in for a disk');
        self::assertNull($second->refresh()->moved_to);
        self::assertSame([], File::allFiles($this->other));

        File::deleteDirectory($this->other);
        rename("$this->other-away", $this->other);
        $this->get("/exports/$old->id/mp4")->assertOk();
        $this->tidy();
        self::assertNotNull($second->refresh()->moved_to);
    }

    public function test_a_folder_that_was_never_there_is_not_made(): void
    {
        config(['reel.finished' => '/nowhere/at/all']);
        DiskRules::write('', '30');
        $old = $this->export();
        $this->tidy();

        self::assertStringContainsString('is not there: /nowhere/at/all', $this->said());
        self::assertDirectoryDoesNotExist('/nowhere');
        self::assertFileExists($this->local($old));
    }

    public function test_what_is_damaged_there_is_not_handed_out_and_what_is_damaged_here_is_not_moved(): void
    {
        $old = $this->export();
        app(FinishedMover::class)->move($old);
        File::put("$this->other/{$old->movedFile('mp4')}", 'A video of a lump');
        $answer = $this->getJson("/exports/$old->id/mp4");
        self::assertStringContainsString('were changed, damaged or deleted', (string) $answer->json('message'));

        $second = $this->export(50);
        File::append($this->local($second, 'srt'), 'x');
        self::assertFalse(app(FinishedMover::class)->move($second));
        self::assertFileExists($this->local($second));
        self::assertNull($second->refresh()->moved_to);
    }

    public function test_who_is_killed_in_the_middle_leaves_it_in_both_places_and_the_next_run_ends_it(): void
    {
        $old = $this->export();
        $kept = array_map(fn (string $which): string => (string) file_get_contents($this->local($old, $which)),
            array_combine(ExportedFiles::EXTENSIONS, ExportedFiles::EXTENSIONS));
        app(FinishedMover::class)->move($old);
        // The row says so, and the files here are not away yet.
        foreach ($kept as $which => $content) {
            app(MediaStore::class)->put($this->local($old, $which), $content);
        }
        $this->tidy();
        self::assertFileDoesNotExist($this->local($old));
        self::assertFileExists(app(FinishedFiles::class)->path($old->refresh(), 'mp4'));

        // Half of it is there, and no row says so.
        $second = $this->export(50, 'A second video');
        File::ensureDirectoryExists("$this->other/finished");
        DiskRules::write('', '30');
        $this->tidy();
        self::assertStringEqualsFile("$this->other/{$second->refresh()->movedFile('mp4')}", 'A second video');
    }

    public function test_they_go_to_a_bucket_and_are_fetched_from_there(): void
    {
        $this->openBucket("$this->other/s3");
        config(['reel.finished' => 's3']);
        try {
            DiskRules::write('', '30');
            $old = $this->export();
            $this->tidy();
            self::assertSame('', $this->said());
            self::assertFileDoesNotExist($this->local($old));
            self::assertSame(
                'A video of a lamp', $this->get("/exports/$old->id/mp4")->assertOk()->getFile()->getContent(),
            );
            File::deleteDirectory(app(MediaStore::class)->root().'/fetched');
        } finally {
            $this->closeBucket();
        }
        $answer = $this->getJson("/exports/$old->id/mp4");
        $answer->assertStatus(422);
        self::assertStringContainsString('Nothing is lost', (string) $answer->json('message'));
    }

    public function test_replaced_files_are_deleted_and_the_last_ones_stay(): void
    {
        $replaced = [$this->export(60, 'One'), $this->export(50, 'Two')];
        app(FinishedMover::class)->move($replaced[0]);
        $last = $this->export(40, 'Three');
        $draft = $this->export(30, 'A draft');
        $draft->update(['quality' => Quality::Draft]);
        $other = $this->export(60, 'For another target', 'wall');
        $there = "$this->other/{$replaced[0]->movedFile('mp4')}";
        app(DiskKeeper::class)->act(DiskAct::Replaced, $this->short->batch_id, '');

        self::assertSame(
            [$last->id, $draft->id, $other->id], Export::query()->orderBy('id')->pluck('id')->all(),
        );
        self::assertFileDoesNotExist($there);
        self::assertFileDoesNotExist($this->local($replaced[1]));
        foreach ([$last, $draft, $other] as $one) {
            self::assertFileExists($this->local($one));
        }
    }

    public function test_rules_are_whole_numbers(): void
    {
        foreach ([['0', ''], ['-3', ''], ['1.5', ''], ['many', ''], ['', '4000'], ['', '0'], ['9999999', '']] as $bad) {
            try {
                DiskRules::write(...$bad);
                self::fail(implode(' ', $bad));
            } catch (Refusal) {
                self::assertSame(0, MachineSetting::query()->count());
            }
        }
        DiskRules::write('20', '90');
        self::assertSame([20, 90], [DiskRules::read()->gigabytes, DiskRules::read()->days]);
        DiskRules::write('', '');
        self::assertNull(DiskRules::read()->budget());
    }
}
