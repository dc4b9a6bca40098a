<?php

declare(strict_types=1);

namespace Tests\App;

use App\Gateways\Voices\Outside\OutsideBook;
use App\Gateways\Voices\Outside\OutsideSource;
use App\Gateways\Voices\Outside\OutsideVoices;
use App\Gateways\Voices\Outside\Patience;
use App\Gateways\Voices\Outside\ServiceVoice;
use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\Voices;
use App\Gateways\Voices\VoiceUnavailable;
use App\Makers\Voicing\TakeStore;
use App\Shelves\Levels\Registrar;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Voice\Speech\WordTiming;
use Symfony\Component\Process\Process;

/** Voices of other makers: a program, and the simulated service over real HTTP. */
final class OutsideVoicesTest extends AppTestCase
{
    private const TEXT = 'The lamp went out at nine, and nobody came before dawn.';

    private static ?Process $service = null;

    private static int $port = 0;

    private string $file = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = TEST_PLACE.'/voices.json';
        config(['reel.voices' => $this->file]);
    }

    protected function tearDown(): void
    {
        @unlink($this->file);
        parent::tearDown();
    }

    public static function tearDownAfterClass(): void
    {
        self::$service?->stop(2);
        self::$service = null;
        parent::tearDownAfterClass();
    }

    /** @param  array<string, mixed>  $more */
    private function withService(array $more = []): OutsideVoices
    {
        if (self::$service === null) {
            self::$port = self::freePort();
            self::$service = new Process(
                ['php', '-S', '127.0.0.1:'.self::$port, 'demo/voices/service.php'],
                dirname(__DIR__, 2),
            );
            self::$service->start();
            self::$service->waitUntil(static fn (string $type, string $said): bool => str_contains($said, 'started'));
        }
        $this->write(['services' => [[
            'id' => 'sim', 'name' => 'the simulated service', 'url' => 'http://127.0.0.1:'.self::$port, 'timeout' => 20,
            ...$more,
        ]]]);
        $outside = app(OutsideVoices::class);
        self::assertSame(['the simulated service' => 2], $outside->refresh());

        return $outside;
    }

    private static function freePort(): int
    {
        $free = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($free);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($free, false), ':'), 1);
        fclose($free);

        return $port;
    }

    /** @param  array<string, mixed>  $data */
    private function write(array $data): void
    {
        file_put_contents($this->file, json_encode($data, JSON_THROW_ON_ERROR));
        app()->forgetInstance(OutsideVoices::class);
    }

    private static function failing(int $times, int $status = 503): void
    {
        Http::post('http://127.0.0.1:'.self::$port.'/simulate', ['fail' => $times, 'status' => $status])->throw();
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        return explode(' ', $text);
    }

    /** @return array<string, array{string}> */
    public static function services(): array
    {
        return ['one that tells word times' => ['sim.hob'], 'one that tells none' => ['sim.wren']];
    }

    #[DataProvider('services')]
    public function test_a_service_speaks_and_every_word_has_its_time(string $id): void
    {
        $this->withService();
        $text = self::TEXT." Once more, said $id.";
        $voice = app(VoiceBook::class)->get($id);
        $take = app(TakeStore::class)->take($text, $voice);

        self::assertSame(
            self::words($text),
            array_map(static fn (WordTiming $word): string => $word->text, $take->words),
        );
        self::assertGreaterThan(2_000, $take->durationMs);
        $at = 0;
        foreach ($take->words as $word) {
            self::assertGreaterThanOrEqual($at, $word->startMs);
            self::assertGreaterThan($word->startMs, $word->endMs);
            $at = $word->endMs;
        }
        // Kept: while the service fails the same words need nobody.
        self::failing(9);
        self::assertEquals($take, app(TakeStore::class)->take($text, $voice));
        self::failing(0);
    }

    public function test_it_is_slower_at_half_the_speed(): void
    {
        $this->withService(['one_at_a_time' => true]);
        $voice = app(VoiceBook::class)->get('sim.hob');
        $takes = app(TakeStore::class);

        self::assertGreaterThan(
            1.5 * $takes->take(self::TEXT, $voice)->durationMs,
            $takes->take(self::TEXT, $voice->at(60))->durationMs,
        );
    }

    public function test_a_service_that_is_busy_is_asked_again_and_one_that_stays_so_is_told(): void
    {
        $this->withService(['retries' => 2]);
        $voice = app(VoiceBook::class)->get('sim.hob');
        self::failing(2);
        self::assertGreaterThan(500, app(TakeStore::class)->take('Busy at first, and then it'
            .' spoke.', $voice)->durationMs);
        self::failing(9);
        try {
            app(TakeStore::class)->take('Busy for ever, and it never spoke.', $voice);
            self::assertTrue(false, 'It spoke.');
        } catch (VoiceUnavailable $problem) {
            self::assertSame(
                'The voice service “the simulated service” could not do it: it is out of breath.',
                $problem->getMessage(),
            );
        }
        self::failing(0);
    }

    public function test_what_is_wrong_with_the_request_is_told_at_once(): void
    {
        $this->withService(['retries' => 5]);
        self::failing(1, 404);
        $this->expectExceptionMessage('could not do it: it is out of breath.');
        app(TakeStore::class)->take('Asked for what is not there.', app(VoiceBook::class)->get('sim.hob'));
    }

    public function test_an_answer_that_never_ends_is_cut_off(): void
    {
        $folder = TEST_PLACE;
        file_put_contents("$folder/endless.php", '<?php header("Content-Type: audio/wav");'
            .' header("Content-Length: 99000000");'
            .'while (! connection_aborted()) { echo str_repeat("\0", 1 << 20); flush(); }');
        $port = self::freePort();
        $endless = new Process(['php', '-S', "127.0.0.1:$port", 'endless.php'], $folder);
        $endless->start();
        $endless->waitUntil(static fn (string $type, string $said): bool => str_contains($said, 'started'));
        $source = new OutsideSource(
            'endless', 'the endless service', url: "http://127.0.0.1:$port", patience: new Patience(retries: 0),
        );
        $voice = OutsideBook::voices($source, [['id' => 'on', 'language' => 'en']])[0];
        try {
            $this->expectExceptionMessage('The voice service “the endless service” gave more than can be used.');
            app(ServiceVoice::class)->speak($source, self::TEXT, $voice);
        } finally {
            $endless->stop(0);
        }
    }

    public function test_a_service_that_is_not_there_is_told_and_its_voices_stay_known(): void
    {
        $this->withService();
        $voice = app(VoiceBook::class)->get('sim.hob');
        self::$service?->stop(2);
        self::$service = null;
        try {
            app(TakeStore::class)->take('Nobody is at home here.', $voice);
            self::assertTrue(false, 'It spoke.');
        } catch (VoiceUnavailable $problem) {
            self::assertStringContainsString('gave no answer', $problem->getMessage());
        }
        self::assertSame('Hob', app(VoiceBook::class)->get('sim.hob')->name);
        self::assertSame(1, Artisan::call('reel:voices', ['--refresh' => true]));
        self::assertStringContainsString('sim.hob', Artisan::output());
    }

    public function test_what_a_voice_has_spoken_outlives_it_and_all_else_goes_on_without_it(): void
    {
        $this->withService();
        $this->actingAs($this->user());
        $this->library();
        $short = $this->made('The lamp went out. Nobody came.', ['voice' => 'sim.hob'])->shorts[0];
        $this->work();
        self::assertTrue($short->refresh()->isPlanned(), (string) $short->problem);

        unlink($this->file);
        app()->forgetInstance(OutsideVoices::class);
        app()->forgetInstance(Voices::class);
        app(Registrar::class)->forget();
        self::assertSame(0, Artisan::call('reel:settle'));
        self::assertTrue($short->refresh()->isPlanned(), 'Its plan and what was spoken stay.');
        $this->get("/shorts/{$short->id}")->assertOk();
        $this->getJson("/settings/short/{$short->id}")->assertOk()->assertSee('sim.hob, not there');
        $this->setting('channel', $this->channel()->id, 'motion', 'left')->assertOk();
        $this->work();
        self::assertTrue($short->refresh()->isPlanned(), 'It is seen otherwise, and says what it said.');

        $scene = $short->scenes[0];
        $this->putJson("/scenes/{$scene->id}", ['text' => 'The lamp never went out.'])->assertOk();
        $this->work();
        self::assertSame('There is no voice “sim.hob”.', $short->refresh()->problem);
        $this->setting('short', $short->id, 'voice', 'aldous')->assertOk();
        $this->work();
        self::assertTrue($short->refresh()->isPlanned(), (string) $short->problem);
    }

    /** @return array<string, array{list<string>, string}> command, and what is told; empty where it speaks */
    public static function commands(): array
    {
        $say = '$f = tempnam(sys_get_temp_dir(), "say"); file_put_contents("$f.txt", stream_get_contents(STDIN));'
            .'proc_close(proc_open(["flite", "-voice", $argv[1], "-f", "$f.txt", "-o", $f], [], $pipes));'
            .'readfile($f); unlink($f); unlink("$f.txt");';

        return [
            'one that speaks' => [['php', '-r', $say, '{voice}'], ''],
            'one that is not there' => [['/nowhere/say'], 'could not speak'],
            'one that fails' => [['php', '-r', 'fwrite(STDERR, "no licence"); exit(3);'], 'could not speak: no'
                .' licence.'],
            'one that gives no sound' => [['php', '-r', 'echo "hello";'], 'cannot be used: no sound'],
            'one that takes too long' => [['php', '-r', 'while (true) { usleep(1000); }'], 'longer than 1 s'],
        ];
    }

    /** @param  list<string>  $command */
    #[DataProvider('commands')]
    public function test_a_program_speaks_or_it_is_told_why_not(array $command, string $told): void
    {
        $this->write(['commands' => [[
            'id' => 'ours', 'name' => 'our program', 'command' => $command, 'timeout' => $told === '' ? 20 : 1,
            'voices' => [['id' => 'kal16', 'name' => 'Mill', 'language' => 'en-GB']],
        ]]]);
        $voice = app(VoiceBook::class)->named('mill');
        self::assertNotNull($voice);
        if ($told !== '') {
            $this->expectException(VoiceUnavailable::class);
            $this->expectExceptionMessage($told);
        }
        // Words that were kept need no program.
        $text = self::TEXT.' '.($told === '' ? 'Well.' : "It $told.");
        $take = app(TakeStore::class)->take($text, $voice);

        self::assertCount(count(self::words($text)), $take->words);
    }

    /** @return array<string, array{string}> */
    public static function files(): array
    {
        return [
            'no JSON' => ['{'],
            'a service without an address' => ['{"services": [{"id": "a"}]}'],
            'an address that is none' => ['{"services": [{"id": "a", "url": "file:///etc/passwd"}]}'],
            'a command that is one string' => ['{"commands": [{"id": "a", "command": "rm -rf /"}]}'],
            'a name with a slash' => ['{"commands": [{"id": "../a", "command": ["say"]}]}'],
        ];
    }

    #[DataProvider('files')]
    public function test_a_file_that_cannot_be_used_is_told(string $contents): void
    {
        file_put_contents($this->file, $contents);
        app()->forgetInstance(OutsideVoices::class);

        $this->actingAs($this->user())
            ->get('/voices')
            ->assertOk()
            ->assertSee('The file of voices voices.json cannot be used')
            ->assertSee('Aldous');
        $this->expectException(VoiceUnavailable::class);
        $this->expectExceptionMessage('The file of voices voices.json cannot be used');
        app(OutsideVoices::class)->all();
    }
}
