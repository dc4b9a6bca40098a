<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Editing\TargetDesk;
use App\Desks\Exporting\FileInspector;
use App\Media\Probing\FileReviewer;
use App\Media\Store\KeptFiles;
use App\Shelves\Models\ExportState;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Base\Target\Target;
use RapidReel\Base\Target\TargetFile;
use RapidReel\Base\Target\TargetForm;
use RapidReel\Base\Target\TargetLength;
use RapidReel\Base\Target\Targets;
use RapidReel\Making\Finished\FileFinding;
use RapidReel\Making\Finished\FileReview;

/** A finished file is looked through frame by frame: what is wrong with it is found, and a right one has nothing. */
final class FinishedFilesTest extends AppTestCase
{
    private const SECONDS = 8;

    /** Speech is loud and quiet in turn. */
    private const SOUND = 'sine=frequency=220:sample_rate=48000:duration=8,tremolo=f=4:d=0.8,volume=%sdB';

    private static function right(): string
    {
        return self::video('right.mp4', '', '');
    }

    /**
     * @param  string  $picture  filter of the picture
     * @param  string  $sound  filter of the sound
     */
    private static function video(string $name, string $picture, string $sound, string ...$options): string
    {
        return self::media(
            "finished-$name", '-f', 'lavfi', '-i', 'testsrc2=size=216x384:rate=30:duration='.self::SECONDS,
            '-f', 'lavfi', '-i', sprintf(self::SOUND, '11.6'), '-vf', $picture === '' ? 'null' : $picture, '-af',
            $sound === '' ? 'anull' : $sound, '-t', (string) self::SECONDS, '-c:v', 'libx264', '-preset', 'ultrafast',
            '-pix_fmt', 'yuv420p', '-c:a', 'aac', '-ar', '48000', '-ac', '2', '-movflags', '+faststart', ...$options,
        );
    }

    /** @return list<string> codes of what is found */
    private static function found(string $file, ?Target $target = null): array
    {
        $facts = app(FileReviewer::class)->look($file);

        return array_values(array_unique(array_map(
            static fn (FileFinding $one): string => $one->fault->value,
            FileReview::of($facts, $target ?? new Target('x', 'X', length: new TargetLength(5_000, 60_000))),
        )));
    }

    public function test_a_right_file_has_nothing_against_it(): void
    {
        self::assertSame([], self::found(self::right()));
    }

    /** @return array<string, array{string, string, string, list<string>}> filters, and options of the encoder */
    public static function wrong(): array
    {
        $black = static fn (string $when): string => "drawbox=color=black:t=fill:enable='$when'";
        $still = static fn (int $from, int $many): string => "loop=loop=$many:size=1:start=$from,setpts=N/30/TB";

        return [
            'black for half a second' => ['black', $black('between(t,3,3.6)'), '', []],
            'black at the end' => ['black', $black('gt(t,6.9)'), '', []],
            'the first frame is black' => ['black-first', $black('eq(n,0)'), '', []],
            'the first second is black' => ['black-first', $black('lt(t,1)'), '', []],
            'frozen in the middle' => ['frozen', $still(90, 90), '', []],
            'frozen to its end' => ['frozen', $still(140, 300), '', []],
            'silent for three seconds' => ['silent', '', "volume=enable='between(t,2,5)':volume=0", []],
            'silent from the middle on' => ['silent', '', "volume=enable='gt(t,4)':volume=0", []],
            'silent altogether' => ['silent', '', 'volume=0', []],
            'clipped in the middle' => ['clipped', '', "volume=enable='between(t,3,4)':volume=30dB", []],
            'clipped all the way' => ['clipped', '', 'volume=40dB', []],
            'too loud' => ['other-loudness', '', 'volume=5dB', []],
            'too quiet' => ['other-loudness', '', 'volume=-9dB', []],
            'peaks that are too high' => ['peak-high', '', "volume=enable='between(t,4,4.1)':volume=10dB", []],
            'without sound' => ['no-sound', '', '', ['-an']],
            'without picture' => ['no-picture', '', '', ['-vn']],
            'of another rate' => ['other-rate', 'fps=24', '', []],
            'too long' => ['too-long', '', '', []],
            'too short' => ['too-short', '', '', []],
            'too large' => ['too-large', '', '', []],
            'sound that ends before the picture' => ['other-length', '', 'atrim=end=6', []],
        ];
    }

    /** @param  list<string>  $options */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_with_a_file_is_found(string $code, string $vf, string $af, array $options): void
    {
        $length = match ($code) {
            'too-long' => new TargetLength(0, 7_900),
            'too-short' => new TargetLength(8_100, 60_000),
            default => new TargetLength(5_000, 60_000),
        };
        $target = new Target('x', 'X', length: $length, file: new TargetFile($code === 'too-large' ? 500_000 : null));
        $name = substr(hash('xxh32', $vf.$af.implode(' ', $options)), 0, 8);

        self::assertContains($code, self::found(self::video("$name.mp4", $vf, $af, ...$options), $target));
    }

