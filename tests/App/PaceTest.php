<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Exporting\ExportDesk;
use App\Makers\Planning\PaceDesk;
use App\Makers\Planning\SceneTasks;
use App\Media\Audio\TempoChanger;
use App\Media\Audio\WavFile;
use App\Media\Store\MediaStore;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Pattern;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Making\Render\Quality;
use RapidReel\Plan\Choice\TransitionKind;
use RapidReel\Voice\Speech\Pcm;
use Symfony\Component\Process\Process;

final class PaceTest extends AppTestCase
{
    private const SCRIPT = "The bell on the quay rang every night for nine years, and nobody pulled the rope.\n"
        ."The keeper thought it was a ghost, and told the priest, and the priest told the town.\n"
        ."A sailor climbed the tower with a lamp and a piece of chalk.\n"
        ."He marked the rope, the wheel, and the beam, and then he waited.\n"
        ."At ten past two the bell rang, and the rope had not moved.\n"
        ."But the beam was wet, not with rain, but with salt water.\n"
        ."The whole quay was sinking, a hand's width a year.\n"
        .'The bell still hangs there, and today it rings twice a night.';

    /** @return array{array<string, mixed>, Process} */
    private function pace(string ...$options): array
    {
        $folder = TEST_PLACE.'/pace';
        File::ensureDirectoryExists($folder);
        File::put("$folder/bell.txt", "# The bell\n\n".self::SCRIPT);
        $process = $this->console('reel:pace', "$folder/bell.txt", ...$options);

        return [json_decode($process->getOutput(), true)['shorts'][0] ?? [], $process];
    }

    public function test_the_command_reports_the_pace_and_reaches_lengths_to_the_frame(): void
    {
        [$plain] = $this->pace();
        self::assertSame(
            $plain['duration_ms'],
            $plain['shots'][count($plain['shots']) - 1]['end_ms'],
        );
        self::assertContains('hook-late', array_column($plain['flags'], 'code'));
        $target = round(0.9 * $plain['duration_ms'] / 1000, 1);
        [$tight, $process] = $this->pace("--tighten=$target");
        self::assertSame((int) (1000 * $target), $tight['duration_ms'], $process->getErrorOutput());
        self::assertSame(0, $process->getExitCode());
        self::assertLessThan($plain['silence_share'], $tight['silence_share']);
        // Where sentences go, they are told; and that speech would be too fast.
        [$short, $process] = $this->pace('--tighten=14', '--set', 'fastest_tempo=150');
        self::assertSame(14_000, $short['duration_ms'], $process->getErrorOutput());
        preg_match_all('/left out: “(.+)”/u', $process->getErrorOutput(), $gone);
        $said = implode(' ', array_column($short['words'] ?? [], 'text'));
        self::assertNotSame([], $gone[1]);
        foreach ($gone[1] as $sentence) {
            self::assertStringContainsString($sentence, self::SCRIPT);
            self::assertStringNotContainsString($sentence, $said);
        }
        self::assertStringContainsString('words a second then', $process->getErrorOutput());
        $target = ceil($plain['duration_ms'] / 1000) + 2;
        [$long] = $this->pace("--stretch=$target");
        self::assertSame((int) (1000 * $target), $long['duration_ms']);

        [$none, $process] = $this->pace('--tighten=9', '--set', 'may_drop=none');
        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString('as no sentence may go', $process->getErrorOutput());
        self::assertGreaterThan(9_000, $none['duration_ms']);
        self::assertSame(1, $this->pace('--tighten=soon')[1]->getExitCode());
        self::assertGreaterThan(count($plain['shots']), count($this->pace('--cadence=1.5')[0]['shots']));
    }

    public function test_a_plan_holds_for_the_sound_that_is_made_of_it(): void
    {
        $this->actingAs($this->user());
        $this->library();
        $short = $this->made(self::SCRIPT)->shorts[0];
        $this->work();
        $tasks = app(SceneTasks::class)->of($short->refresh());
        $target = (int) (0.88 * ($short->cutSummary()->times->durationMs ?? 0) / 100) * 100;
        $plan = app(PaceDesk::class)->plan($tasks, $target);
        self::assertTrue($plan->reaches());
        self::assertGreaterThan(100, $plan->values->tempo, 'so that sound is stretched, too');

        $this->postJson(route('batches.act', $short->batch), [
            'act' => 'tighten', 'value' => (string) ($target / 1000), 'shorts' => [$short->id],
        ])->assertOk();
        $this->work();

        $cut = $short->refresh()->plannedCut() ?? self::fail('There is no cut.');
        self::assertSame($target, $cut->durationMs);
        foreach ($cut->scenes as $scene) {
            self::assertNotSame('', $scene->take);
        }
        $this->postJson(route('batches.undo', $short->batch))->assertOk();
        self::assertSame($plan->beforeMs, $short->refresh()->cutSummary()?->times->durationMs);
    }

