<?php

declare(strict_types=1);

namespace Tests\App;

use App\Doors\Bench\KnownSpeech;
use App\Doors\Jobs\AlignRecording;
use App\Doors\Jobs\PlanShort;
use App\Doors\Jobs\SpeakSample;
use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\Voices;
use App\Makers\Voicing\TakeStore;
use App\Media\Audio\TakeFiles;
use App\Media\Audio\WavFile;
use App\Media\Making\Maker;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Reading;
use App\Shelves\Models\Recording;
use App\Shelves\Models\RecordingState;
use App\Shelves\Models\Short;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Base\Language\ScriptWord;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Order\SpokenTake;
use RapidReel\Making\Order\TightTake;
use RapidReel\Plan\Cut\CutSound;
use RapidReel\Voice\Speech\DeadAir;
use RapidReel\Voice\Speech\Delivery;
use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\VoiceEngine;
use RapidReel\Voice\Speech\WordTiming;
use Symfony\Component\Process\Process;
use Tests\Support\Sounds;

/** Who reads, how, and recordings that take a voice's place. */
final class VoiceTest extends AppTestCase
{
    private const LINES = [
        'For eleven years one lighthouse guided no ships at all.',
        'Nobody told the keeper of the light.',
        'Follow for another light tomorrow.',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
        $this->library();
        Queue::fake();
    }

    private function short(string $text = ''): Short
    {
        $this->post('/batches', [
            'voice' => 'aldous',
            'profile' => 'upto-60',
            'quality' => 'draft',
            'later' => '1',
            'text' => "# Lamp\n".($text ?: implode("\n", self::LINES)),
        ])
            ->assertRedirect()
            ->assertSessionMissing('problem');

        return Batch::query()->latest('id')->firstOrFail()->shorts[0];
    }

    private function plan(Short $short): Short
    {
        app()->call([new PlanShort($short->id), 'handle']);

        return $short->refresh()->unsetRelations();
    }

