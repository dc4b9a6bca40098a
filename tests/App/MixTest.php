<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Exporting\ExportDesk;
use App\Makers\Proofs\Proof;
use App\Makers\Proofs\ProofDesk;
use App\Makers\Proofs\ProofMaker;
use App\Media\Audio\MusicLayer;
use App\Media\Audio\SoundMixer;
use App\Media\Making\Maker;
use App\Media\Probing\LoudnessMeter;
use App\Media\Process\Unwatched;
use App\Media\Store\MediaStore;
use App\Shelves\Library\EffectBook;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Library\LibraryShelf;
use App\Shelves\Library\SoundMeter;
use App\Shelves\Models\Short;
use PHPUnit\Framework\Attributes\TestWith;
use RapidReel\Base\Target\Target;
use RapidReel\Base\Target\TargetSound;
use RapidReel\Making\Mix\LevelLine;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Mix\MusicBed;
use RapidReel\Making\Render\Quality;
use RapidReel\Plan\Choice\MusicLevel;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutEffect;
use RapidReel\Plan\Cut\CutMusic;
use Symfony\Component\Process\Process;

/** What is heard beside the voice, measured on what is rendered. */
final class MixTest extends AppTestCase
{
    use SpeaksCuts;

    private const TALE = "The bell on the quay rang every night.\nNobody pulled the rope.\nThen the lamp went out.";

    /** @param  array<string, string|int>  $settings */
    private function planned(array $settings = [], string $text = self::TALE): Short
    {
        $this->actingAs($this->user());
        $this->library();
        $short = $this->made("# The bell\n$text", $settings)->shorts[0];
        $this->work(...['--queue' => 'plans']);

        return $short->refresh();
    }

    /** @param  array<string, string|int>  $settings */
    private function heard(array $settings = []): Cut
    {
        return $this->spoken($settings, ...explode("\n", self::TALE));
    }

    /** @param  list<float>  $levels */
    private static function db(array $levels, int $fromMs, int $untilMs): float
    {
        $some = array_slice($levels, intdiv($fromMs, 10), max(1, intdiv($untilMs - $fromMs, 10)));

        $power = array_sum(array_map(static fn (float $x): float => $x * $x, $some)) / count($some);

        return 10 * log10(max(1e-12, $power));
    }

    public function test_music_goes_down_while_somebody_speaks_and_comes_back_by_as_much_as_is_set(): void
    {
        $cut = $this->heard(['pause' => 1_400, 'tail' => 1_600]);
        // Where no voice is: what is left there of the mix is the music alone.
        $tone = self::media('tone-11k.wav', '-f', 'lavfi', '-i', 'sine=frequency=11000:duration=30', '-ac', '2');
        $loudness = app(LoudnessMeter::class)->file($tone)->integrated;
        $music = new CutMusic('1', self::content($tone), $loudness, 30_000, level: new MusicLevel(20, 8, 100, 300));
        $cut = self::with($cut, $music);
        $plan = $this->mixed($cut, $tone);
        $levels = self::levelsOf(app(SoundMixer::class)->file($plan), 'highpass=f=10000,highpass=f=10000');

        $first = $cut->scenes[0];
        $last = max(array_map(
            static fn ($word): int => $word->scene === 0 ? $word->timing->endMs : 0,
            $cut->words,
        ));
        $down = self::db($levels, $last - 600, $last - 100);
        $up = self::db($levels, $last + 450, $first->endMs - 200);
        self::assertEqualsWithDelta(8.0, $up - $down, 1.0);
        $voice = app(LoudnessMeter::class)->file(app(SoundMixer::class)->file($plan));
        self::assertEqualsWithDelta(-14.0, $voice->integrated, 0.5);
        self::assertLessThanOrEqual(-1.0, $voice->peak);
        $end = self::db($levels, $cut->durationMs - 40, $cut->durationMs - 10);
        self::assertLessThan($up - 20, $end, 'gone at the end');
    }