    public function test_pictures_change_on_their_frames_over_a_long_video(): void
    {
        $folder = TEST_PLACE.'/colours';
        File::ensureDirectoryExists("$folder/footage");
        foreach (['red', 'lime', 'blue', 'yellow', 'magenta', 'cyan', 'white', 'black', 'orange', 'navy'] as $colour) {
            $still = self::media(
                "plain-$colour.png", '-f', 'lavfi', '-i', "color=$colour:size=360x640", '-frames:v', '1',
            );
            File::copy($still, "$folder/footage/$colour.png");
        }
        File::put("$folder/long.txt", "# Long\n\n".implode("\n", array_fill(0, 2, self::SCRIPT)));
        $process = $this->console(
            'reel:make', "$folder/long.txt", "--out=$folder/out", "--footage=$folder/footage", '--quality=draft',
            '--profile=upto-180', '--set', 'motion=hold', '--set', 'captions_shown=off', '--cadence=2.0',
        );
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        $cut = json_decode($process->getOutput(), true)['shorts'][0];
        self::assertGreaterThan(50_000, $cut['duration_ms']);
        $due = [];
        $before = null;
        foreach (array_merge(...array_column($cut['scenes'], 'shots')) as $shot) {
            if ($before !== null && $before !== $shot['footage']) {
                $due[] = (int) round($shot['start_ms'] * 0.03);
            }
            $before = $shot['footage'];
        }
        $found = (new Process([
            'ffmpeg', '-i', "$folder/out/01-long.mp4", '-vf',
            "scale=36:64,select='gt(scene,0.05)',metadata=print:file=-", '-an', '-f', 'null', '-',
        ], timeout: 600))->mustRun()->getOutput();
        preg_match_all('/pts_time:([\d.]+)/', $found, $times);

        self::assertSame($due, array_map(static fn (string $at): int => (int) round(30 * (float) $at), $times[1]));
    }

    public function test_a_dip_between_all_pictures_of_a_batch_darkens_them_and_is_taken_back_at_once(): void
    {
        $this->actingAs($this->user());
        $this->library();
        $batch = $this->made("The boat came in. The gull sat on it.\n---\nThe fog lay low. The bell rang.");
        $this->setting('batch', $batch->id, 'transition', 'dip')->assertOk();
        $this->work();
        foreach ($batch->shorts()->get() as $short) {
            $cut = $short->plannedCut() ?? self::fail('There is no cut.');
            foreach ($cut->scenes as $scene) {
                foreach ($scene->shots as $shot) {
                    self::assertSame(TransitionKind::Dip, $shot->view->transition?->kind);
                }
            }
        }
        $export = app(ExportDesk::class)->order($batch->shorts[0], Quality::Draft);
        $this->work();
        $cut = $batch->shorts[0]->refresh()->plannedCut() ?? self::fail('There is no cut.');
        $video = app(MediaStore::class)->path("{$export->refresh()->folder()}/{$export->name}.mp4");
        self::assertSame((string) $cut->frames(), self::probe($video)['streams'][0]['nb_read_frames']);
        $change = $cut->grid()->frameOf($cut->scenes[1]->startMs);
        $levels = array_map(ord(...), str_split((new Process([
            'ffmpeg', '-v', 'error', '-i', $video, '-vf', 'crop=iw:ih/8:0:0,scale=1:1:flags=area,format=gray', '-f',
            'rawvideo', '-',
        ]))->mustRun()->getOutput()));
        self::assertLessThan(30, $levels[$change - 3], 'black in the middle of the dip');
        self::assertGreaterThan(40, $levels[$change - 9]);
        self::assertGreaterThan(40, $levels[$change + 1]);

        $this->postJson(route('batches.undo', $batch))->assertOk();
        self::assertSame([], $batch->refresh()->settings->own);
    }