    /** @return array{Pcm, list<float>} all lines read by another voice, and when each word begins */
    private static function reading(): array
    {
        $folder = TEST_PLACE.'/speech';
        $bytes = '';
        $starts = [];
        foreach (self::LINES as $line) {
            $known = KnownSpeech::of($line, 'slt', $folder);
            $before = strlen($bytes) / 32;
            array_push($starts, ...array_map(static fn (float $ms): float => $ms + $before, $known->starts));
            $bytes .= $known->sound->bytes;
        }

        return [new Pcm($bytes, 16_000), $starts];
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function bring(
        Short $short,
        string $bytes,
        string $name = 'take.wav',
        string $text = '',
        ?string $timing = null,
    ): TestResponse {
        return $this->post(
            "/shorts/{$short->id}/recordings",
            array_filter(
                [
                    'sound' => UploadedFile::fake()->createWithContent($name, $bytes),
                    'text' => $text,
                    'timing' => $timing === null ? null : UploadedFile::fake()->createWithContent('times.srt', $timing),
                ],
                static fn ($one): bool => $one !== null,
            ),
            ['Accept' => 'application/json'],
        );
    }

    private function align(): Recording
    {
        $recording = Recording::query()->latest('id')->firstOrFail();
        app()->call([new AlignRecording($recording->id), 'handle']);

        return $recording->refresh();
    }

    public function test_a_whole_reading_is_cut_into_scenes_and_takes_the_narrators_place_when_it_is_accepted(): void
    {
        $short = $this->short();
        // With its pauses left, to be held against the reading.
        $this->setting('short', $short->id, 'dead_air', 'left')->assertOk();
        $narrated = $this->plan($short)->plannedCut();
        [$sound, $starts] = self::reading();
        $this->bring($short, WavFile::encode($sound))->assertOk();
        self::assertSame(RecordingState::Ready, $this->align()->state);
        $readings = $short->readings()->orderBy('id')->get();
        self::assertSame(self::LINES, $readings->pluck('text')->all());
        self::assertSame([], array_merge(...$readings->pluck('remarks')->all()));
        self::assertEquals($narrated, $this->plan($short)->plannedCut(), 'nothing changes before it is accepted');

        $this->postJson("/shorts/{$short->id}/readings")->assertOk();
        $cut = $this->plan($short)->plannedCut() ?? self::fail();
        self::assertNotSame($narrated?->hash(), $cut->hash());
        // Within a scene the words stand as they were read.
        $word = 0;
        $far = [];
        foreach ($cut->scenes as $number => $scene) {
            $words = array_values(array_filter($cut->words, static fn ($one): bool => $one->scene === $number));
            $shifts = array_map(
                static fn ($one, int $i): float => $one->timing->startMs - $starts[$word + $i],
                $words,
                array_keys($words),
            );
            $sorted = $shifts;
            sort($sorted);
            array_push(
                $far,
                ...array_filter(
                    $shifts,
                    static fn (float $shift): bool => abs($shift - $sorted[intdiv(count($sorted), 2)]) > 150,
                ),
            );
            $word += count($words);
            self::assertSame(48_000, app(TakeFiles::class)->sound($scene->take)->rate);
        }
        self::assertLessThanOrEqual(2, count($far), 'of twenty-two words');
        self::assertFalse($short->cutSummary()?->isEstimated());

        $this->deleteJson("/readings/{$short->readings()->firstOrFail()->id}")->assertOk();
        self::assertSame($narrated?->scenes[0]->take, $this->plan($short)->plannedCut()?->scenes[0]->take);
    }

    public function test_a_reading_follows_its_words_and_rests_while_they_are_others(): void
    {
        $short = $this->short();
        $this->bring(
            $short,
            WavFile::encode(KnownSpeech::of(self::LINES[1], 'rms', TEST_PLACE.'/speech')->sound),
            text: self::LINES[1],
        )->assertOk();
        $this->align();
        $this->postJson("/readings/{$short->readings()->firstOrFail()->id}")->assertOk();
        $read = $this->plan($short)->plannedCut()?->scenes[1]->take;
        $this->putJson("/scenes/{$short->scenes[1]->id}", ['text' => 'Nobody told him.'])->assertOk();
        self::assertNotSame($read, $this->plan($short)->plannedCut()?->scenes[1]->take);
        $this->postJson("/shorts/{$short->id}/undo")->assertOk();
        self::assertSame($read, $this->plan($short)->plannedCut()?->scenes[1]->take);
        $this->bring($short, 'x', text: 'Words of no scene.')
            ->assertStatus(422)
            ->assertJsonPath(
                'message',
                'The words of this scene have changed meanwhile. Reload the page; your recording is still on your '
                    .'disk.',
            );
    }

    public function test_a_boundary_is_pinned_and_the_words_beside_it_give_way(): void
    {
        $short = $this->short();
        $this->bring(
            $short,
            WavFile::encode(KnownSpeech::of(self::LINES[1], 'rms', TEST_PLACE.'/speech')->sound),
            text: self::LINES[1],
        );
        $this->align();
        $reading = Reading::query()->firstOrFail();
        $to = $reading->words[2]['start_ms'] - 30;
        $this->putJson("/readings/{$reading->id}/words/2", ['ms' => $to])->assertOk();
        $words = $reading->refresh()->words;

        self::assertSame([$to, true], [$words[2]['start_ms'], $words[2]['pinned']]);
        self::assertLessThanOrEqual($to, $words[1]['end_ms']);
        self::assertSame($to, app(TakeFiles::class)->kept($reading->take)?->words[2]->startMs);
        $this->putJson("/readings/{$reading->id}/words/2", ['ms' => 0])->assertOk();
        self::assertGreaterThan(
            $words[1]['start_ms'],
            $reading->refresh()->words[2]['start_ms'],
            'never before the word before',
        );
        $this->putJson("/readings/{$reading->id}/words/99", ['ms' => 0])->assertStatus(422);
        $this->getJson("/scenes/{$short->scenes[1]->id}/take")
            ->assertOk()
            ->assertJsonPath('words.2.pinned', true)
            ->assertJsonPath('reading', $reading->id);
        $this->actingAs($this->user('other@lamplight.example'))
            ->putJson("/readings/{$reading->id}/words/2", ['ms' => 0])
            ->assertNotFound();
    }

    public function test_times_that_come_along_are_used_and_spread_over_their_words(): void
    {
        $short = $this->short();
        $known = KnownSpeech::of(self::LINES[1], 'slt', TEST_PLACE.'/speech');
        $half = (int) $known->starts[3];
        $time = static fn (int $ms): string => sprintf('00:00:%02d,%03d', intdiv($ms, 1000), $ms % 1000);
        $srt = "1\n00:00:00,000 --> {$time($half)}\nNobody told the\n\n2\n{$time($half)} --> {$time(
            $known->sound->durationMs(),
        )}\nkeeper of the light.\n";
        $this->bring($short, WavFile::encode($known->sound), text: self::LINES[1], timing: $srt)->assertOk();
        self::assertSame(RecordingState::Ready, $this->align()->state);
        $words = Reading::query()->firstOrFail()->words;
        $far = array_filter(
            $words,
            static fn (array $word, int $i): bool => abs(
                $known->starts[$i] - $known->starts[0] - $word['start_ms'] + $words[0]['start_ms'],
            ) > 150,
            ARRAY_FILTER_USE_BOTH,
        );
        self::assertLessThanOrEqual(1, count($far), 'of seven words');