    public function test_music_goes_round_without_a_click(): void
    {
        $cut = $this->heard(['tail' => 3_000]);
        $tone = self::media('tone-odd.wav', '-f', 'lavfi', '-i', 'sine=frequency=317:duration=2.37', '-ac', '2');
        $cut = self::with($cut, new CutMusic('1', self::content($tone), -20.0, 2_370));
        $plan = $this->mixed($cut, $tone);
        self::assertSame(2_370 - MusicBed::JOINT_MS, $plan->music?->bed->loopMs);
        // As loud as the other half is kept.
        $louder = sprintf('volume=%ddB', MusicLayer::ROOM_DB - 9);
        $bed = app(SoundMixer::class)->bed($plan);
        $clicks = self::levelsOf($bed, "$louder,highpass=f=6000,highpass=f=6000");
        $tones = self::levelsOf($bed, $louder);

        // It begins at once, without a fade of its own: what is heard there is left out.
        self::assertLessThan(0.003, max(array_slice($clicks, 5)), 'nothing but the tone at any joint');
        self::assertGreaterThan(0.01, min(array_slice($tones, 10, intdiv($cut->durationMs, 10) - 30)), 'and no gap');
    }

    public function test_music_is_laid_once_for_all_edits_of_a_length_and_anew_where_it_was_damaged(): void
    {
        $tone = self::media('tone-317.wav', '-f', 'lavfi', '-i', 'sine=frequency=317:duration=30', '-ac', '2');
        $music = new CutMusic('1', self::content($tone), -20.0, 30_000);
        $first = $this->mixed(self::with($this->heard(), $music), $tone);
        $bed = app(SoundMixer::class)->bed($first);
        $laid = [fileinode($bed), hash_file('xxh128', $bed)];
        $edited = self::with($this->heard(['pause' => 300]), $music);
        $second = $this->mixed($edited, $tone);

        self::assertNotSame($first->key(), $second->key());
        self::assertNotSame($first->target->frames, $second->target->frames);
        self::assertSame($bed, app(SoundMixer::class)->bed($second));
        clearstatcache();
        self::assertSame($laid[0], fileinode($bed), 'it was not written again');

        // Mixed with what was laid before, or laid for it: the same.
        $mixed = hash_file('xxh128', app(SoundMixer::class)->file($second));
        foreach ([static fn () => unlink($bed), static fn () => file_put_contents($bed, 'damaged')] as $damage) {
            $damage();
            unlink(app(SoundMixer::class)->file($second));
            $this->mixed($edited, $tone);
            self::assertSame($mixed, hash_file('xxh128', app(SoundMixer::class)->file($second)));
            self::assertSame($laid[1], hash_file('xxh128', $bed));
        }
    }

    public function test_music_that_is_far_louder_at_moments_than_as_a_whole_is_laid_whole(): void
    {
        // Knocks in a hum: brought to the loudness of a voice they are more than 12 dB over what a file can hold.
        $knock = self::media(
            'knocks-in-hum.wav', '-f', 'lavfi', '-i',
            "aevalsrc='sin(2*PI*400*t)*if(lt(mod(t,5),0.003),0.9,0.03)':d=30:s=48000:c=stereo",
        );
        $loudness = app(LoudnessMeter::class)->file($knock)->integrated;
        self::assertLessThan(-27, $loudness);
        $cut = self::with($this->heard(), new CutMusic('1', self::content($knock), $loudness, 30_000));
        $bed = app(SoundMixer::class)->bed($this->mixed($cut, $knock));
        [$brought, $laid] = array_map(static function (string $file): float {
            $levels = self::levelsOf($file);

            return self::db($levels, 5_000, 5_010) - self::db($levels, 6_000, 6_500);
        }, [$knock, $bed]);
        self::assertGreaterThan(20, $brought);
        self::assertEqualsWithDelta($brought, $laid, 0.2);
    }

