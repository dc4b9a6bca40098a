<?php

declare(strict_types=1);

namespace Tests\App;

use App\Gateways\Voices\VoiceBook;
use App\Makers\Voicing\TakeStore;
use App\Media\Audio\SoundMixer;
use App\Media\Audio\TakeFiles;
use App\Media\Audio\WavFile;
use App\Media\Probing\LoudnessMeter;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutMusic;
use RapidReel\Voice\Speech\Pcm;
use Symfony\Component\Process\Process;

final class SoundTest extends AppTestCase
{
    use SpeaksCuts;

    private function cut(string $voice, ?CutMusic $music, string ...$texts): Cut
    {
        return self::with($this->spoken(['voice' => $voice], ...$texts), $music);
    }

    private function mix(Cut $cut, ?string $music = null): string
    {
        return app(SoundMixer::class)->file($this->mixed($cut, $music));
    }

    /** @return list<float> level of every 100 ms, 0…1 */
    private static function levels(string $file): array
    {
        $raw = (new Process(['ffmpeg', '-v', 'error', '-i', $file, '-ac', '1', '-ar', '16000', '-f', 's16le', '-']))
            ->mustRun()
            ->getOutput();
        $fine = (new Pcm($raw, 16_000))->levels();

        return array_map(
            static fn (array $ten): float => sqrt(
                array_sum(array_map(static fn (float $level): float => $level ** 2, $ten)) / count($ten),
            ),
            array_chunk($fine, 10),
        );
    }

    /** @return array<string, array{string}> */
    public static function voices(): array
    {
        return ['low' => ['aldous'], 'high' => ['brenna'], 'American' => ['delphine'], 'German' => ['hanno']];
    }

    #[DataProvider('voices')]
    public function test_every_voice_comes_out_as_loud_as_outlets_want_and_exactly_as_long_as_the_picture(
        string $voice,
    ): void {
        $cut = $this->cut(
            $voice,
            null,
            'The lamp went out at nine in the evening.',
            'Nobody saw the boat in the fog, not until the bell rang!',
            'Then nine men came home.',
        );
        $file = $this->mix($cut);
        $measured = app(LoudnessMeter::class)->file($file);

        self::assertEqualsWithDelta(-14.0, $measured->integrated, 1.0);
        self::assertLessThan(-1.0, $measured->peak);
        self::assertEqualsWithDelta($cut->frames() / 30, (float) self::probe($file)['streams'][0]['duration'], 1 / 30);
    }

    public function test_words_are_heard_where_the_cut_says(): void
    {
        $cut = $this->cut('aldous', null, 'The lamp went out.', 'Nobody saw the boat.');
        $levels = self::levels($this->mix($cut));
        $peak = max($levels);
        foreach ($cut->words as $word) {
            $span = array_slice(
                $levels,
                intdiv($word->timing->startMs, 100),
                max(1, (int) ceil(($word->timing->endMs - $word->timing->startMs) / 100)),
            );
            self::assertGreaterThan(0.05 * $peak, max($span), $word->timing->text);
        }
        // The tail after the last word is silent.
        self::assertLessThan(0.02 * $peak, $levels[count($levels) - 2]);
    }

    public function test_music_lies_well_under_the_voice_and_fades_out(): void
    {
        $music = new CutMusic(
            '1', self::content(self::music()), app(LoudnessMeter::class)->file(self::music())->integrated,
        );
        $cut = $this->cut(
            'aldous',
            $music,
            'The lamp went out.',
            'Nobody saw the boat in the fog until the bell rang in the tower.',
        );
        $levels = self::levels($this->mix($cut, self::music()));

        $lastWord = $cut->words[count($cut->words) - 1]->timing->endMs;
        $tail = array_slice($levels, intdiv($lastWord, 100) + 1);
        $voiced = array_slice($levels, 0, intdiv($lastWord, 100));
        rsort($voiced);
        $voice = array_sum(array_slice($voiced, 0, intdiv(count($voiced), 2))) / intdiv(count($voiced), 2);
        // Heard in the tail, at least 12 dB under the voice, and gone at the end.
        self::assertGreaterThan(0.001, $tail[0]);
        self::assertLessThan($voice * 10 ** (-12 / 20), $tail[0]);
        self::assertLessThan(0.35 * $tail[0], $tail[count($tail) - 1]);
    }