        $this->bring(
            $short,
            WavFile::encode($known->sound),
            text: self::LINES[1],
            timing: "1\n00:00:00,000 --> 00:00:01,000\nOther words\n",
        );
        self::assertSame(
            'The file of times has 2 words and the script 7; they must be the same.',
            $this->align()->problem,
        );
        $this->bring($short, WavFile::encode($known->sound), text: self::LINES[1], timing: 'no times')->assertStatus(
            422,
        );
    }

    /** @return array<string, array{string, string, string}> */
    public static function refused(): array
    {
        return [
            'no sound at all' => ['a.wav', 'not a sound', 'holds no sound that can be read'],
            'a playlist' => ['a.mp3', "#EXTM3U\nfile:///etc/passwd\n", 'is a playlist'],
            'an hour' => [
                'a.wav',
                WavFile::encode(new Pcm(str_repeat("\0\0", 3_600 * 4_000), 4_000)),
                'runs 60 minutes; a recording has at most 20',
            ],
        ];
    }

    #[DataProvider('refused')]
    public function test_what_cannot_be_a_recording_is_refused_at_once(string $name, string $bytes, string $why): void
    {
        self::assertStringContainsString(
            $why,
            $this->bring($this->short(), $bytes, $name)->assertStatus(422)['message'],
        );
    }

    /** @return array<string, array{Pcm, string}> */
    public static function poor(): array
    {
        return [
            'silence' => [Sounds::silence(3_000), 'Nobody is heard speaking in this recording.'],
            'a fifth of a second' => [Sounds::bursts([[200, 0.4]]), 'lasts only 0.2 s'],
        ];
    }

    #[DataProvider('poor')]
    public function test_a_recording_without_words_says_so_and_changes_nothing(Pcm $sound, string $why): void
    {
        $short = $this->short();
        $this->bring($short, WavFile::encode($sound))->assertOk();
        $recording = $this->align();

        self::assertSame([RecordingState::Failed, 0], [$recording->state, Reading::query()->count()]);
        self::assertStringContainsString($why, (string) $recording->problem);
        $this->get("/shorts/{$short->id}/voice")->assertOk()->assertSee($why);
    }

    public function test_another_text_and_a_clipped_recording_are_offered_with_a_remark(): void
    {
        $short = $this->short();
        $other = KnownSpeech::of(KnownSpeech::SENTENCES[7], 'kal16', TEST_PLACE.'/speech')->sound;
        $loud = new Pcm(
            Pcm::bytesOf(
                array_map(
                    static fn (int $value): int => max(-32_768, min(32_767, 9 * $value)),
                    Pcm::values($other->bytes),
                ),
            ),
            $other->rate,
        );
        $this->bring($short, WavFile::encode($loud), text: self::LINES[1])->assertOk();
        $this->align();
        $remarks = Reading::query()->firstOrFail()->remarks;

        self::assertContains('It was recorded too loud: its peaks are clipped.', $remarks);
        self::assertContains('It does not sound like these words; listen before you use it.', $remarks);
    }

    public function test_every_usual_kind_of_file_and_any_channels_are_read(): void
    {
        $known = KnownSpeech::of(self::LINES[1], 'slt', TEST_PLACE.'/speech');
        $folder = storage_path('kinds');
        @mkdir($folder);
        file_put_contents("$folder/in.wav", WavFile::encode($known->sound));
        $short = $this->short();
        foreach (
            [
                'a.mp3' => [],
                'b.m4a' => [],
                'c.ogg' => ['-c:a', 'libvorbis'],
                'd.flac' => [],
                'e.webm' => ['-c:a', 'libopus'],
                'f.wav' => ['-ac', '6', '-ar', '96000'],
                'g.wav' => ['-ar', '8000'],
            ] as $name => $options
        ) {
            (new Process([
                'ffmpeg', '-v', 'error', '-y', '-i', "$folder/in.wav", ...$options, "$folder/$name",
            ]))->mustRun();
            $this->bring($short, (string) file_get_contents("$folder/$name"), $name, self::LINES[1])->assertOk();
            self::assertSame(RecordingState::Ready, $this->align()->state, $name);
            $words = Reading::query()->latest('id')->firstOrFail()->words;
            self::assertEqualsWithDelta(
                $known->starts[6] - $known->starts[0],
                $words[6]['start_ms'] - $words[0]['start_ms'],
                250,
                $name,
            );
        }
    }

    public function test_voice_speed_pause_and_dead_air_are_set_for_short_and_scene_and_the_narrower_wins(): void
    {
        $short = $this->plan(
            $this->short('One lamp burned, and nobody saw it; then it went out. The gull slept on. Follow us.'),
        );
        $usual = $short->plannedCut() ?? self::fail();
        $length = fn (int $scene): int => app(TakeFiles::class)
            ->sound($this->plan($short)->plannedCut()?->scenes[$scene]->take ?? '')
            ->durationMs();
        $before = $length(0);

        $this->setting('short', $short->id, 'speed', '140')->assertOk();
        self::assertLessThan(0.85 * $before, $length(0));
        $this->setting('scene', $short->scenes[0]->id, 'speed', '80')->assertOk();
        self::assertGreaterThan(1.1 * $before, $length(0));
        $this->setting('scene', $short->scenes[0]->id, 'speed', null)->assertOk();
        $this->setting('short', $short->id, 'speed', '100')->assertOk();
        $this->setting('short', $short->id, 'pause', '600')->assertOk();
        $paused = $this->plan($short)->plannedCut() ?? self::fail();
        self::assertEqualsWithDelta($usual->durationMs + 2 * 460, $paused->durationMs, 70);
        $this->setting('short', $short->id, 'dead_air', 'left')->assertOk();
        self::assertGreaterThan($before, $length(0));
        $this->setting('scene', $short->scenes[1]->id, 'voice', 'brenna')->assertOk();
        $read = $this->plan($short)->plannedCut()?->scenes[1]->take;
        self::assertSame(
            app(TakeStore::class)->knownRaw('The gull slept on.', app(VoiceBook::class)->get('brenna'))?->key,
            $read,
        );

        $bad = [['speed', '500'], ['pause', '-1'], ['pause', 'x'], ['voice', 'nobody'], ['colour', 'red']];
        foreach ($bad as [$field, $value]) {
            $this->setting('short', $short->id, $field, $value)->assertStatus(422);
        }
        for ($i = 0; $i < 7; $i++) {
            $this->postJson("/shorts/{$short->id}/undo")->assertOk();
        }
        self::assertSame($usual->hash(), $this->plan($short)->plannedCut()?->hash());
    }

    public function test_one_pause_can_be_left_as_it_was_spoken(): void
    {
        $short = $this->plan($this->short('One lamp burned; nobody saw it. Follow us.'));
        $take = $this->getJson("/scenes/{$short->scenes[0]->id}/take")->assertOk();
        self::assertCount(1, $take['pauses']);
        self::assertFalse($take['pauses'][0]['spared']);
        $this->get("/scenes/{$short->scenes[0]->id}/take.wav")->assertOk()->assertHeader('Content-Type', 'audio/wav');
        $before = $short->plannedCut()?->durationMs;
        $this->putJson("/scenes/{$short->scenes[0]->id}/pauses", [
            'after' => $take['pauses'][0]['after'],
            'spare' => true,
        ])->assertOk();
        $longer = $this->plan($short)->plannedCut()?->durationMs - $before;

        self::assertEqualsWithDelta($take['pauses'][0]['end'] - $take['pauses'][0]['start'] - 120, $longer, 20);
        $this->getJson("/scenes/{$short->scenes[0]->id}/take")->assertJsonPath('pauses.0.spared', true);
    }

    public function test_speed_pause_and_dead_air_are_set_for_many_at_once(): void
    {
        $short = $this->short();
        $other = $this->short();
        $set = fn (string $key, string $value): string => $this->setting(
            'short',
            [$short->id, $other->id],
            $key,
            $value,
        )->assertOk()['said'];

        self::assertSame('2 shorts: speed set to “120 %”.', $set('speed', '120'));
        self::assertSame('2 shorts: pause after a scene set to “0.3 s”.', $set('pause', '300'));
        self::assertSame('2 shorts: longest silence set to “left as it is”.', $set('dead_air', 'left'));
        self::assertSame('Nothing to change: speed set to “120 %”.', $set('speed', '120'));
        self::assertSame(['dead_air' => 'left', 'pause' => 300, 'speed' => 120], $short->refresh()->settings->own);
        self::assertSame(
            'A pause is from 0 to 3 s, or “usual”; “abc” is not.',
            $this->setting('short', $short->id, 'pause', 'abc')->assertStatus(422)['message'],
        );
        $this->setting('short', $short->id, 'pause', '')->assertStatus(422);
    }

    public function test_a_pronunciation_changes_what_is_heard_and_never_the_captions(): void
    {
        $this->put('/house', [
            'name' => 'Log',
            'pronunciations' => "Ness = Promontory of the north\nbad line",
        ])->assertRedirect();
        $short = $this->plan($this->short('The light at Calder Ness went out. Follow us.'));
        $plain = app(TakeStore::class)->take(
            'The light at Calder Ness went out.',
            app(VoiceBook::class)->get('aldous'),
        );
        $scene = $short->plannedCut()?->scenes[0] ?? self::fail();
        $take = app(TakeFiles::class)->kept($scene->take) ?? self::fail();

        self::assertGreaterThan($plain->durationMs + 500, $take->durationMs);
        self::assertSame(
            array_map(static fn ($word): string => $word->text, $plain->words),
            array_map(static fn ($word): string => $word->text, $take->words),
        );
        self::assertGreaterThan(
            700,
            $take->words[4]->endMs - $take->words[4]->startMs,
            'the word stands as long as what is said for it',
        );
    }

    public function test_numbers_dates_and_signs_are_shown_as_written_at_the_time_they_are_said(): void
    {
        $text = 'In 1884, 12.5 % of the ship-owners & 3 captains paid £40 on 3 May.';
        $take = app(TakeStore::class)->take($text, app(VoiceBook::class)->get('aldous'));

        self::assertSame(
            array_map(static fn (ScriptWord $word): string => $word->text, ScriptWord::of($text)),
            array_map(static fn ($word): string => $word->text, $take->words),
        );
        self::assertGreaterThan(
            500,
            $take->words[1]->endMs - $take->words[1]->startMs,
            '“eighteen eighty-four” takes its time',
        );
    }

    public function test_the_second_engine_speaks_english_and_its_words_are_found(): void
    {
        $voices = array_values(
            array_filter(
                app(VoiceBook::class)->all(),
                static fn ($voice): bool => $voice->source === VoiceEngine::Diphones,
            ),
        );
        self::assertGreaterThanOrEqual(3, count($voices));
        foreach (array_slice($voices, 0, 2) as $voice) {
            $raw = app(TakeStore::class)->raw(self::LINES[1], $voice);
            self::assertSame(7, count($raw->words));
            $slow = app(TakeStore::class)->raw(self::LINES[1], $voice->at(70));
            self::assertGreaterThan(1.25 * $raw->durationMs, $slow->durationMs, $voice->name);
            foreach ($raw->words as $i => $word) {
                self::assertGreaterThan(30, $word->endMs - $word->startMs, "{$voice->name}: {$word->text}");
            }
        }
        $languages = array_map(static fn ($voice): string => $voice->language, app(VoiceBook::class)->all());
        self::assertGreaterThanOrEqual(10, count(array_unique($languages)));
    }

    public function test_a_typed_sentence_is_heard_by_any_voice(): void
    {
        $url = $this->postJson('/voices/say', [
            'voice' => 'brenna',
            'text' => 'A bell under water.',
            'speed' => 90,
        ])->assertOk()['url'];
        $this->get($url)->assertNotFound();
        Queue::assertPushed(SpeakSample::class, static function (SpeakSample $job): bool {
            app()->call([$job, 'handle']);

            return true;
        });
        $this->get($url)->assertOk()->assertHeader('Content-Type', 'audio/wav');
        $this->postJson('/voices/say', ['voice' => 'brenna', 'text' => ''])->assertStatus(422);
        $this->postJson('/voices/say', ['voice' => 'brenna', 'text' => 'Faster.', 'speed' => 900])->assertStatus(422);
        $this->setting('channel', $this->channel()->id, 'voice', 'delphine')
            ->assertOk()
            ->assertJsonPath('said', 'House style: voice set to “Delphine”.');
        $this->get('/intake')->assertSee('<option value="">Delphine</option>', false);
        $this->get('/voices')->assertOk()->assertSee('told by the engine');
    }

    public function test_words_are_spoken_and_tightened_anywhere_by_orders_in_json(): void
    {
        $maker = app(Maker::class);
        $voice = app(VoiceBook::class)->get('aldous')->at(110);
        $speech = new SpokenTake(
            'The light at Calder Ness went out — and nobody came.', ['Ness' => 'Nace'], $voice,
            app(Voices::class)->version(),
        );
        $orders = [$speech, new TightTake($speech->key(), 40, [], 120)];
        $file = TEST_PLACE.'/order.json';
        foreach ($orders as $order) {
            self::assertFalse($maker->isThere($order));
            file_put_contents($file, $order->toJson());
            $process = self::typed(['reel:render', $file], [
                'DB_DATABASE' => '/nowhere/at/all.sqlite', 'LARAVEL_STORAGE_PATH' => storage_path(),
            ]);
            self::assertSame(0, $process->run(), $process->getErrorOutput());
            self::assertTrue($maker->isThere($order));
        }
        $how = new Delivery(40, pronunciations: ['Ness' => 'Nace'], tempo: 120);
        $take = app(TakeStore::class)->known($speech->text->written, $voice, $how) ?? self::fail('not the same key');

        self::assertSame($maker->file($orders[1]), app(TakeFiles::class)->soundFile($take->key));
        self::assertSame(
            ['The', 'light', 'at', 'Calder', 'Ness', 'went', 'out —', 'and', 'nobody', 'came.'],
            array_map(static fn (WordTiming $word): string => $word->text, $take->words),
        );
        self::assertLessThan(
            0.9 * (app(TakeFiles::class)->kept($speech->key())->durationMs ?? 0),
            $take->durationMs,
            'faster, and tight',
        );
    }

    public function test_takes_of_different_rates_are_mixed_at_the_finer(): void
    {
        $takes = app(TakeStore::class);
        $tight = $takes->take(self::LINES[1], app(VoiceBook::class)->get('aldous'), new Delivery(DeadAir::USUAL_MS));
        self::assertNotSame(48_000, app(TakeFiles::class)->sound($tight->key)->rate);
        $short = $this->short();
        $this->bring(
            $short,
            WavFile::encode(KnownSpeech::of(self::LINES[1], 'rms', TEST_PLACE.'/speech')->sound),
            text: self::LINES[1],
        );
        $this->align();
        $this->postJson("/readings/{$short->readings()->firstOrFail()->id}")->assertOk();
        $cut = $this->plan($short)->plannedCut() ?? self::fail();
        $plan = MixPlan::of($cut->sounding(new CutSound));
        app(Maker::class)->make([$plan]);
        $streams = self::probe(app(Maker::class)->file($plan))['streams'];

        self::assertEqualsWithDelta($cut->durationMs / 1000, (float) $streams[0]['duration'], 0.03);
    }
}
