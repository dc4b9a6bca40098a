<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Intake\ScriptFiles;
use App\Makers\Voicing\RecordingDesk;
use App\Media\Store\MediaStore;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Models\Footage;
use App\Shelves\Models\FootageState;
use App\Shelves\Models\RecordingState;
use App\Shelves\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Hash;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Base\Refusal;
use Symfony\Component\Process\Process;
use Tests\Support\Processor;
use ZipArchive;

/** What is hostile or merely odd: it is taken as it is meant, or refused in a sentence, and soon. */
final class OddInputTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
    }

    public function test_a_clip_that_looks_like_a_page_is_served_as_a_clip(): void
    {
        // A reader of transport streams passes over what stands before the first packet.
        $page = '<html><script>alert(document.domain)</script></html>';
        $stream = self::media('plain.ts', '-f', 'lavfi', '-i', 'testsrc2=size=320x240:rate=30:duration=2');
        $file = TEST_PLACE.'/page.ts';
        file_put_contents($file, $page.file_get_contents($stream));
        $footage = app(FootageImporter::class)->footage($this->channel(), $file, 'page.html', ['page']);

        foreach (['file' => 'video/mp2t', 'thumbnail' => 'image/jpeg'] as $what => $type) {
            $address = "/footage/{$footage->id}/$what";
            $answer = $this->get($address)->assertOk()->assertHeader('Content-Type', $type);
            self::assertSame('nosniff', $answer->headers->get('X-Content-Type-Options'));
            self::assertStringContainsString('sandbox', (string) $answer->headers->get('Content-Security-Policy'));
            self::assertStringStartsWith('inline; filename=', (string) $answer->headers->get('Content-Disposition'));
            self::assertStringContainsString('private', (string) $answer->headers->get('Cache-Control'));
            self::assertStringNotContainsString('public', (string) $answer->headers->get('Cache-Control'));
        }
        $policy = (string) $this->get('/footage')->headers->get('Content-Security-Policy');
        self::assertStringNotContainsString("script-src 'self' 'unsafe-inline'", $policy);
        self::assertMatchesRegularExpression("/script-src 'self'[^;]*;/", $policy);
    }

    public function test_boxes_full_of_nothing_are_refused_at_once(): void
    {
        foreach (['mdat', 'moov', 'free'] as $box) {
            $file = TEST_PLACE."/nothing-$box.mp4";
            $stream = fopen($file, 'wb');
            self::assertNotFalse($stream);
            fwrite($stream, pack('N', 24).'ftypisom'.pack('N', 512).'isomiso2'.pack('N', 440_401_920).$box);
            // Nothing of it is on the disk.
            ftruncate($stream, 440_401_944);
            fclose($stream);
            $answer = $this->postJson('/footage', ['files' => [new UploadedFile($file, 'nothing.mp4', test: true)]]);
            unlink($file);

            self::assertSame([], $answer->assertOk()->json('added'));
            self::assertStringContainsString('damaged or cut off', $answer->json('problems.0'));
        }
        self::assertLessThan(512 * 1024 ** 2, memory_get_peak_usage());
    }

    public function test_the_same_file_four_times_at_once_is_brought_in_once(): void
    {
        $file = self::clip('four.mp4', 3, '320x180');
        $channel = $this->channel()->id;
        $workers = array_map(static fn (): Process => new Process(['php', '-r', sprintf(
            'require "vendor/autoload.php"; (require "bootstrap/app.php")
                ->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
            app(App\Shelves\Library\FootageImporter::class)->footage(
                App\Shelves\Models\Channel::find(%d), %s, "four.mp4", []);',
            $channel,
            var_export($file, true),
        )], base_path()), range(1, 4));
        $library = app(MediaStore::class)->path('library');
        $before = count(glob("$library/*") ?: []);
        array_map(static fn (Process $worker) => $worker->start(), $workers);
        foreach ($workers as $worker) {
            self::assertSame(0, $worker->wait(), $worker->getErrorOutput().$worker->getOutput());
        }

        self::assertSame(1, Footage::query()->count());
        self::assertCount($before + 1, glob("$library/*") ?: [], 'No file is left over.');
    }

    public function test_a_large_clip_is_looked_through_by_a_worker_and_refused_there_if_it_must_be(): void
    {
        $large = self::media(
            'large.mp4', '-f', 'lavfi', '-i', 'testsrc2=size=4096x2160:rate=2:duration=20', '-c:v', 'libx264',
            '-preset', 'ultrafast', '-pix_fmt', 'yuv420p', '-movflags', '+faststart',
        );
        $cut = TEST_PLACE.'/large-cut.mp4';
        $bytes = (string) file_get_contents($large);
        file_put_contents($cut, substr($bytes, 0, (int) (strlen($bytes) * 0.8)));
        $importer = app(FootageImporter::class);
        $whole = $importer->footage($this->channel(), $large, 'Large.mp4', []);
        $half = $importer->footage($this->channel(), $cut, 'Half.mp4', []);
        self::assertSame([FootageState::Checking, FootageState::Checking], [$whole->state, $half->state]);
        $this->get('/footage')->assertOk()->assertSee('waits: its turn comes now')
            ->assertSee('waits: 1 other before it');
        $this->get('/footage/picker')->assertOk()->assertDontSee('Large');

        $this->work();

        self::assertSame([FootageState::Ready, FootageState::Refused], [
            $whole->refresh()->state, $half->refresh()->state,
        ]);
        $this->get('/footage')->assertOk()->assertSee('damaged or cut off');
        $this->delete("/footage/{$half->id}")->assertRedirect();
        $this->delete("/footage/{$whole->id}")->assertRedirect();
        self::assertSame([$whole->id], Footage::query()->pluck('id')->all());
    }

    public function test_files_that_are_left_out_are_told_of_and_keep_nothing_else_out(): void
    {
        $zip = new ZipArchive;
        $path = (string) tempnam(sys_get_temp_dir(), 'odd');
        $zip->open($path, ZipArchive::OVERWRITE);
        for ($number = 1; $number <= 260; $number++) {
            $zip->addFromString("s$number.txt", "# Title $number\nThe lamp number $number went out. Nobody came.");
        }
        $zip->addFromString('empty.txt', '');
        $zip->close();
        $answer = $this->postJson('/intake/files', [
            'files' => [new UploadedFile($path, 'all.zip', test: true)],
            'count' => 3,
        ])->assertOk();

        self::assertSame(260, $answer->json('scripts'));
        self::assertStringContainsString('Only 1 of 3 files arrived', $answer->json('problems.0'));
        self::assertSame('Left out: “empty.txt” is empty.', $answer->json('problems.1'));
        $this->post('/batches', ['text' => $answer->json('text'), 'later' => 1])->assertRedirect()
            ->assertSessionMissing('problem');
        $batch = User::query()->firstOrFail()->channels()->firstOrFail()->batches()->value('id');
        $this->get("/batches/$batch")->assertOk();
        $rows = $this->getJson("/batches/$batch/state")->json('rows');
        self::assertStringContainsString('Title 260', implode('', $rows));
    }

    public function test_more_scenes_than_a_short_takes_are_told_of_in_the_preview(): void
    {
        $words = implode(' ', array_map(
            static fn (int $i): string => 'Lamp '.chr(97 + $i % 26).' burns.',
            range(1, 420),
        ));
        $answer = $this->postJson('/intake/preview', ['text' => $words])->assertOk();

        self::assertFalse($answer->json('usable'));
        self::assertStringContainsString('falls into 420 scenes; a short takes at most 400', $answer->json('html'));
        $this->post('/batches', ['text' => $words])->assertRedirect()->assertSessionHas('problem');
        foreach (['say' => ['line' => 0, 'run' => 0], 'keep' => ['articles' => [0]]] as $route => $more) {
            $this->postJson("/intake/$route", ['text' => '# Only a heading', 'script' => 0, ...$more])
                ->assertUnprocessable()->assertJsonPath('message', 'Nothing in this script is spoken: it holds only '
                    .'headings, notes or symbols.');
        }
    }

    /** @return array<string, array{string}> */
    public static function heavy(): array
    {
        mt_srand(7);
        $words = ['lamp', 'keeper', 'harbour', 'the', 'signal', 'bell', 'of', 'night', 'storm', 'a', 'boat'];
        $some = static fn (int $count): string => implode(' ', array_map(
            static fn (): string => $words[mt_rand(0, count($words) - 1)],
            range(1, $count),
        ));
        $cues = '';
        for ($i = 0; $i < 38_000; $i++) {
            $time = gmdate(...);
            $cues .= "{$time('H:i:s', $i)}.000 --> {$time('H:i:s', $i)}.900\nWord $i here\n\n";
        }
        $bytes = '';
        for ($i = 0; $i < 50_000; $i++) {
            $bytes .= chr(mt_rand(0, 255));
        }

        return [
            'words without a stop' => [$some(1_900)],
            'brackets' => [str_repeat('[', 60_000)],
            'pairs of brackets' => [str_repeat('()', 30_000)],
            'brackets in brackets' => [str_repeat('(', 20_000).'x'.str_repeat(')', 20_000)],
            'sentences of one sign' => [str_repeat('灯台。', 33_000)],
            'cues' => ["WEBVTT\n\n$cues"],
            'bytes' => [mb_scrub($bytes)],
            'links' => [str_repeat('[a](b) ', 1_900)],
            'marks' => [str_repeat('**a** _b_ ', 900)],
            'half of a link' => [str_repeat('[a](', 15_000)],
            'labels' => [str_repeat("Tom: hi.\n", 900)],
            'empty lines' => [str_repeat("\n", 500_000).'One.'],
        ];
    }

    #[DataProvider('heavy')]
    public function test_no_text_takes_longer_than_a_few_seconds(string $text): void
    {
        $began = Processor::seconds();
        $this->postJson('/intake/preview', ['text' => $text, 'split' => 'seconds:4'])->assertOk();

        // As the issue of a page that hangs: not how fast it is, but that it comes back.
        self::assertLessThan(15, Processor::seconds() - $began);
    }

    public function test_recordings_that_cannot_be_of_these_words_are_refused_before_a_worker_tries(): void
    {
        $this->library();
        $short = $this->made('The lamp went out. Nobody came to it.')->shorts[0];
        $desk = app(RecordingDesk::class);
        $long = self::media('long.wav', '-f', 'lavfi', '-i', 'sine=frequency=200:duration=1140', '-ar', '8000');
        $read = self::media('read2.wav', '-f', 'lavfi', '-i', "flite=text='The lamp went out.':voice=rms");
        $backwards = "WEBVTT\n\n00:02.000 --> 00:03.000\nThe lamp went out.\n\n00:01.000 --> 00:01.500\n"
            ."Nobody came to it.\n";
        foreach ([
            [$long, null, 'runs 19 minutes, which is much more than 8 words take'],
            [$read, $backwards, 'goes backwards'],
            [$read, 'no times', 'is neither SRT'],
        ] as [$file, $timing, $why]) {
            try {
                $desk->bring($short, $file, 'take.wav', '', $timing);
                self::fail($why);
            } catch (Refusal $problem) {
                self::assertStringContainsString($why, $problem->getMessage());
            }
        }

        // One in which nobody speaks is its operator's all the same, until he deletes it.
        $silent = self::media('silent.wav', '-f', 'lavfi', '-i', 'anullsrc=r=16000:cl=mono', '-t', '4');
        $refused = $desk->bring($short, $silent, 'silent.wav', '');
        $kept = $desk->bring($short, $read, 'read.wav', 'The lamp went out.');
        $this->work();
        $store = app(MediaStore::class);
        self::assertSame([RecordingState::Failed, RecordingState::Ready], [
            $refused->refresh()->state, $kept->refresh()->state,
        ]);
        self::assertSame([true, true], [is_file($store->path($refused->path)), is_file($store->path($kept->path))]);
        $this->get("/shorts/{$short->id}/voice")->assertOk()->assertSee('1 recording kept');
        $this->deleteJson("/recordings/{$kept->id}")->assertOk();
        self::assertFileDoesNotExist($store->path($kept->path));
    }

    public function test_titles_and_cells_come_back_as_they_were(): void
    {
        $files = app(ScriptFiles::class);
        $table = "title,script\n\"Say \"\"No\"\"\",\"First part.\n---\nSecond part.\"\n,\"tags: lamp, boat\"\n"
            ."\"\"\"All of it\"\"\",The lamp went out.\n";
        $sources = $files->fromFile($table, 'table.csv');
        $again = $files->fromText(ScriptFiles::toText(...$sources));

        self::assertSame(['Say "No"', '', '"All of it"'], array_column($again, 'title'));
        self::assertSame(
            ["First part.\n***\nSecond part.", '\\tags: lamp, boat', 'The lamp went out.'],
            array_column($again, 'text'),
        );
        $short = $this->made(
            "# The lamp they called \"Old Tom\"\nSee [the lamp](http://x.example) and ![it](a.png) now.",
        )->shorts[0];
        self::assertSame('The lamp they called "Old Tom"', $short->title);
        self::assertSame('See the lamp and now.', $short->scenes[0]->text);
    }

    public function test_signing_in_minds_who_asks_how_often_and_neither_capitals_nor_who_there_is(): void
    {
        $this->post('/sign-out');
        User::query()->where('id', '>', 0)->update(['email' => 'Keeper@Lamplight.example']);
        $this->post('/sign-in', ['email' => ' KEEPER@lamplight.EXAMPLE ', 'password' => 'lamplight'])
            ->assertRedirect('/');
        $this->post('/sign-out');
        for ($try = 1; $try <= 30; $try++) {
            $this->post('/sign-in', ['email' => "nobody$try@lamplight.example", 'password' => 'x'])
                ->assertSessionHasErrors(['email' => 'This e-mail address and password do not belong together.']);
        }
        $this->post('/sign-in', ['email' => 'keeper@lamplight.example', 'password' => 'lamplight'])
            ->assertSessionHasErrors('email');
        self::assertGuest();
        $this->get('/sign-in')->assertHeaderMissing('X-Powered-By');
    }

    public function test_a_changed_password_ends_what_was_open_elsewhere(): void
    {
        $user = $this->user();
        $this->put('/password', ['current' => 'wrong', 'password' => 'a longer lamp', 'again' => 'a longer lamp'])
            ->assertSessionHasErrors(['current' => 'That is not the password you have now.']);
        $this->put('/password', ['current' => 'lamplight', 'password' => 'short', 'again' => 'short'])
            ->assertSessionHasErrors('password');
        $this->get('/')->assertOk();
        $elsewhere = session('password_hash_web');
        $this->put('/password', ['current' => 'lamplight', 'password' => 'a longer lamp', 'again' => 'a longer lamp'])
            ->assertSessionHasNoErrors();
        self::assertTrue(Hash::check('a longer lamp', (string) $user->refresh()->password));
        $this->get('/')->assertOk();

        session(['password_hash_web' => $elsewhere]);
        $this->get('/')->assertRedirect('/sign-in');
    }
}