    public function test_music_shorter_than_the_short_goes_round(): void
    {
        $music = new CutMusic('1', self::content(self::music()), -20.0);
        $cut = $this->cut('aldous', $music, ...array_fill(0, 6, 'Nobody saw the boat in the fog until the bell rang.'));
        self::assertGreaterThan(14_000, $cut->durationMs);
        $levels = self::levels($this->mix($cut, self::music()));

        // The tune of 12 s still sounds in the pauses after its own end.
        $pauses = array_slice($levels, 125, 20);
        self::assertGreaterThan(0.0005, min($pauses));
    }

    public function test_the_same_words_are_spoken_once(): void
    {
        $takes = app(TakeStore::class);
        $voice = app(VoiceBook::class)->get('ewart');
        $first = $takes->take('Spoken once, and kept.', $voice);
        $written = filemtime(app(TakeFiles::class)->soundFile($first->key));
        $again = $takes->take('Spoken once, and kept.', $voice);

        self::assertEquals($first, $again);
        self::assertSame($written, filemtime(app(TakeFiles::class)->soundFile($again->key)));
        self::assertNotSame($first->key, $takes->take('Spoken once, and kept!', $voice)->key);
        self::assertNotSame(
            $first->key,
            $takes->take('Spoken once, and kept.', app(VoiceBook::class)->get('aldous'))->key,
        );
    }

    public function test_workers_that_want_the_same_take_at_once_get_the_same(): void
    {
        $program =
            'require "vendor/autoload.php"; $app = require "bootstrap/app.php"; '.
            '$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();'.
            '$voice = app(App\Gateways\Voices\VoiceBook::class)->get("farren"); $takes = '.
            'app(App\Makers\Voicing\TakeStore::class);'.
            'for ($i = 0; $i < 12; $i++) { echo json_encode($takes->take("Wanted twice at once, '.
            bin2hex(random_bytes(4)).
            ' number $i of twelve.", $voice)), "\n"; }';
        $workers = array_map(
            static fn (): Process => new Process(['php', '-r', $program], dirname(__DIR__, 2)),
            range(1, 3),
        );
        foreach ($workers as $worker) {
            $worker->start();
        }
        $said = array_map(
            static fn (Process $worker): string => $worker->wait() === 0
                ? $worker->getOutput()
                : $worker->getErrorOutput(),
            $workers,
        );

        self::assertSame(12, substr_count($said[0], "\n"), $said[0]);
        self::assertCount(1, array_unique($said));
    }

    public function test_a_take_half_written_is_made_anew(): void
    {
        $takes = app(TakeStore::class);
        $voice = app(VoiceBook::class)->get('corwin');
        $take = $takes->take('A take of which half is lost.', $voice);
        unlink(app(TakeFiles::class)->soundFile($take->key));

        self::assertSame($take->key, $takes->take('A take of which half is lost.', $voice)->key);
        self::assertEqualsWithDelta($take->durationMs, app(TakeFiles::class)->sound($take->key)->durationMs(), 100);
    }

    public function test_sound_survives_its_file(): void
    {
        $path = storage_path('sound.wav');
        $sound = new Pcm(pack('v*', 0, 100, 0xFF00, 7), 22_050);
        file_put_contents($path, WavFile::encode($sound));

        self::assertEquals($sound, WavFile::read($path));
        self::assertSame(
            ['pcm_s16le', '22050', 1],
            [
                self::probe($path)['streams'][0]['codec_name'],
                self::probe($path)['streams'][0]['sample_rate'],
                self::probe($path)['streams'][0]['channels'],
            ],
        );
    }
}