    public function test_an_effect_is_heard_at_its_moment_and_as_loud_as_is_set(): void
    {
        $silent = $this->heard(['tail' => 3_000]);
        $end = $silent->durationMs;
        $shelf = app(EffectBook::class)->of(null);
        $effects = $shelf->effects;
        $placed = static fn (int $under): CutEffect => new CutEffect(
            'bell', $effects['bell']->fingerprint, $effects['bell']->loudest, $end - 2_000, $under,
        );
        $peaks = [];
        foreach ([6, 18] as $under) {
            $cut = self::with($silent, null, $placed($under));
            $plan = $this->mixed($cut, $shelf->path('bell', $effects['bell']->fingerprint));
            $levels = self::levelsOf(app(SoundMixer::class)->rest($plan));
            self::assertLessThan(-60, self::db($levels, $end - 2_300, $end - 2_040), 'nothing before it');
            $peaks[] = self::db($levels, $end - 2_000, $end - 1_600);
        }
        self::assertEqualsWithDelta(12.0, $peaks[0] - $peaks[1], 0.5);
    }

    public function test_all_effects_at_one_moment_neither_clip_nor_change_the_loudness(): void
    {
        $cut = $this->heard();
        $shelf = app(EffectBook::class)->of(null);
        $effects = $shelf->effects;
        $all = $files = [];
        foreach ($effects as $effect) {
            $files[$effect->fingerprint] = $shelf->path($effect->id, $effect->fingerprint);
            $all[] = new CutEffect($effect->id, $effect->fingerprint, $effect->loudest, 1_000, 0);
        }
        $plan = $this->mixed(self::with($cut, null, ...$all), ...array_values($files));
        $measured = app(LoudnessMeter::class)->file(app(SoundMixer::class)->file($plan));

        self::assertEqualsWithDelta(-14.0, $measured->integrated, 0.5);
        self::assertLessThanOrEqual(-1.0, $measured->peak);
    }

    /** Peaks of speech stand some 15 dB above its loudness: common practice, no published source. */
    #[TestWith([-9.5])]
    #[TestWith([-11.0])]
    #[TestWith([-20.0])]
    public function test_what_a_target_wants_louder_than_its_peaks_allow_is_limited_until_it_is(float $lufs): void
    {
        $cut = $this->heard()->madeFor(new Target('own-loud', 'Loud', sound: new TargetSound($lufs)));
        $plan = $this->mixed($cut);
        $measured = app(LoudnessMeter::class)->file(app(SoundMixer::class)->file($plan));

        self::assertEqualsWithDelta($lufs, $measured->integrated, 0.5);
        self::assertLessThanOrEqual(-1.0, $measured->peak);
    }

    public function test_loud_passages_of_the_music_stay_twelve_db_under_every_second_of_speech(): void
    {
        $cut = $this->heard(['tail' => 400]);
        // Quiet, and loud for a second: as a whole it is measured much quieter than that.
        $piece = self::media(
            'surge.wav', '-f', 'lavfi', '-i', 'anoisesrc=colour=pink:amplitude=0.8:duration=20:seed=3', '-af',
            "volume='if(lt(mod(t,4),3),0.05,1)':eval=frame", '-ac', '2',
        );
        $loudness = app(LoudnessMeter::class)->file($piece)->integrated;
        $cut = self::with($cut, new CutMusic(
            '1', self::content($piece), $loudness - 8, 20_000, level: new MusicLevel(10),
        ));
        $plan = $this->mixed($cut, $piece);

        $report = json_decode((string) file_get_contents(app(SoundMixer::class)->report($plan)), true);
        self::assertGreaterThanOrEqual(12.0, $report['clear']);
        self::assertLessThan(-10.0, min(array_column($report['line'], 1)));
    }

