<?php

declare(strict_types=1);

namespace Tests\App;

use App\Doors\Jobs\MakeExport;
use App\Doors\Jobs\PlanShort;
use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceRates;
use App\Makers\Planning\ShortPlanner;
use App\Media\Process\Unwatched;
use App\Shelves\Library\LibraryShelf;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Short;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Cut\FlagCode;

final class IntakeTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
    }

    private const CHOICES = ['voice' => 'aldous', 'profile' => 'upto-60', 'quality' => 'draft'];

    public function test_a_preview_shows_what_will_become_of_each_script(): void
    {
        $answer = $this->postJson('/intake/preview', [
            'text' => "# The lamp\n[music]\nThe lamp went out. Nobody came.\n---\nWhat if a bell rang?",
            'profile' => 'upto-60',
        ])->assertOk();

        self::assertSame([2, true], [$answer['count'], $answer['usable']]);
        self::assertStringContainsString('The lamp went out.', $answer['html']);
        self::assertMatchesRegularExpression(
            '/title="Music cue, not spoken[^"]*"\s*><s>\[music\]<\/s>/',
            $answer['html'],
        );
        self::assertStringContainsString('What if a bell rang?', $answer['html']);
    }

    public function test_a_script_that_cannot_be_used_is_told_beside_the_others(): void
    {
        $answer = $this->postJson('/intake/preview', ['text' => "The lamp went out.\n---\n[only a note]"])->assertOk();

        self::assertFalse($answer['usable']);
        self::assertStringContainsString('Nothing in this script is spoken', $answer['html']);
    }

    public function test_a_script_is_read_by_a_voice_of_its_language_and_takes_as_long_as_it_was_said_to(): void
    {
        $this->library();
        // As bin/setup does.
        app(VoiceRates::class)->hear(app(VoiceBook::class)->get('jalila'));
        $batch = $this->made(
            "The lamp went out at nine, and nobody in the town had seen it.\n---\n"
            ."أضاء المصباح عند الغروب، ثم غطى الضباب الخليج كله. عد الدرجات والنوافذ والكراسي.\n---\n"
            ."---\nvoice: aldous\n---\nDie Tür stand offen, und es regnete neun Tage lang über der Stadt.\n---\n"
            .'灯台の灯りは夕暮れにともり、九時には霧が湾を飲み込んだ。',
        );
        $voice = static fn (Short $short): ?string => $short->settings->own['voice'] ?? null;
        self::assertSame([null, 'jalila', 'aldous', null], $batch->shorts->map($voice)->all());
        $told = static fn (Short $short): array => array_map(
            static fn (Flag $flag): string => $flag->message,
            array_values(array_filter(
                $short->cutSummary()->flags ?? [],
                static fn (Flag $flag): bool => $flag->code === FlagCode::OtherLanguage,
            )),
        );
        self::assertSame([
            [], [], ['Aldous reads English, and this is German: choose a voice that reads it.'],
            ['This is Japanese, and no voice here reads it; Aldous would read it as English. Record it yourself, or '
                .'have a voice service read it (docs/voices.md).'],
        ], $batch->shorts->map($told)->all());

        $arabic = $batch->shorts[1];
        $estimated = $arabic->cutSummary()->times->durationMs ?? 0;
        app(ShortPlanner::class)->plan($arabic, app(LibraryShelf::class)->of($this->channel()), new Unwatched);
        $real = $arabic->refresh()->cutSummary()->times->durationMs ?? 0;
        self::assertEqualsWithDelta(1.0, $estimated / $real, 0.15);
        $this->get("/batches/{$batch->id}")->assertSee('voice of another language');
        $preview = $this->postJson('/intake/preview', ['text' => 'أضاء المصباح عند الغروب، ثم غطى الضباب الخليج.']);
        self::assertStringContainsString('This is Arabic: Jalila reads it, as Aldous reads English.', $preview['html']);

        // Another voice, and nothing is told any more.
        $this->setting('short', $batch->shorts[2]->id, 'voice', 'gerlind')->assertOk();
        self::assertSame([], $told($batch->shorts[2]->refresh()));
    }

    public function test_markup_in_a_script_is_shown_and_never_run(): void
    {
        $html = $this->postJson('/intake/preview', [
            'text' => 'He wrote <script>alert("x")</script> on it.',
        ])->assertOk()['html'];

        self::assertStringNotContainsString('<script>', $html);
        self::assertStringContainsString('&lt;script&gt;', $html);
    }

    public function test_one_press_makes_the_batch_and_orders_its_exports(): void
    {
        Queue::fake();
        $this->post('/batches', [
            ...self::CHOICES,
            'name' => 'Monday',
            'text' => "The lamp went out. Nobody came.\n---\n# Bell\nA bell rang. Would you?",
        ])->assertRedirect();

        $batch = Batch::query()->firstOrFail();
        self::assertSame('Monday', $batch->name);
        self::assertSame(
            [[1, 'The lamp went out'], [2, 'Bell']],
            $batch->shorts->map(static fn (Short $short): array => [$short->number, $short->title])->all(),
        );
        self::assertSame(
            ['hook', 'close'],
            $batch->shorts[1]->scenes->map(static fn ($scene): string => $scene->role->value)->all(),
        );
        Queue::assertPushedOn('renders', MakeExport::class);
        Queue::assertPushedOn('plans', PlanShort::class);
        Queue::assertCount(4);
    }

    public function test_one_bad_script_makes_nothing_and_loses_nothing(): void
    {
        $text = "The lamp went out.\n---\n".str_repeat('lamp ', 20_000);
        $this->from('/intake')
            ->post('/batches', [...self::CHOICES, 'text' => $text])
            ->assertRedirect('/intake')
            ->assertSessionHas(
                'problem',
                static fn (string $told): bool => str_starts_with($told, 'Script 2: This script has 20,000 words'),
            );

        self::assertSame(0, Batch::query()->count());
        self::assertSame(trim($text), old('text') ?? session()->getOldInput('text'));
        $this->post('/batches', [...self::CHOICES, 'text' => " \n---\n "])->assertSessionHas(
            'problem',
            'There is no script yet. Paste one, or drop a file.',
        );
        $this->post('/batches', [...self::CHOICES, 'voice' => 'nobody', 'text' => 'The lamp.'])->assertSessionHas(
            'problem',
            static fn (string $problem): bool => str_starts_with($problem, 'There is no voice “nobody”.'),
        );
    }

    public function test_files_become_text_that_the_operator_sees(): void
    {
        $csv =
            "\xEF\xBB\xBFtitle;keywords;script;close\r\nLamp;x;\"The lamp went out.\r\nNobody \"\"came\"\".\";Follow "
                ."us.\r\n;;;\r\n";
        $answer = $this->post('/intake/files', [
            'files' => [
                UploadedFile::fake()->createWithContent('a.txt', "One lamp.\n---\nTwo lamps."),
                UploadedFile::fake()->createWithContent('b.csv', $csv),
            ],
        ])->assertOk();

        self::assertSame(3, $answer['scripts']);
        self::assertSame(
            "One lamp.\n\n---\n\nTwo lamps.\n\n---\n\ntitle: Lamp\nkeywords: x\n\nThe lamp went out.\r\nNobody "
                ."\"came\".\n\nFollow us.",
            $answer['text'],
        );
    }

    /** @return array<string, array{string, string, string}> */
    public static function badFiles(): array
    {
        return [
            'a CSV without a script column' => ['a.csv', "title,words\nx,y\n", 'no column named “script”'],
            'random bytes' => ['a.txt', "\x89PNG\r\n\x1a\n\x00\x00\xff\xfe", 'is not a text file'],
            'a picture' => ['a.png', 'x', 'is not a text file'],
            'nothing in it' => ['a.txt', '', 'empty'],
        ];
    }

    #[DataProvider('badFiles')]
    public function test_a_file_that_cannot_be_used_is_told_and_the_others_are_read(
        string $name,
        string $contents,
        string $why,
    ): void {
        $answer = $this->post('/intake/files', [
            'files' => [
                UploadedFile::fake()->createWithContent($name, $contents),
                UploadedFile::fake()->createWithContent('b.md', 'One lamp.'),
            ],
        ])->assertOk();

        self::assertSame('One lamp.', $answer['text']);
        self::assertStringContainsString($why, $answer['problems'][0]);
    }

    public function test_there_are_six_english_voices_or_more_and_each_has_a_sample(): void
    {
        app(\App\Gateways\Voices\VoiceSamples::class)->make();
        $voices = app(\App\Gateways\Voices\VoiceBook::class)->all();
        self::assertGreaterThanOrEqual(
            6,
            count(array_filter($voices, static fn ($voice): bool => $voice->primaryLanguage() === 'en')),
        );
        $sounds = [];
        foreach ($voices as $voice) {
            $file = $this->get("/voices/{$voice->id}/sample")->assertOk()->baseResponse->getFile()->getPathname();
            $sounds[] = hash_file('sha256', $file);
            self::assertGreaterThan(60_000, filesize($file));
        }
        self::assertCount(count($voices), array_unique($sounds));
        $this->get('/voices/nobody/sample')->assertNotFound();
    }
}
