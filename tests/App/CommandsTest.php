<?php

declare(strict_types=1);

namespace Tests\App;

use App\Doors\Bench\KnownSpeech;
use App\Media\Audio\WavFile;
use Illuminate\Support\Facades\File;
use RapidReel\Plan\Settings\OutboxSettings;
use RapidReel\Plan\Settings\PaceSettings;
use RapidReel\Plan\Settings\Setting;
use Symfony\Component\Process\Process;

final class CommandsTest extends AppTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = TEST_PLACE.'/commands';
        File::deleteDirectory($this->folder);
        File::ensureDirectoryExists("{$this->folder}/scripts");
        File::put(
            "{$this->folder}/scripts/1-lamp.txt",
            "The lamp went out. Nobody came for a long while.\n---\n# Bell\nA bell rang.",
        );
        File::put("{$this->folder}/scripts/2-more.csv", "title,script\nMap,The map was wrong.\n");
        File::put("{$this->folder}/scripts/notes.pdf", 'not a script');
    }

    public function test_a_plan_is_json_with_just_the_promised_keys_and_makes_nothing(): void
    {
        $process = $this->console('reel:plan', "{$this->folder}/scripts");
        $data = json_decode($process->getOutput(), true, 512, JSON_THROW_ON_ERROR);

        self::assertSame(0, $process->getExitCode());
        self::assertSame(['shorts'], array_keys($data));
        self::assertCount(3, $data['shorts']);
        self::assertSame(
            ['schema', 'duration_ms', 'hook_ms', 'scenes', 'words', 'cues', 'flags'],
            array_keys($data['shorts'][0]),
        );
        self::assertSame('estimated', $data['shorts'][0]['flags'][0]['code']);
        self::assertSame([], $data['shorts'][0]['scenes'][0]['shots']);
    }

    public function test_a_plan_splits_and_shortens_as_it_is_told_and_says_what_is_wrong_with_the_words(): void
    {
        $sentences =
            'The keeper of the lighthouse lit the lamp for nine ships. The lamp burned oil, and the keeper carried it '
                .'up. ';
        File::put(
            "{$this->folder}/long.txt",
            'Hello friends, one lamp burned. '.str_repeat($sentences, 12).'Follow for more.',
        );
        $plan = fn (string ...$options): array => json_decode(
            $this->console('reel:plan', "{$this->folder}/long.txt", ...$options)->getOutput(),
            true,
            512,
            JSON_THROW_ON_ERROR,
        )['shorts'][0];

        $long = $plan();
        self::assertGreaterThan(60_000, $long['duration_ms']);
        self::assertEqualsCanonicalizing(
            ['estimated', 'hook-filler', 'too-long'],
            array_column($long['flags'], 'code'),
        );
        $fitted = $plan('--fit', '--split=words:5-15');
        self::assertLessThanOrEqual(60_000, $fitted['duration_ms']);
        foreach ($fitted['scenes'] as $scene) {
            self::assertLessThanOrEqual(15, count(explode(' ', $scene['text'])));
        }
        $process = $this->console('reel:plan', "{$this->folder}/long.txt", '--split=paragraph');
        self::assertSame([1, ''], [$process->getExitCode(), $process->getOutput()]);
        self::assertStringContainsString('no way to split called “paragraph”', $process->getErrorOutput());
    }

    public function test_any_setting_is_given_on_the_command_line_and_one_that_cannot_be_is_told_with_its_range(): void
    {
        $plan = fn (string ...$options): Process => $this->console(
            'reel:plan',
            "{$this->folder}/scripts/1-lamp.txt",
            ...$options,
        );
        $seconds = static fn (Process $made): int => json_decode($made->getOutput(), true)['shorts'][0]['duration_ms'];

        $usual = $seconds($plan());
        $quick = $seconds($plan('--set', 'speed=150', '--set', 'pause=0'));
        self::assertLessThan(0.8 * $usual, $quick);
        self::assertSame($seconds($plan('--voice=brenna')), $seconds($plan('--voice=aldous', '--set=voice=brenna')));

        foreach (
            [
                ['speed=500', '/60 to 180/'],
                ['colour=red', '/colour/'],
                ['speed', '/--set key=value/'],
                ['longest_shot=0', '/longest time of a shot is from 1 to 20 s/'],
            ] as [$given, $why]
        ) {
            $process = $plan('--set', $given);
            self::assertSame([1, ''], [$process->getExitCode(), $process->getOutput()], $given);
            self::assertMatchesRegularExpression($why, $process->getErrorOutput());
        }
    }

    public function test_the_settings_are_listed_with_all_that_is_known_of_them(): void
    {
        $listed = json_decode($this->console('reel:settings')->getOutput(), true, 512, JSON_THROW_ON_ERROR)['settings'];

        self::assertGreaterThan(12, count($listed));
        foreach ($listed as $setting) {
            self::assertSame(
                [],
                array_diff(['key', 'label', 'type', 'default', 'levels', 'makes_stale'], array_keys($setting)),
            );
            self::assertNotSame([], $setting['levels'], $setting['key']);
            // What only says how far something may go, or what becomes of what is made, changes nothing by itself.
            $isLimit = in_array($setting['key'], [
                'need', 'severities', 'forbidden', 'file_names', ...PaceSettings::LIMITS,
                ...array_map(static fn (Setting $one): string => $one->key, OutboxSettings::all()),
            ], true);
            self::assertSame($isLimit, $setting['makes_stale'] === null, $setting['key']);
        }
        $speed = array_column($listed, null, 'key')['speed'];
        self::assertSame([[60, 180], '%', 100], [$speed['range'], $speed['unit'], $speed['default']]);
    }

    public function test_what_is_wrong_goes_to_standard_error_and_the_exit_status_tells(): void
    {
        File::put("{$this->folder}/scripts/3-empty.txt", '[only a note]');
        $process = $this->console('reel:plan', "{$this->folder}/scripts");
        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString('Script 4: Nothing in this script is spoken', $process->getErrorOutput());
        self::assertCount(3, json_decode($process->getOutput(), true)['shorts']);

        foreach (
            [
                ['reel:plan', '/nowhere'],
                ['reel:plan', "{$this->folder}/scripts", '--profile=huge'],
                ['reel:plan', "{$this->folder}/scripts", '--voice=nobody'],
                ['reel:make', "{$this->folder}/scripts"],
            ] as $arguments
        ) {
            $process = $this->console(...$arguments);
            self::assertSame([1, ''], [$process->getExitCode(), $process->getOutput()]);
            self::assertMatchesRegularExpression('/^\S.+\.\n$/', $process->getErrorOutput());
        }
    }

    public function test_making_needs_no_pages_and_writes_every_file(): void
    {
        File::ensureDirectoryExists("{$this->folder}/footage");
        File::copy(self::clip('boat.mp4'), "{$this->folder}/footage/night-boat.mp4");
        File::copy(self::still('bell.png'), "{$this->folder}/footage/bell.png");
        File::put("{$this->folder}/footage/bell.json", '{"tags":["map","chart"]}');
        File::copy(self::music(), "{$this->folder}/footage/tune.wav");

        $process = $this->console(
            'reel:make',
            "{$this->folder}/scripts",
            "--out={$this->folder}/out",
            "--footage={$this->folder}/footage",
            '--quality=draft',
            '--voice=brenna',
        );
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        $data = json_decode($process->getOutput(), true, 512, JSON_THROW_ON_ERROR);
        self::assertSame('bell.png', $data['shorts'][2]['scenes'][0]['shots'][0]['footage']);

        $files = array_map('basename', glob("{$this->folder}/out/*") ?: []);
        $expected = ['manifest.csv'];
        foreach (['01-the-lamp-went-out', '02-bell', '03-map'] as $name) {
            $expected = [...$expected, "$name.mp4", "$name.srt", "$name.vtt", "$name.ass", "$name.json"];
        }
        self::assertEqualsCanonicalizing($expected, $files);
        $video = self::probe("{$this->folder}/out/02-bell.mp4")['streams'][0];
        self::assertSame([540, 960], [$video['width'], $video['height']]);
        self::assertSame(
            $data['shorts'][1]['duration_ms'],
            json_decode((string) file_get_contents("{$this->folder}/out/02-bell.json"), true)['duration_ms'],
        );
    }

    public function test_words_of_a_recording_are_found_in_every_format_without_database_and_queue(): void
    {
        $text = 'For eleven years one lighthouse guided no ships at all.';
        File::put("{$this->folder}/read.txt", "# The lamp\n[music]\n$text\n");
        $known = KnownSpeech::of($text, 'rms', TEST_PLACE.'/speech');
        File::put("{$this->folder}/read.wav", WavFile::encode($known->sound));
        $align = static function (string ...$options): Process {
            $process = self::typed(
                ['reel:align', ...array_values($options)], ['DB_DATABASE' => '/nowhere/none.sqlite'],
            );
            $process->run();

            return $process;
        };

        $data = json_decode(
            $align("{$this->folder}/read.wav", "{$this->folder}/read.txt")->getOutput(),
            true,
            512,
            JSON_THROW_ON_ERROR,
        );
        self::assertSame(['duration_ms', 'words'], array_keys($data));
        self::assertSame(explode(' ', $text), array_column($data['words'], 'text'));
        foreach ($data['words'] as $word) {
            self::assertSame(['text', 'start_ms', 'end_ms'], array_keys($word));
        }
        $far = array_filter(
            $data['words'],
            static fn (array $word, int $i): bool => abs($known->starts[$i] - $word['start_ms']) > 160,
            ARRAY_FILTER_USE_BOTH,
        );
        self::assertLessThanOrEqual(1, count($far), 'of ten words');
        self::assertStringStartsWith(
            "1\n00:00:00,",
            $align("{$this->folder}/read.wav", "{$this->folder}/read.txt", '--format=srt')->getOutput(),
        );
        self::assertStringStartsWith(
            'WEBVTT',
            $align("{$this->folder}/read.wav", "{$this->folder}/read.txt", '--format=vtt')->getOutput(),
        );

        File::put(
            "{$this->folder}/other.txt",
            'Harbour bread needs flour, salt, yeast and an oven that is not in a hurry at all today.',
        );
        self::assertStringContainsString(
            'does not sound like this text',
            $align("{$this->folder}/read.wav", "{$this->folder}/other.txt")->getErrorOutput(),
        );
        foreach (
            [
                ['/nowhere.wav', "{$this->folder}/read.txt"],
                ["{$this->folder}/read.wav", '/nowhere.txt'],
                ["{$this->folder}/read.wav", "{$this->folder}/read.txt", '--format=pdf'],
                ["{$this->folder}/read.wav", "{$this->folder}/read.txt", '--language=xx'],
                ["{$this->folder}/read.txt", "{$this->folder}/read.txt"],
            ] as $options
        ) {
            $process = $align(...$options);
            self::assertSame([1, ''], [$process->getExitCode(), $process->getOutput()]);
            self::assertMatchesRegularExpression('/^\S.+\.\n$/', $process->getErrorOutput());
        }
    }

    public function test_the_doctor_finds_this_machine_well(): void
    {
        $process = $this->console('reel:doctor');
        $data = json_decode($process->getOutput(), true, 512, JSON_THROW_ON_ERROR);

        self::assertSame([0, true], [$process->getExitCode(), $data['ok']], $process->getErrorOutput());
        self::assertContains('voices', array_column($data['checks'], 'check'));
    }

    public function test_the_doctor_says_what_is_missing(): void
    {
        $process = self::typed(['reel:doctor'], ['REEL_FFMPEG' => '/nowhere/ffmpeg']);
        $process->run();

        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString('ffmpeg:', $process->getErrorOutput());
    }
}