    public function test_the_settings_of_a_short_are_kept_and_given_to_others_and_to_a_new_batch(): void
    {
        $this->actingAs($this->user());
        $this->library();
        $batch = $this->made("The boat came in. The gull sat on it.\n---\nThe fog lay low. The bell rang.");
        [$one, $other] = $batch->shorts()->get()->all();
        $this->postJson(route('patterns.store', $one), ['name' => 'Fast'])->assertStatus(422);
        $this->setting('short', $one->id, 'tempo', 110)->assertOk();
        $this->setting('short', $one->id, 'split', 'words:3-6')->assertOk();
        $this->setting('batch', $batch->id, 'transition', 'dissolve')->assertOk();
        $this->postJson(route('patterns.store', $one), ['name' => ' '])->assertStatus(422);
        $this->postJson(route('patterns.store', $one), ['name' => 'Fast <b>'])->assertOk();
        $kept = ['tempo' => 110, 'split' => 'words:3-6', 'transition' => 'dissolve'];
        $pattern = Pattern::query()->sole();
        self::assertEquals($kept, $pattern->settings->own);

        $words = $other->scenes->pluck('text')->implode(' ');
        $this->postJson(route('batches.act', $batch), [
            'act' => 'pattern', 'value' => (string) $pattern->id, 'shorts' => [$other->id],
        ])->assertOk()->assertJsonFragment(['said' => '1 short: applied the pattern “Fast <b>”.']);
        self::assertEquals($kept, $other->refresh()->settings->own);
        self::assertSame($words, $other->scenes->pluck('text')->implode(' '), 'its words are its own');
        $this->postJson(route('batches.undo', $batch))->assertOk();
        self::assertSame([], $other->refresh()->settings->own);

        $this->post(route('batches.store'), [
            'text' => 'A lamp burned. A boat came.', 'pattern' => $pattern->id, 'tempo' => '95', 'later' => '1',
        ])->assertRedirect();
        self::assertEquals(
            [...$kept, 'tempo' => 95],
            Batch::query()->latest('id')->firstOrFail()->settings->own,
            'what is chosen beside it counts before it',
        );
        $this->get(route('channels.index'))->assertSee('Fast &lt;b&gt;', false);
        $this->delete(route('patterns.destroy', $pattern))->assertRedirect();
        $this->postJson(route('batches.act', $batch), ['act' => 'pattern', 'value' => (string) $pattern->id])
            ->assertStatus(422);
    }

    public function test_the_sheet_of_a_short_without_pictures_or_words_of_it_gone_says_what_is_the_matter(): void
    {
        $this->actingAs($this->user());
        $short = $this->made('The boat came in. The gull sat on it.')->shorts[0];
        DB::table('footage')->delete();
        $this->work();
        $this->get(route('sheet.show', $short))->assertOk()->assertSee('There is no footage yet.');
        $this->library();
        $this->setting('short', $short->id, 'speed', 105)->assertOk();
        $this->work();
        $shots = $this->getJson(route('sheet.state', $short))->assertOk()->json('drawn.shots');
        self::assertNotSame([], $shots);
        DB::table('footage')->delete();
        $drawn = $this->getJson(route('sheet.state', $short))->assertOk()->json('drawn');
        self::assertSame('no longer in the library', $drawn['shots'][0]['name']);
        $this->postJson(route('scenes.shot', [$short->scenes[0], 0]), ['do' => 'join'])->assertStatus(422);
        foreach (['0', '700', 'soon', ''] as $length) {
            $this->postJson(route('batches.pace', $short->batch), ['act' => 'tighten', 'value' => $length])
                ->assertStatus(422);
        }
        $one = $this->postJson(route('batches.pace', $short->batch), ['act' => 'tighten', 'value' => '1'])->assertOk();
        self::assertFalse($one->json('ready'));
        self::assertStringContainsString('It cannot be tightened to 1.00 s', (string) $one->json('html'));
    }

    /** @return array<string, array{string, list<float>}> where a box stands that crosses in a second */
    public static function fits(): array
    {
        return [
            'its last picture stays' => ['hold', [0.3, 0.9, 1.0, 1.0]],
            'slowed until it lasts' => ['slow', []],
            'all of it' => ['whole', []],
            'plays round' => ['loop', [0.3, 0.9, 0.5, 0.1]],
        ];
    }

