<?php

declare(strict_types=1);

namespace Tests\App\Disk;

use App\Desks\Exporting\ExportDesk;
use App\Media\Disk\Budget;
use App\Media\Disk\DiskKind;
use App\Media\Disk\DiskMeter;
use App\Media\Store\MediaStore;
use App\Shelves\Models\MachineSetting;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use RapidReel\Making\Render\Quality;
use Tests\App\AppTestCase;

/** The page that tells what fills the disk, over a short that was really exported. */
final class DiskPageTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        MachineSetting::query()->delete();
        $this->library();
        $this->actingAs($this->user());
    }

    public function test_it_is_measured_emptied_and_exported_again_the_same(): void
    {
        $batch = $this->made('The lamp is lit. A boat comes in.', name: 'Lamps');
        app(ExportDesk::class)->order($batch->shorts[0], Quality::Draft);
        $this->work();
        $this->get('/machine/disk')->assertOk()->assertSee('Measure');
        $this->post('/machine/disk', ['do' => 'measure'])->assertRedirect();
        $this->post('/machine/disk', ['do' => 'measure'])->assertRedirect();
        self::assertSame(1, DB::table('jobs')->count(), 'what waits already is not ordered twice');
        $this->get('/machine/disk')->assertSee('The disk is being measured');
        $this->work();

        $page = $this->get('/machine/disk')->assertOk()->assertSee('Lamps')->assertSee('Finished files');
        $page->assertSee(DiskKind::Segments->label())->assertDontSee('is being measured');
        $use = app(DiskMeter::class)->last();
        $of = $use->batches[$batch->id];
        self::assertGreaterThan(0, $of['segments']);
        self::assertGreaterThan(0, $of['mixes']);
        $video = app(MediaStore::class)->path($batch->shorts[0]->exports()->firstOrFail()->file('mp4'));
        $before = hash_file('sha256', $video);

        // Used this minute, nothing of it goes; an hour later it does.
        $this->post('/machine/disk', ['do' => 'empty-batch', 'batch' => $batch->id]);
        $this->work();
        self::assertSame($of['segments'], app(DiskMeter::class)->last()->batches[$batch->id]['segments']);
        $this->agesBy(2 * Budget::IN_USE_SECONDS);
        $this->post('/machine/disk', ['do' => 'empty-batch', 'batch' => $batch->id]);
        $this->work();
        self::assertArrayNotHasKey('segments', app(DiskMeter::class)->last()->batches[$batch->id]);
        self::assertFileExists($video);

        File::deleteDirectory(app(MediaStore::class)->root().'/videos');
        $again = app(ExportDesk::class)->order($batch->shorts[0], Quality::Draft);
        $this->work();
        self::assertSame($before, hash_file('sha256', app(MediaStore::class)->path($again->refresh()->file('mp4'))));
        self::assertGreaterThan(0, $again->segments_made);
    }

    private function agesBy(int $seconds): void
    {
        foreach (app(MediaStore::class)->files() as $place => $file) {
            touch($place, time() - $seconds);
        }
    }

    public function test_only_who_keeps_the_machine_sees_it(): void
    {
        $other = $this->user('other@elsewhere.example');
        $this->actingAs($other);
        foreach (['get' => [], 'put' => ['gigabytes' => '1'], 'post' => ['do' => 'strays']] as $method => $fields) {
            $this->call(strtoupper($method), '/machine/disk', $fields)->assertNotFound();
        }
        self::assertSame(0, DB::table('jobs')->count());
        self::assertSame(0, MachineSetting::query()->count());
    }

    public function test_names_of_other_accounts_are_not_told(): void
    {
        $secret = $this->channel('other@elsewhere.example')->batches()->create(['name' => 'Secret pile']);
        app(MediaStore::class)->put(
            app(MediaStore::class)->path('measured/disk.json'),
            json_encode(['version' => 1, 'at' => 1, 'kinds' => [], 'batches' => [$secret->id => ['finished' => 9]]]),
        );
        $this->get('/machine/disk')->assertOk()->assertDontSee('Secret pile')->assertSee('Another account');
    }

    public function test_what_cannot_be_made_again_is_not_emptied_and_odd_orders_are_refused(): void
    {
        foreach ([
            ['do' => 'empty-kind', 'kind' => 'footage'], ['do' => 'empty-kind', 'kind' => 'finished'],
            ['do' => 'empty-kind', 'kind' => '../library'], ['do' => 'empty-kind'], ['do' => 'format'], [],
        ] as $odd) {
            $this->postJson('/machine/disk', $odd)->assertStatus(422);
        }
        self::assertSame(0, DB::table('jobs')->count());
        $this->putJson('/machine/disk', ['gigabytes' => 'a few'])->assertStatus(422);
        $this->put('/machine/disk', ['gigabytes' => '20', 'days' => ''])->assertRedirect('/machine/disk');
        self::assertSame(20, (int) MachineSetting::query()->value('value'));
    }

    public function test_a_measurement_that_is_damaged_counts_as_none(): void
    {
        app(MediaStore::class)->put(app(MediaStore::class)->path('measured/disk.json'), '{"version":1,');
        $this->get('/machine/disk')->assertOk()->assertSee('Nobody has measured it yet');
    }
}
