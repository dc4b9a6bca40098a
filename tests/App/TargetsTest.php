<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Editing\TargetDesk;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Base\Target\TargetForm;
use RapidReel\Base\Target\Targets;
use RapidReel\Making\Render\Quality;
use Symfony\Component\Process\Process;

/** What a short is made for: targets of a channel's own, several of one short, and what each comes to as a file. */
final class TargetsTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
        $this->library();
    }

    /** @param  array<string, string>  $typed */
    private function own(string $name, array $typed, string $id = ''): string
    {
        $fields = TargetForm::fields((new Targets)->get('upto-60'));

        $typed = [...$fields, 'name' => $name, ...$typed];

        return app(TargetDesk::class)->keep($this->channel()->refresh(), $id, $typed)->id;
    }

    private function short(): Short
    {
        return $this->made('The lamp went out. The boat came in.')->shorts[0];
    }

    /** @return array<string, Export> by target */
    private function exported(Short $short, Quality $quality = Quality::Draft): array
    {
        $this->post(route('shorts.export', $short), ['quality' => $quality->value])->assertRedirect();
        $this->work();
        $exports = [];
        foreach ($short->exports()->orderBy('id')->get() as $export) {
            self::assertSame(ExportState::Done, $export->state, "{$export->target}: {$export->problem}");
            $exports[$export->target] = $export;
        }

        return $exports;
    }

    public function test_a_target_is_added_changed_and_deleted_on_its_page_and_undone_like_all_else(): void
    {
        $fields = TargetForm::fields((new Targets)->get('upto-90'));
        $fields = [...$fields, 'name' => 'The <b>quay</b>', 'longest' => '45'];
        $this->post(route('targets.store'), ['id' => '', ...$fields])->assertRedirect(route('targets.index'));
        $id = array_key_first(TargetDesk::own($this->channel()->refresh())) ?? self::fail();
        self::assertSame('own-the-bquayb', $id);
        $this->get(route('targets.index', ['edit' => $id]))->assertOk()->assertSee('The <b>quay</b>')
            ->assertDontSee('<b>quay</b>', false);
        $this->setting('channel', $this->channel()->id, 'profile', $id)->assertOk();
        $short = $this->short();
        self::assertSame(45_000, $short->cutSummary()?->limits->length->longestMs);

        $this->post(route('targets.store'), ['id' => $id, ...$fields, 'shortest' => '0', 'longest' => '2'])
            ->assertRedirect();
        $this->work();
        $codes = array_map(
            static fn ($flag): string => $flag->code->value, $short->refresh()->cutSummary()->flags ?? [],
        );
        self::assertContains('too-long', $codes, 'A short follows its target.');

        $this->post(route('targets.store'), ['id' => '', ...$fields])->assertSessionHas('problem');
        $this->post(route('targets.store'), ['id' => 'own-none', ...$fields])->assertSessionHas('problem');
        $this->post(route('targets.store'), ['id' => $id, ...$fields, 'side' => '0'])->assertSessionHas('problem');
        self::assertCount(1, TargetDesk::own($this->channel()->refresh()));

        $this->delete(route('targets.destroy', $id))->assertRedirect();
        self::assertSame([], TargetDesk::own($this->channel()->refresh()));
        $this->get(route('shorts.show', $short))->assertOk()->assertSee('Up to 60 s');
        $this->post(route('house.undo'))->assertOk();
        self::assertArrayHasKey($id, TargetDesk::own($this->channel()->refresh()));
    }

    public function test_a_short_is_made_for_several_and_only_what_differs_is_made_again(): void
    {
        $louder = $this->own('Louder', ['loudness' => '-11']);
        $square = $this->own('Square', ['shape' => '1:1', 'side' => '720']);
        $short = $this->short();
        $this->setting('short', $short->id, 'more_targets', "$louder, $square")->assertOk();
        $exports = $this->exported($short);

        self::assertSame(['', $louder, $square], array_keys($exports));
        self::assertSame(0, $exports[$louder]->segments_made, 'No picture is made for another loudness.');
        self::assertGreaterThan(0, $exports[$square]->segments_made);
        self::assertStringEndsWith('-square', (string) $exports[$square]->name);
        $cut = static fn (Export $export): array => json_decode(
            (string) file_get_contents(storage_path('media/'.$export->file('json'))), true,
        );
        [$main, $other] = [$cut($exports['']), $cut($exports[$square])];
        self::assertSame($main['words'], $other['words'], 'Voice and timing are the same.');
        self::assertSame($main['making']['takes'], $other['making']['takes']);
        self::assertSame(
            array_column(array_merge(...array_column($main['scenes'], 'shots')), 'footage'),
            array_column(array_merge(...array_column($other['scenes'], 'shots')), 'footage'),
        );
        $size = static fn (Export $export): array => array_intersect_key(
            self::probe(self::fileOf($export))['streams'][0], ['width' => 0, 'height' => 0],
        );
        self::assertSame(['width' => 540, 'height' => 960], $size($exports['']));
        self::assertSame(['width' => 540, 'height' => 540], $size($exports[$square]));
        self::assertEqualsWithDelta(3.0, self::loudness($exports[$louder]) - self::loudness($exports['']), 0.6);

        $page = $this->get(route('shorts.show', $short))->assertOk();
        $page->assertSee('Louder: draft ready')->assertSee('Square: draft ready');
        $this->get(route('batches.show', $short->batch_id))->assertOk()->assertSee('Square: draft ready');
        $zip = self::zipOf($this->get(route('batches.download', [$short->batch_id, 'all' => 1]))->assertOk());
        self::assertNotFalse($zip->locateName("{$exports[$square]->name}-draft.mp4"));
        self::assertStringContainsString('square-draft.mp4', (string) $zip->getFromName('manifest.csv'));

        // A change of one of them leaves the file of the other as it was, and says so.
        $this->own('Square', ['shape' => '1:1', 'side' => '1080'], $square);
        $this->work();
        $this->get(route('shorts.show', $short))->assertSee('Square: edited since');
        $this->setting('short', $short->id, 'more_targets', 'none')->assertOk();
        $this->get(route('shorts.show', $short))->assertDontSee('Square:');
    }

    private static function fileOf(Export $export): string
    {
        return storage_path('media/'.$export->file('mp4'));
    }

    private static function loudness(Export $export): float
    {
        $said = (new Process([
            'ffmpeg', '-hide_banner', '-nostats', '-i', self::fileOf($export), '-af', 'ebur128', '-f', 'null', '-',
        ], timeout: 60))->mustRun()->getErrorOutput();
        preg_match_all('/I:\s+(-?[\d.]+) LUFS/', $said, $found);

        return (float) end($found[1]);
    }

    public function test_a_file_that_would_be_too_large_is_made_to_fit_and_one_that_cannot_is_told(): void
    {
        $noise = self::media(
            'noise-270.mp4', '-f', 'lavfi', '-i',
            'testsrc2=size=270x480:rate=30:duration=4,noise=alls=60:allf=t', '-c:v', 'libx264', '-preset', 'ultrafast',
            '-crf', '18', '-pix_fmt', 'yuv420p',
        );
        $folder = TEST_PLACE.'/fit';
        File::deleteDirectory($folder);
        File::ensureDirectoryExists("$folder/footage");
        File::copy($noise, "$folder/footage/noise.mp4");
        File::put("$folder/one.txt", "# One\n\nThe lamp went out, and nobody came to light it that night.");
        $target = static fn (int $bytes, int $side, int $fps): string => self::targetFile('own-small', [
            'label' => 'Small', 'side' => $side, 'fps' => $fps, 'shape' => '9:16', 'shortest_ms' => 0,
            'most_bytes' => $bytes,
        ]);
        $make = fn (int $bytes, int $side, int $fps): Process => $this->console(
            'reel:make', "$folder/one.txt", "--out=$folder/out", "--footage=$folder/footage", '--quality=final',
            "--targets={$target($bytes, $side, $fps)}", '--profile=own-small',
        );
        $process = $make(600_000, 270, 30);
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        $file = "$folder/out/01-one.mp4";
        self::assertLessThanOrEqual(600_000, filesize($file));
        self::assertGreaterThan(460_000, filesize($file), 'What is allowed is used.');
        [$video] = self::probe($file)['streams'];
        self::assertSame([270, 480, '30/1'], [$video['width'], $video['height'], $video['r_frame_rate']]);

        // Of a larger one no second has enough.
        File::copy(self::media(
            'moving-270.mp4', '-f', 'lavfi', '-i', 'testsrc2=size=270x480:rate=60:duration=8,noise=alls=8:allf=t',
            '-c:v', 'libx264', '-preset', 'ultrafast', '-crf', '18', '-pix_fmt', 'yuv420p',
        ), "$folder/footage/noise.mp4");
        File::put("$folder/one.txt", "# One\n\n".str_repeat("The lamp went out, and nobody came that night.\n", 3));
        $process = $make(500_000, 720, 60);
        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString('does not fit into the 0.5 MB', $process->getErrorOutput());
    }

    public function test_every_line_of_a_fine_grid_is_there_in_4k(): void
    {
        $grid = self::media(
            'grid-4k.png', '-f', 'lavfi', '-i', 'color=black:size=2160x3840,drawgrid=w=16:h=16:t=1:c=white',
            '-frames:v', '1',
        );
        $file = $this->makeFor('four', $grid, ['side' => 2160, 'shape' => '9:16'], '--set', 'motion=hold');
        [$video] = self::probe($file)['streams'];
        self::assertSame([2160, 3840], [$video['width'], $video['height']]);
        $row = (new Process([
            'ffmpeg', '-v', 'error', '-ss', '0.5', '-i', $file, '-vf', 'format=gray,crop=1600:1:200:1000:exact=1',
            '-frames:v', '1', '-f', 'rawvideo', '-pix_fmt', 'gray', '-',
        ], timeout: 60))->mustRun()->getOutput();
        $bright = array_keys(array_filter(unpack('C*', $row) ?: [], static fn (int $one): bool => $one > 110));
        $steps = array_map(
            static fn (int $a, int $b): int => $b - $a, array_slice($bright, 0, -1), array_slice($bright, 1),
        );
        self::assertSame([16], array_values(array_unique($steps)), 'One bright pixel in every sixteen, and no more.');
        self::assertCount(100, $bright);
    }

    /** @return list<array{int, int}> */
    public static function rates(): array
    {
        return [[24, 24], [25, 25], [50, 25], [60, 30], [30, 60]];
    }

    #[DataProvider('rates')]
    public function test_frames_come_evenly_at_every_rate_and_are_never_blended(int $target, int $source): void
    {
        // Every frame of the clip is told by its grey: one more than that before it, 0 to 7 in steps of 30 and again.
        $clip = self::media(
            "counted-$source.mp4", '-f', 'lavfi', '-i', "color=black:size=18x32:rate=$source:duration=3",
            '-vf', "geq=lum='20+30*mod(N,8)':cb=128:cr=128,scale=180:320:flags=neighbor",
            '-c:v', 'libx264', '-preset', 'ultrafast', '-qp', '4',
            '-pix_fmt', 'yuv420p',
        );
        $file = $this->makeFor("rate-$target-$source", $clip, ['fps' => $target, 'side' => 240, 'shape' => '9:16']);
        [$video] = self::probe($file)['streams'];
        self::assertSame("$target/1", $video['r_frame_rate']);
        $bytes = (new Process([
            'ffmpeg', '-v', 'error', '-i', $file, '-vf', 'crop=8:8:10:10,scale=1:1', '-f', 'rawvideo', '-pix_fmt',
            'gray', '-',
        ], timeout: 60))->mustRun()->getOutput();
        $seen = array_map(
            static fn (int $grey): float => (($grey * 219 / 255 + 16) - 20) / 30,
            array_values(unpack('C*', $bytes) ?: []),
        );
        $seen = array_slice($seen, 2, $target - 4);
        foreach ($seen as $i => $value) {
            self::assertEqualsWithDelta(round($value), $value, 0.25, "Frame $i is a blend.");
        }
        $steps = array_map(
            static fn (float $a, float $b): int => ((int) round($b) - (int) round($a) + 8) % 8,
            array_slice($seen, 0, -1), array_slice($seen, 1),
        );
        $each = $source / $target;
        self::assertEqualsWithDelta($each, array_sum($steps) / count($steps), 0.08);
        if ($each < 1) {
            // Each frame stands equally long.
            self::assertSame([], array_filter(
                array_slice($steps, 1),
                static fn (int $step, int $i): bool => $step === $steps[$i],
                ARRAY_FILTER_USE_BOTH,
            ));
        } else {
            self::assertLessThanOrEqual(1, max($steps) - min($steps));
        }
    }

    /** @param  array<string, mixed>  $own  of the target */
    private static function targetFile(string $id, array $own): string
    {
        $file = TEST_PLACE."/$id.json";
        File::put($file, (string) json_encode([$id => [...(new Targets)->get('upto-60')->toArray(), ...$own]]));

        return $file;
    }

    /** @param  array<string, mixed>  $own  of the target */
    private function makeFor(string $name, string $footage, array $own, string ...$options): string
    {
        $folder = TEST_PLACE."/target-$name";
        File::deleteDirectory($folder);
        File::ensureDirectoryExists("$folder/footage");
        File::copy($footage, "$folder/footage/".basename($footage));
        File::put("$folder/one.txt", "# One\n\nThe lamp went out.");
        $process = $this->console(
            'reel:make', "$folder/one.txt", "--out=$folder/out", "--footage=$folder/footage", '--quality=final',
            '--targets='.self::targetFile('own-it', ['label' => 'It', 'shortest_ms' => 0, ...$own]),
            '--profile=own-it', '--set', 'captions_shown=off', '--set', 'clip_fit=hold', ...$options,
        );
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput().$process->getOutput());

        return "$folder/out/01-one.mp4";
    }
}