    public function test_files_that_were_damaged_on_the_disk_are_found_wherever_they_were(): void
    {
        $right = (string) file_get_contents(self::right());
        $size = strlen($right);
        foreach ([
            'cut off in the middle' => substr($right, 0, intdiv($size, 2)),
            'cut off near its end' => substr($right, 0, (int) (0.97 * $size)),
            'a hole of nothing' => substr_replace($right, str_repeat("\0", 4_000), intdiv($size, 3), 4_000),
            'a block of another file' => substr_replace($right, random_bytes(4_000), intdiv(2 * $size, 3), 4_000),
            'its head is gone' => str_repeat("\0", 64).substr($right, 64),
            'nothing' => '',
        ] as $what => $bytes) {
            $file = TEST_PLACE.'/damaged.mp4';
            file_put_contents($file, $bytes);
            $found = self::found($file);
            self::assertNotSame([], array_intersect(['broken', 'no-picture', 'no-sound'], $found), $what);
        }
    }

    public function test_the_command_holds_an_export_against_its_plan_and_its_exit_status_tells(): void
    {
        $folder = TEST_PLACE.'/checked';
        @mkdir("$folder/footage", 0777, true);
        copy(self::clip('checked-clip.mp4', 6, '360x640'), "$folder/footage/lamp.mp4");
        file_put_contents("$folder/one.txt", "# One\n\nThe lamp went out, and nobody on the quay saw the boat.");
        $made = $this->console(
            'reel:make', "$folder/one.txt", "--out=$folder/out", "--footage=$folder/footage", '--quality=draft',
        );
        self::assertSame(0, $made->getExitCode(), $made->getErrorOutput());
        $video = "$folder/out/01-one.mp4";
        $right = $this->console('reel:check', $video);
        self::assertSame(0, $right->getExitCode(), $right->getErrorOutput());
        $findings = json_decode($right->getOutput(), true)['files'][0]['findings'];
        self::assertSame([], array_filter($findings, static fn (array $one): bool => $one['stops']));

        // The same video without a second of its sound, and with fewer frames than its plan has.
        $short = self::media('checked-short.mp4', '-i', $video, '-t', '2', '-c', 'copy');
        rename($short, $video);
        $wrong = $this->console('reel:check', $video);
        self::assertSame(1, $wrong->getExitCode());
        self::assertContains(
            'other-length', array_column(json_decode($wrong->getOutput(), true)['files'][0]['findings'], 'code'),
        );
        self::assertSame(1, $this->console('reel:check', "$folder/none.mp4")->getExitCode());
    }

    public function test_an_export_is_looked_through_and_one_that_falls_short_is_not_called_done(): void
    {
        $this->actingAs($this->user());
        $this->library();
        $this->setting('channel', $this->channel()->id, 'profile', app(TargetDesk::class)->keep($this->channel(), '', [
            ...TargetForm::fields((new Targets)->get('upto-60')), 'name' => 'Small', 'side' => '240', 'shortest' => '0',
        ])->id)->assertOk();
        $short = $this->made('The lamp went out. Nobody saw the boat.')->shorts[0];
        $this->post(route('shorts.export', $short), ['quality' => 'final'])->assertRedirect();
        $this->work();
        $export = $short->exports()->firstOrFail();
        self::assertSame([ExportState::Done, null], [$export->state, $export->findings]);
        $this->work(...['--queue' => 'proofs']);
        self::assertSame([ExportState::Done, []], [$export->refresh()->state, $export->findings]);

        // Damaged, its bytes are not those that were written; right by its bytes, it is not what was planned.
        foreach (['bytes', 'plan'] as $what) {
            $file = storage_path('media/'.$export->file('mp4'));
            $other = $what === 'bytes' ? str_repeat("\0", 5_000) : (string) file_get_contents(self::right());
            unlink($file);
            file_put_contents($file, $other);
            $export->update([
                'state' => ExportState::Done, 'findings' => null,
                'seals' => $what === 'bytes' ? $export->seals : [...$export->seals, 'mp4' => KeptFiles::sealOf($file)],
            ]);
            app(FileInspector::class)->through($export->refresh());
            self::assertSame(ExportState::Failed, $export->refresh()->state);
            self::assertStringContainsString(
                $what === 'bytes' ? 'changed, damaged or deleted' : 'was to be 240 × 426', (string) $export->problem,
            );
            $this->get(route('shorts.show', $short))->assertOk()->assertSee('falls short');
        }
    }
}
