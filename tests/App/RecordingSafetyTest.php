<?php

declare(strict_types=1);

namespace Tests\App;

use App\Doors\Bench\KnownSpeech;
use App\Doors\Jobs\AlignRecording;
use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceRates;
use App\Makers\Voicing\ReferenceMaker;
use App\Makers\Voicing\TakeStore;
use App\Makers\Voicing\TimingImport;
use App\Media\Audio\SoundReader;
use App\Media\Audio\TakeFiles;
use App\Media\Audio\WavFile;
use App\Media\Store\KeyedLock;
use App\Media\Store\MediaStore;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Reading;
use App\Shelves\Models\Recording;
use App\Shelves\Models\RecordingState;
use App\Shelves\Models\Short;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use RapidReel\Base\Refusal;
use RapidReel\Voice\Speech\Delivery;
use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\WordTiming;
use Tests\Support\Sounds;

/** Recordings and takes when workers stop, come back, or do the same twice. */
final class RecordingSafetyTest extends AppTestCase
{
    private const LINE = 'Nobody told the keeper of the light.';

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
        Queue::fake();
    }

    private static function sound(): Pcm
    {
        return KnownSpeech::of(self::LINE, 'slt', TEST_PLACE.'/speech')->sound;
    }

    private function short(): Short
    {
        $this->post('/batches', [
            'voice' => 'aldous',
            'profile' => 'upto-60',
            'quality' => 'draft',
            'later' => '1',
            'text' => "One lamp burned.\n".self::LINE."\nFollow us.",
        ])->assertRedirect();

        return Batch::query()->firstOrFail()->shorts[0];
    }

    public function test_a_recording_that_is_read_twice_is_offered_once(): void
    {
        $short = $this->short();
        $this->post("/shorts/{$short->id}/recordings", [
            'sound' => UploadedFile::fake()->createWithContent('a.wav', WavFile::encode(self::sound())),
            'text' => self::LINE,
        ])->assertOk();
        $recording = Recording::query()->firstOrFail();
        app()->call([new AlignRecording($recording->id), 'handle']);
        // A worker that died after its work, before it could say so.
        $recording->update(['state' => RecordingState::Waiting]);
        app()->call([new AlignRecording($recording->id), 'handle']);
        app()->call([new AlignRecording($recording->id), 'handle']);

        self::assertSame([1, RecordingState::Ready], [Reading::query()->count(), $recording->refresh()->state]);
        app()->call([new AlignRecording(99_999), 'handle']);
    }

    public function test_a_worker_that_keeps_dying_leaves_a_message(): void
    {
        $recording = Recording::query()->forceCreate([
            'short_id' => $this->short()->id,
            'text' => '',
            'name' => 'a.wav',
            'path' => 'recordings/none',
            'state' => RecordingState::Waiting,
        ]);
        (new AlignRecording($recording->id))->failed(null);

        self::assertSame(
            [
                RecordingState::Failed,
                'It could not be read: the workers stopped over it many times. It is kept; have it looked through '
                    .'again, or cut it into parts.',
            ],
            [$recording->refresh()->state, $recording->problem],
        );
    }

    public function test_a_later_reading_takes_the_place_of_an_earlier_one_of_the_same_words(): void
    {
        $short = $this->short();
        foreach (['a.wav', 'b.wav'] as $name) {
            $this->post("/shorts/{$short->id}/recordings", [
                'sound' => UploadedFile::fake()->createWithContent($name, WavFile::encode(self::sound())),
                'text' => self::LINE,
            ])->assertOk();
            app()->call([new AlignRecording(Recording::query()->latest('id')->firstOrFail()->id), 'handle']);
            $this->postJson('/readings/'.Reading::query()->latest('id')->firstOrFail()->id)->assertOk();
        }

        self::assertSame([true], Reading::query()->where('dropped', false)->pluck('accepted')->all());
        self::assertSame(
            Recording::query()->latest('id')->firstOrFail()->id,
            Reading::query()->where('dropped', false)->firstOrFail()->recording_id,
        );
        $this->postJson("/shorts/{$short->id}/undo")->assertJsonPath('said', 'Undone: used a recording.');
        self::assertSame(
            [true, false],
            Reading::query()->orderBy('id')->pluck('accepted')->all(),
            'the earlier one is used again, and the later offered',
        );
    }

    public function test_cues_without_sound_are_shared_out_by_length(): void
    {
        $aligned = app(TimingImport::class)->align(
            Sounds::silence(3_000),
            ['One lighthouse.', 'It burned.'],
            "1\n00:00:00,000 --> 00:00:01,500\nOne lighthouse.\n\n2\n00:00:02,000 --> 00:00:03,000\nIt burned.\n",
            app(VoiceBook::class)->get('aldous'),
        );
        $times = array_map(
            static fn (WordTiming $word): array => [$word->text, $word->startMs, $word->endMs],
            $aligned->timings(),
        );

        self::assertSame(
            [['One', 0, 321], ['lighthouse.', 321, 1_500], ['It', 2_000, 2_222], ['burned.', 2_222, 3_000]],
            $times,
        );
    }

    public function test_a_language_is_known_by_its_code_or_name(): void
    {
        $readings = app(ReferenceMaker::class);
        foreach (
            [
                'en' => 'English',
                'de-AT' => 'German',
                'French' => 'French',
                'es' => 'Spanish',
                'pt-br' => 'Portuguese',
                'ru' => 'Russian',
            ] as $written => $language
        ) {
            self::assertSame($language, $readings->voiceOf($written)->languageName());
        }
        $this->expectException(Refusal::class);
        $readings->voiceOf('xx');
    }

    public function test_a_voice_at_another_speed_is_estimated_by_its_usual_one_until_it_was_heard_so(): void
    {
        $rates = app(VoiceRates::class);
        $rates->make();
        $voice = app(VoiceBook::class)->get('corwin')->at(133);
        $guess = $rates->of($voice)->ofText(self::LINE);
        self::assertEqualsWithDelta($rates->of($voice->at(100))->ofText(self::LINE) / 1.33, $guess, 3);
        $rates->hear($voice);
        $real = app(TakeStore::class)->take(self::LINE, $voice)->durationMs;

        self::assertEqualsWithDelta($real, $rates->of($voice)->ofText(self::LINE), 0.12 * $real);
    }

    public function test_takes_with_and_without_dead_air_stand_side_by_side(): void
    {
        $takes = app(TakeStore::class);
        $voice = app(VoiceBook::class)->get('aldous');
        $text = 'One lamp burned; nobody saw it; then, at nine, it went out.';
        $raw = $takes->raw($text, $voice);
        $tight = $takes->take($text, $voice, new Delivery(120));
        $tighter = $takes->take($text, $voice, new Delivery(60));

        self::assertCount(3, array_unique([$raw->key, $tight->key, $tighter->key]));
        self::assertGreaterThan($tight->durationMs, $raw->durationMs);
        self::assertGreaterThan($tighter->durationMs, $tight->durationMs);
        self::assertSame($raw->key, $takes->take($text, $voice, new Delivery(null))->key);
        self::assertEquals($tight, $takes->knownTight($raw, new Delivery(120)));
        self::assertNull($takes->knownRaw('Never said by anybody yet.', $voice));
        foreach ([$raw, $tight, $tighter] as $take) {
            self::assertSame($take->durationMs, app(TakeFiles::class)->sound($take->key)->durationMs());
        }
    }

    public function test_what_is_locked_is_free_again_when_its_holder_fails(): void
    {
        $lock = new KeyedLock(storage_path('locks'));
        try {
            $lock->hold('a key', static fn () => throw new \RuntimeException('It died.'));
            self::fail('It was to fail.');
        } catch (\RuntimeException) {
            self::assertSame(7, $lock->hold('a key', static fn (): int => 7));
        }
    }

    public function test_rumble_is_taken_out_of_a_recording_and_speech_is_left(): void
    {
        $rumble = Sounds::bursts([[2_000, 0.3]], 48_000, 25);
        $tone = Sounds::bursts([[2_000, 0.3]], 48_000, 700);
        $levels = [];
        foreach (['rumble' => $rumble, 'tone' => $tone] as $name => $sound) {
            $file = storage_path("$name.wav");
            file_put_contents($file, WavFile::encode($sound));
            $folder = app(MediaStore::class)->workFolder();
            $clean = app(SoundReader::class)->open($file, $name, 48_000, $folder, clean: true)->whole();
            $levels[$name] = max(array_slice($clean->levels(), 50, 100));
        }

        self::assertLessThan(0.05, $levels['rumble']);
        self::assertGreaterThan(0.17, $levels['tone']);
    }
}