    /** @param  list<float>  $places  evenly over the shot where there are none */
    #[DataProvider('fits')]
    public function test_a_clip_that_is_too_short_is_held_slowed_or_plays_round(string $fit, array $places): void
    {
        $folder = TEST_PLACE.'/fits';
        File::ensureDirectoryExists("$folder/footage");
        File::copy(self::media(
            'crossing-once.mp4', '-f', 'lavfi', '-i', 'color=black:s=640x360:r=30:d=1', '-f', 'lavfi', '-i',
            'color=white:s=20x360:r=30:d=1', '-filter_complex', "[0][1]overlay=x='620*t':shortest=1", '-pix_fmt',
            'yuv420p', '-c:v', 'libx264', '-preset', 'ultrafast',
        ), "$folder/footage/crossing.mp4");
        File::put("$folder/one.txt", 'The bell on the quay rang every night.');
        $process = $this->console(
            'reel:make', "$folder/one.txt", "--out=$folder/out", "--footage=$folder/footage", '--quality=draft',
            '--set', "clip_fit=$fit", '--set', 'framing=plain', '--set', 'longest_shot=20000', '--set',
            'captions_shown=off',
        );
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        $seconds = json_decode($process->getOutput(), true)['shorts'][0]['duration_ms'] / 1000;
        self::assertGreaterThan(2.1, $seconds);
        $rows = str_split((new Process([
            'ffmpeg', '-v', 'error', '-i', glob("$folder/out/*.mp4")[0] ?? '', '-vf',
            'fps=30,crop=540:2:0:480,format=gray', '-f', 'rawvideo', '-',
        ]))->mustRun()->getOutput(), 540 * 2);
        foreach ([0.3, 0.9, 1.5, 2.1] as $i => $second) {
            $row = array_map(ord(...), str_split(substr($rows[(int) round(30 * $second)], 0, 540)));
            $white = array_keys(array_filter($row, static fn (int $level): bool => $level > 150));
            self::assertNotSame([], $white, "$fit at $second s");
            $at = (array_sum($white) / count($white) - 8.4) / (540 - 17);
            self::assertEqualsWithDelta($places[$i] ?? $second / $seconds, $at, 0.06, "$fit at $second s");
        }
    }

    /** @return array<string, array{int}> */
    public static function tempos(): array
    {
        return ['slower' => [80], 'a little faster' => [110], 'much faster' => [140]];
    }

    /** The pitch of a voiced sound by autocorrelation (L. Rabiner, IEEE Trans. ASSP 25, 1977). */
    #[DataProvider('tempos')]
    public function test_another_tempo_keeps_the_pitch_and_has_the_length_to_the_sample(int $tempo): void
    {
        $rate = 22_050;
        $samples = [];
        // A vowel of 140 Hz: a fundamental with overtones, swelling and dying away four times a second.
        for ($i = 0; $i < 2 * $rate; $i++) {
            $sum = 0.0;
            foreach ([1 => 1.0, 2 => 0.6, 3 => 0.4, 5 => 0.2] as $times => $part) {
                $sum += $part * sin(2 * M_PI * 140 * $times * $i / $rate);
            }
            $samples[] = (int) round(6_000 * $sum * (0.6 + 0.4 * sin(2 * M_PI * 4 * $i / $rate)));
        }
        $file = TEST_PLACE.'/vowel.wav';
        file_put_contents($file, WavFile::encode(new Pcm(Pcm::bytesOf($samples), $rate)));
        $sound = app(TempoChanger::class)->changed($file, $tempo);

        self::assertSame((int) round(2 * $rate * 100 / $tempo), $sound->samples());
        $values = array_values(Pcm::values($sound->between(400, 480)->bytes));
        $best = [0.0, 0];
        for ($lag = intdiv($rate, 400); $lag < intdiv($rate, 70); $lag++) {
            $sum = 0.0;
            for ($i = 0; $i + $lag < count($values); $i++) {
                $sum += $values[$i] * $values[$i + $lag];
            }
            $sum /= count($values) - $lag;
            $best = $sum > $best[0] ? [$sum, $lag] : $best;
        }
        self::assertEqualsWithDelta(140, $rate / $best[1], 2.5);
    }
}
