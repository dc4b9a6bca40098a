<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Editing\TargetDesk;
use App\Desks\Exporting\ExportDesk;
use App\Desks\Exporting\ExportedFiles;
use App\Doors\Http\Presenters\Rundown\Rundown;
use App\Doors\Jobs\MakeExport;
use App\Makers\Videos\FinishedVideos;
use App\Media\Probing\LoudnessMeter;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Target\TargetForm;
use RapidReel\Base\Target\Targets;
use RapidReel\Making\Render\Quality;
use Symfony\Component\Process\Process;

final class ExportTest extends AppTestCase
{
    private const SCRIPT = "# Lamp\nThe lamp went out. Then a boat came in the fog, with a bell that rang and rang "
        .'until the keeper woke. The map was wrong. Follow the gull.';

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
        $this->library();
        // What another test rendered would count as kept here.
        foreach (['segments', 'videos'] as $room) {
            app(MediaStore::class)->discard(app(MediaStore::class)->path($room));
        }
    }

    private function batch(string $text = self::SCRIPT): Batch
    {
        return $this->made($text, ['voice' => 'aldous'], 'Test');
    }

    private function export(Short $short, Quality $quality = Quality::Draft): Export
    {
        $export = app(ExportDesk::class)->order($short, $quality);
        $this->work();

        return $export->refresh();
    }

    private function path(Export $export, string $extension = 'mp4'): string
    {
        return app(MediaStore::class)->path("{$export->folder()}/{$export->name}.$extension");
    }

    private function poster(Export $export): string
    {
        return (string) file_get_contents(app(MediaStore::class)->path($export->file(ExportedFiles::POSTER)));
    }

    public function test_the_same_short_in_another_shape_keeps_its_pins_and_places_its_captions_anew(): void
    {
        $short = $this->batch()->shorts[0];
        $export = $this->export($short);
        $scene = $short->refresh()->scenes[0];
        $shot = $scene->shots->sortBy('word')->firstOrFail();
        $shot->update(['pins' => '[{"ms":0,"x":0.4,"y":0.45,"close":2}]', 'locked' => true]);
        foreach (['4:5' => [540, 676], '16:9' => [960, 540]] as $shape => $size) {
            $this->setting('short', $short->id, 'shape', $shape)->assertOk();
            $other = $this->export($short->refresh());

            self::assertSame(ExportState::Done, $other->state, (string) $other->problem);
            $video = self::probe($this->path($other))['streams'][0];
            self::assertSame($size, [$video['width'], $video['height']], $shape);
            $cut = $short->refresh()->plannedCut() ?? self::fail('There is no cut.');
            $window = $cut->scenes[0]->shots[0]->view->path->at(0);
            self::assertEqualsWithDelta([0.4, 0.45], [$window->x, $window->y], 0.002, "the pin in $shape");
            self::assertNotSame([], $cut->cues);
            self::assertSame($shape, $cut->cues[0]->setting->shape->value);
            self::assertStringContainsString(
                sprintf("PlayResX: %d\nPlayResY: %d\n", $cut->form->frame->width(), $cut->form->frame->height()),
                (string) file_get_contents($this->path($other, 'ass')),
            );
        }
        self::assertFileExists($this->path($export), 'what was made before stays');
    }

    public function test_an_export_is_the_video_that_outlets_take(): void
    {
        $export = $this->export($this->batch()->shorts[0], Quality::Final);
        self::assertSame([ExportState::Done, 100, null], [$export->state, $export->percent, $export->problem]);

        $found = self::probe($this->path($export));
        [$video, $audio] = $found['streams'];
        self::assertSame(
            ['h264', 'High', 1080, 1920, 'yuv420p', '30/1', '30/1'],
            [
                $video['codec_name'],
                $video['profile'],
                $video['width'],
                $video['height'],
                $video['pix_fmt'],
                $video['r_frame_rate'],
                $video['avg_frame_rate'],
            ],
        );
        self::assertSame(
            ['bt709', 'bt709', 'bt709', 'tv'],
            [$video['color_space'], $video['color_transfer'], $video['color_primaries'], $video['color_range']],
        );
        self::assertSame(['aac', '48000', 2], [$audio['codec_name'], $audio['sample_rate'], $audio['channels']]);
        self::assertSame((int) round($export->duration_ms * 30 / 1000), (int) $video['nb_read_frames']);
        self::assertEqualsWithDelta((float) $video['duration'], (float) $audio['duration'], 1 / 30);
        self::assertSame('Lamp', $found['format']['tags']['title']);

        // Fast start: what tells where everything is comes before the pictures.
        $bytes = (string) file_get_contents($this->path($export));
        self::assertLessThan(strpos($bytes, 'mdat'), strpos($bytes, 'moov'));

        $loudness = app(LoudnessMeter::class)->file($this->path($export));
        self::assertEqualsWithDelta(-14.0, $loudness->integrated, 1.0);
        self::assertLessThan(-1.0, $loudness->peak);

        // Every frame decodes, and no timestamp is off the grid.
        $decoded = new Process(['ffmpeg', '-v', 'warning', '-xerror', '-i', $this->path($export), '-f', 'null', '-']);
        self::assertSame(0, $decoded->run());
        self::assertSame('', $decoded->getErrorOutput());
    }

    public function test_what_is_exported_again_unchanged_is_the_same_file_as_long_as_that_is_whole(): void
    {
        $short = $this->batch()->shorts[0];
        $first = $this->path($this->export($short));
        $bytes = (string) file_get_contents($first);
        $again = $this->path($this->export($short->refresh()));
        self::assertNotSame($first, $again);
        self::assertSame(fileinode($first), fileinode($again), 'one file with two names');

        // Damaged under all of its names at once.
        file_put_contents($first, substr($bytes, 0, 5_000));
        $third = $this->path($this->export($short->refresh()));
        self::assertSame(md5($bytes), md5_file($third));

        $kept = static fn (): int => count(glob(app(MediaStore::class)->path('videos').'/*.mp4') ?: []);
        app(FinishedVideos::class)->sweep();
        self::assertSame(1, $kept(), 'an export has it');
        app(MediaStore::class)->discard(app(MediaStore::class)->path('exports'));
        app(FinishedVideos::class)->sweep();
        self::assertSame(0, $kept());
    }

    public function test_a_still_that_another_program_wrote_is_exported_though_it_is_kept_in_another_form(): void
    {
        $this->actingAs($this->user());
        // Noise is written otherwise by every program; that of the library is written by the one that keeps it.
        $picture = imagecreatetruecolor(300, 500);
        mt_srand(3);
        for ($i = 0; $i < 20_000; $i++) {
            imagesetpixel($picture, mt_rand(0, 299), mt_rand(0, 499), mt_rand(0, 0xFFFFFF));
        }
        $file = TEST_PLACE.'/drawn elsewhere.png';
        imagepng($picture, $file, 3);
        $footage = app(FootageImporter::class)->footage($this->channel(), $file, 'kiosk.png', ['kiosk']);
        self::assertStringNotContainsString($footage->fingerprint, (string) $footage->seal, 'It was written anew.');
        $export = $this->export($this->made("# Kiosk\nThe kiosk by the sea was never shut.", name: 'Kiosk')->shorts[0]);
        self::assertSame(ExportState::Done, $export->state, (string) $export->problem);
        // And a file that is damaged later is told, not shown.
        $place = app(MediaStore::class)->source($footage->fingerprint);
        file_put_contents($place, 'x', FILE_APPEND);
        self::assertFalse(app(KeptFiles::class)->isSource($footage->fingerprint));
    }

    public function test_nothing_changed_makes_nothing_new_and_an_edit_only_its_own_scene(): void
    {
        $short = $this->batch()->shorts[0];
        $first = $this->export($short);
        self::assertSame(0, $first->segments_kept);
        $again = $this->export($short->refresh());
        self::assertSame([0, $first->segments_made], [$again->segments_made, $again->segments_kept]);

        $shots = array_map(static fn ($scene): int => count($scene->shots), $short->refresh()->plannedCut()->scenes);
        $this->putJson('/scenes/'.$short->scenes[2]->id, ['text' => 'The old map had always been wrong.'])
            ->assertOk()
            ->assertJson(['text' => 'The old map had always been wrong.']);
        $edited = $this->export($short->refresh());
        $shotsNow = array_map(static fn ($scene): int => count($scene->shots), $short->refresh()->plannedCut()->scenes);

        self::assertSame($shotsNow[2], $edited->segments_made);
        self::assertSame(array_sum($shots) - $shots[2], $edited->segments_kept);
        self::assertNotSame([$first->pixels, $first->sound], [$edited->pixels, $edited->sound]);
        self::assertSame($this->poster($first), $this->poster($edited), 'what stands for it is of the hook');
        self::assertStringContainsString(
            'always been',
            (string) preg_replace(
                '/\s+/',
                ' ',
                (string) preg_replace(
                    '/^\d+$|^.*-->.*$/m',
                    '',
                    (string) file_get_contents($this->path($edited, 'srt')),
                ),
            ),
        );
    }

    public function test_a_swapped_picture_renders_its_shot_alone_and_stays(): void
    {
        $short = $this->batch()->shorts[0];
        $first = $this->export($short);
        $used = array_merge(
            ...array_map(
                static fn ($scene): array => $scene->footage(),
                $short->refresh()->plannedCut()->scenes,
            ),
        );
        $other = Footage::query()->whereKeyNot($used[0])->firstOrFail();

        $this->putJson("/scenes/{$short->scenes[0]->id}/shots/0", ['footage' => $other->id])->assertOk();
        $export = $this->export($short->refresh());
        self::assertSame(1, $export->segments_made);
        self::assertNotSame($this->poster($first), $this->poster($export));
        self::assertSame((string) $other->id, $short->refresh()->plannedCut()->scenes[0]->shots[0]->source->footage);

        // The operator's own choice outlives a change of the words.
        $this->putJson('/scenes/'.$short->scenes[0]->id, ['text' => 'The lamp was out.'])->assertOk();
        $this->work();
        self::assertSame((string) $other->id, $short->refresh()->plannedCut()->scenes[0]->shots[0]->source->footage);
        $this->putJson("/scenes/{$short->scenes[0]->id}/shots/9", ['footage' => $other->id])->assertUnprocessable();
    }

    public function test_words_that_cannot_be_spoken_are_refused_and_the_old_ones_stay(): void
    {
        $short = $this->batch()->shorts[0];
        foreach (['', ' … ', str_repeat('lamp ', 300)] as $text) {
            $this->putJson('/scenes/'.$short->scenes[0]->id, ['text' => $text])->assertUnprocessable();
        }
        self::assertSame('The lamp went out.', $short->scenes[0]->refresh()->text);
        self::assertSame(1, $short->refresh()->revision);
    }

    public function test_hostile_words_come_out_as_words(): void
    {
        $batch = $this->batch("# Odd <b>\nThe lamp went out.");
        $scene = $batch->shorts[0]->scenes[0];
        $this->putJson("/scenes/{$scene->id}", [
            'text' => 'He wrote {\pos(0,0)} and <script>"x"</script> ‘twice’, مصباح, 50 % & more',
        ])->assertOk();
        $export = $this->export($batch->shorts[0]->refresh());

        self::assertSame(ExportState::Done, $export->state, (string) $export->problem);
        self::assertStringContainsString(
            '\{\\'."\u{2060}".'POS(0,0)\}',
            (string) file_get_contents($this->path($export, 'ass')),
        );
        self::assertStringContainsString('مصباح', (string) file_get_contents($this->path($export, 'vtt')));
        $this->get("/shorts/{$batch->shorts[0]->id}")
            ->assertOk()
            ->assertDontSee('<script>"x"', false)
            ->assertDontSee('Odd <b>', false);
        $this->get("/batches/{$batch->id}")
            ->assertOk()
            ->assertDontSee('Odd <b>', false);
    }

    public function test_a_batch_is_handed_out_as_one_archive_with_a_list(): void
    {
        $batch = $this->batch(self::SCRIPT."\n---\n# +Bell\nA bell rang in the tower all night.");
        $this->from("/batches/{$batch->id}")->get("/batches/{$batch->id}/download")->assertSessionHas('problem');
        $this->post("/batches/{$batch->id}/exports", ['quality' => 'draft'])->assertRedirect();
        $this->work();
        $next = static fn (): string => app(Rundown::class)->of($batch->fresh() ?? $batch)->next;
        self::assertSame('export', $next(), 'After drafts the final videos come next.');
        Export::query()->where('short_id', $batch->shorts[0]->id)->update(['quality' => 'final']);
        self::assertSame('export', $next());
        Export::query()->update(['quality' => 'final']);
        self::assertSame('download', $next());

        $zip = self::zipOf($this->get("/batches/{$batch->id}/download")->assertOk());
        $names = array_map(static fn (int $i): string|false => $zip->getNameIndex($i), range(0, $zip->numFiles - 1));
        self::assertEqualsCanonicalizing(
            [
                ...array_map(static fn (string $x): string => "01-lamp.$x", ['mp4', 'srt', 'vtt', 'ass', 'json']),
                ...array_map(static fn (string $x): string => "02-bell.$x", ['mp4', 'srt', 'vtt', 'ass', 'json']),
                'manifest.csv',
            ],
            $names,
        );
        self::assertStringContainsString("02-bell.mp4,'+Bell,", (string) $zip->getFromName('manifest.csv'));

        $zip = self::zipOf($this->get("/batches/{$batch->id}/download?shorts[]={$batch->shorts[1]->id}")->assertOk());
        self::assertSame(6, $zip->numFiles);
    }

    public function test_a_finished_video_can_seek_and_be_saved(): void
    {
        $export = $this->export($this->batch()->shorts[0]);

        $this->get("/exports/{$export->id}/mp4", ['Range' => 'bytes=100-199'])
            ->assertStatus(206)
            ->assertHeader('Content-Length', '100');
        $this->get("/exports/{$export->id}/mp4?save=1")
            ->assertOk()
            ->assertDownload('01-lamp.mp4');
        $this->get("/exports/{$export->id}/php")->assertNotFound();
        $this->get("/batches/{$export->short->batch_id}/state")
            ->assertOk()
            ->assertJson(['working' => false, 'ids' => [$export->short_id]]);
    }

    public function test_ordering_twice_makes_once_and_a_waiting_one_can_be_called_off(): void
    {
        $short = $this->batch()->shorts[0];
        $desk = app(ExportDesk::class);
        $export = $desk->order($short, Quality::Draft);
        self::assertSame($export->id, $desk->order($short, Quality::Draft)->id);

        $this->post("/exports/{$export->id}/cancel")->assertRedirect();
        $this->work();
        self::assertSame(ExportState::Cancelled, $export->refresh()->state);
        self::assertSame(ExportState::Done, $this->export($short)->state);
    }

    public function test_a_failure_says_why_and_can_be_tried_again(): void
    {
        $short = $this->batch()->shorts[0];
        config(['reel.ffmpeg' => '/bin/false']);
        $this->app->forgetInstance(\App\Media\Process\MediaTools::class);
        $export = $this->export($short);
        self::assertSame(ExportState::Failed, $export->state);
        self::assertStringContainsString('failed', (string) $export->problem);
        $this->get("/batches/{$short->batch_id}")->assertSee('Again')->assertSee((string) $export->problem);
        self::assertSame(0, DB::table('jobs')->count());

        config(['reel.ffmpeg' => 'ffmpeg']);
        $this->app->forgetInstance(\App\Media\Process\MediaTools::class);
        $this->post("/shorts/{$short->id}/exports", ['quality' => 'draft'])->assertRedirect();
        $this->work();
        self::assertSame(ExportState::Done, $short->refresh()->latestExport?->state);
    }

    public function test_without_footage_the_operator_is_told(): void
    {
        DB::table('footage')->delete();
        $export = $this->export($this->batch()->shorts[0]);

        self::assertSame('There is no footage yet. Add clips or stills on the Footage page.', $export->problem);
    }

    public function test_a_worker_killed_in_the_middle_loses_nothing_and_makes_nothing_twice(): void
    {
        $short = $this->batch(
            self::SCRIPT.' Nobody slept that night in the whole town. The tower stood dark until the morning came.',
        )->shorts[0];
        $fields = TargetForm::fields((new Targets)->get('upto-60'));
        $target = app(TargetDesk::class)->keep($this->channel()->refresh(), '', [
            ...$fields, 'name' => 'Smaller', 'side' => '540',
        ]);
        $this->setting('short', $short->id, 'profile', $target->id)->assertOk();
        $this->work('--queue=plans');
        $export = app(ExportDesk::class)->order($short->refresh(), Quality::Final);
        $root = dirname(__DIR__, 2);

        $worker = new Process(
            ['bin/jit', 'artisan', 'queue:work', '--queue=renders', '--stop-when-empty', '--quiet'],
            $root,
        );
        $worker->start();
        $this->until(fn (): bool => count($this->segments()) >= 2);
        $worker->signal(SIGKILL);
        $this->until(static fn (): bool => ! $worker->isRunning());
        $before = $this->segments();
        self::assertSame(ExportState::Running, $export->refresh()->state);
        self::assertDirectoryDoesNotExist(app(MediaStore::class)->path($export->folder()));
        $this->until(static fn (): bool => (new Process(['pgrep', '-f', 'segment.mp4']))->run() !== 0);

        // Silent for as long as the queue waits for it, the job is another worker's.
        DB::table('jobs')->update(['reserved_at' => time() - 60]);
        $this->work();

        $export->refresh();
        self::assertSame(ExportState::Done, $export->state, (string) $export->problem);
        self::assertSame(count($before), $export->segments_kept);
        self::assertSame($before, array_intersect_key($this->segments(), $before));
        self::assertSame([1, 0], [Export::query()->count(), DB::table('jobs')->where('queue', 'renders')->count()]);
        self::assertSame(
            (int) round(($export->duration_ms * 30) / 1000),
            (int) self::probe($this->path($export))['streams'][0]['nb_read_frames'],
        );
    }

    public function test_a_job_that_comes_twice_makes_one_export(): void
    {
        $export = $this->export($this->batch()->shorts[0]);
        $finished = $export->finished_at;
        MakeExport::dispatch($export->id);
        $this->work();

        self::assertEquals($finished, $export->refresh()->finished_at);
    }

    /** @return array<string, string> what each segment on disk holds */
    private function segments(): array
    {
        $files = glob(app(MediaStore::class)->path('segments').'/*/*.mp4') ?: [];

        return array_combine(
            $files,
            array_map(static fn (string $file): string => (string) hash_file('xxh128', $file), $files),
        );
    }

    /** @param  callable(): bool  $holds */
    private function until(callable $holds): void
    {
        $end = microtime(true) + 120;
        while (! $holds()) {
            self::assertLessThan($end, microtime(true), 'It did not come to pass.');
            usleep(20_000);
        }
    }
}