    public function test_in_a_long_pause_music_stands_as_it_is_set_and_never_under_its_level_under_speech(): void
    {
        $cut = $this->spoken(
            ['pause' => 2_500, 'tail' => 1_500],
            'The lamp went out.', 'Who saw it?', 'Nobody did.', 'A bell rang, and rang, and then it stopped.', 'Fog.',
            'He climbed down.', 'Then the light came back.',
        );
        $piece = self::media(
            'steady.wav', '-f', 'lavfi', '-i', 'anoisesrc=colour=pink:amplitude=0.4:duration=60:seed=5', '-ac', '2',
        );
        $loudness = app(LoudnessMeter::class)->file($piece)->integrated;
        // Louder than it says, so that it has to be lowered under the voice.
        $level = new MusicLevel(14, 6, 200, 400);
        $music = new CutMusic('1', self::content($piece), $loudness - 6, 60_000, level: $level);
        $plan = $this->mixed(self::with($cut, $music), $piece);
        $report = json_decode((string) file_get_contents(app(SoundMixer::class)->report($plan)), true);
        self::assertGreaterThanOrEqual(12.0, $report['clear']);
        $line = new LevelLine($report['line']);
        $lowest = min(array_column($report['line'], 1));
        self::assertLessThan(-14.5, $lowest, 'it is lowered under the voice');

        foreach (array_slice($cut->scenes, 0, 6) as $number => $scene) {
            $said = max(array_map(
                static fn ($word): int => $word->scene === $number ? $word->timing->endMs : 0,
                $cut->words,
            ));
            for ($ms = $said + 1_000; $ms < $scene->endMs - 500; $ms += 100) {
                self::assertEqualsWithDelta(-8.0, $line->at($ms), 0.01, "in the pause after scene $number, at $ms ms");
            }
        }
    }

    public function test_a_clip_is_heard_under_its_shot_and_nowhere_else(): void
    {
        $this->actingAs($this->user());
        $this->library();
        $clip = self::media(
            'foghorn.mp4', '-f', 'lavfi', '-i', 'testsrc2=size=640x360:rate=30:duration=6', '-f', 'lavfi', '-i',
            'sine=frequency=11000:duration=6', '-pix_fmt', 'yuv420p', '-c:v', 'libx264', '-preset', 'ultrafast', '-c:a',
            'aac', '-b:a', '192k',
        );
        app(FootageImporter::class)->footage($this->channel(), $clip, 'foghorn.mp4', ['foghorn']);
        $tale = "# Horn\nA foghorn sounds.\nThe map lies on the table.";
        $short = $this->made($tale, ['clip_sound' => 12, 'music' => 'none'])->shorts[0];
        $this->work(...['--queue' => 'plans']);
        $cut = $short->refresh()->plannedCut() ?? self::fail('There is no cut.');
        $shot = $cut->scenes[0]->shots[0];
        self::assertSame('Foghorn', app(LibraryShelf::class)->of($this->channel())->name($shot->source->footage));
        self::assertSame(12, $shot->play->sound);
        self::assertNull($cut->scenes[1]->shots[0]->play->sound, 'a still has no sound');

        $shelf = app(LibraryShelf::class)->of($this->channel());
        $clip = $shelf->footagePaths[$shot->source->footage];
        $plan = $this->mixed($cut, $clip);
        $levels = self::levelsOf(app(SoundMixer::class)->rest($plan), 'highpass=f=10000,highpass=f=10000');
        $under = self::db($levels, $shot->startMs + 100, $shot->endMs - 100);
        self::assertGreaterThan(self::db($levels, $shot->endMs + 100, $cut->durationMs - 100) + 10, $under);

        $this->setting('short', $short->id, 'clip_sound', 4)->assertOk();
        $this->work(...['--queue' => 'plans']);
        $louder = $this->mixed(
            $short->refresh()->plannedCut() ?? self::fail(),
            $clip,
        );
        $levels = self::levelsOf(app(SoundMixer::class)->rest($louder), 'highpass=f=10000,highpass=f=10000');
        self::assertEqualsWithDelta(8.0, self::db($levels, $shot->startMs + 100, $shot->endMs - 100) - $under, 1.0);
    }

    public function test_a_mix_is_made_of_its_order_as_json_by_a_process_that_has_no_database(): void
    {
        $tone = self::media('tone-11k.wav', '-f', 'lavfi', '-i', 'sine=frequency=11000:duration=30', '-ac', '2');
        $plan = $this->mixed(
            self::with($this->heard(), new CutMusic('1', self::content($tone), -20.0, 30_000)), $tone,
        );
        self::assertSame($plan->key(), MixPlan::fromJson($plan->toJson())->key());
        $file = app(Maker::class)->file($plan);
        unlink($file);
        $order = TEST_PLACE.'/mix.json';
        file_put_contents($order, $plan->toJson());
        $render = static fn (): Process => self::typed(
            ['reel:render', $order, '--keep='.TEST_PLACE.'/mix-shown'],
            ['DB_DATABASE' => '/nowhere/at/all.sqlite', 'LARAVEL_STORAGE_PATH' => storage_path()],
        )->setTimeout(600);
        $process = $render();

        self::assertSame(0, $process->run(), $process->getErrorOutput());
        $said = json_decode($process->getOutput(), true);
        self::assertSame(['mix', $plan->key(), $file], [$said['kind'], $said['key'], $said['file']]);
        self::assertEqualsWithDelta($plan->seconds(), (float) self::probe($file)['format']['duration'], 0.05);
        self::assertFileExists(TEST_PLACE.'/mix-shown/mix.m4a');

        // What is no order, or of sounds that are not there, is told as that.
        file_put_contents($order, str_replace(self::content($tone), str_repeat('0', 32), $plan->toJson()));
        self::assertSame(1, ($process = $render())->run());
        self::assertStringContainsString('is not on the disk as it was', $process->getErrorOutput());
        file_put_contents($order, '{"mix":{"voice":3}}');
        self::assertSame(1, ($process = $render())->run());
        self::assertStringContainsString('no order of something to be made', $process->getErrorOutput());
    }

    public function test_what_a_page_plays_sounds_as_the_export_does_and_another_level_renders_no_picture_again(): void
    {
        $short = $this->planned(['music_level' => 14, 'effect_emphasis' => 'hit']);
        app(ProofDesk::class)->make($short->unsetRelations(), new Unwatched);
        $proof = Proof::of($short->refresh()) ?? self::fail((string) $short->proof_problem);
        $export = app(ExportDesk::class)->order($short, Quality::Draft);
        $this->work();
        [$page, $file] = array_map(static fn (string $path): array => self::levelsOf($path), [
            app(ProofMaker::class)->file($proof->key),
            app(MediaStore::class)->path("exports/{$export->id}/{$export->refresh()->name}.mp4"),
        ]);

        self::assertEqualsWithDelta(count($file), count($page), 3);
        // Shifted by up to 100 ms either way, they are never as like as where they stand.
        $alike = [];
        foreach (range(-10, 10) as $shift) {
            $alike[$shift] = self::correlation($page, $file, $shift);
        }
        self::assertSame(0, array_search(max($alike), $alike, true));
        self::assertGreaterThan(0.98, $alike[0]);

        $first = $short->refresh()->cutSummary();
        $others = ['music_level' => 25, 'music_lift' => 'steady', 'music_line' => '1:-6', 'mood' => 'sad'];
        foreach ($others as $key => $value) {
            $this->setting('short', $short->id, $key, $value)->assertOk();
        }
        $this->work(...['--queue' => 'plans']);
        $then = $short->refresh()->cutSummary();
        self::assertSame($first?->hashes->pixels, $then?->hashes->pixels);
        self::assertNotSame($first?->hashes->sound, $then?->hashes->sound);
        $export = app(ExportDesk::class)->order($short, Quality::Draft);
        $this->work();
        self::assertSame(0, $export->refresh()->segments_made);
    }

    /**
     * @param  list<float>  $one
     * @param  list<float>  $other
     */
    private static function correlation(array $one, array $other, int $shift): float
    {
        $sum = $left = $right = 0.0;
        foreach ($one as $i => $value) {
            $sum += $value * ($other[$i + $shift] ?? 0.0);
            $left += $value ** 2;
            $right += ($other[$i + $shift] ?? 0.0) ** 2;
        }

        return $sum / max(1e-9, sqrt($left * $right));
    }

    public function test_how_a_piece_beats_is_heard_through_any_format(): void
    {
        $piece = self::media(
            'beat-100.mp3', '-f', 'lavfi', '-i',
            "aevalsrc='0.6*sin(2*PI*70*t)*exp(-18*mod(t,0.6))':d=20:s=44100", '-ac', '2', '-b:a', '96k',
        );
        $heard = app(SoundMeter::class)->music($piece, 'beat.mp3');

        self::assertEqualsWithDelta(100.0, $heard['tempo'], 2.0);
        foreach ($heard['bars'] as $i => $ms) {
            self::assertEqualsWithDelta($heard['bars'][0] + 2_400 * $i, $ms, 30);
        }
    }
}
