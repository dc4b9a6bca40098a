<?php

declare(strict_types=1);

namespace Tests\App;

use App\Makers\Planning\ShortPlanner;
use App\Makers\Proofs\Proof;
use App\Makers\Proofs\ProofDesk;
use App\Makers\Proofs\ProofMaker;
use App\Media\Process\Unwatched;
use App\Shelves\Library\LibraryShelf;
use App\Shelves\Library\LogoDesk;
use App\Shelves\Models\Logo;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\PendingCommand;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Base\Colour\Lab;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\SegmentPlanner;
use RapidReel\Plan\Cut\Cut;
use Symfony\Component\Process\Process;

/** Logos that operators bring, their colours, and where they stand in what is rendered. */
final class LogoTest extends AppTestCase
{
    private const COLOURS = ['12303D', 'F7B44A', 'B3472D'];

    private static function svg(string $inside = ''): string
    {
        [$ground, $lamp, $rust] = self::COLOURS;

        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 200 100">'
            ."<rect width='200' height='100' rx='20' fill='#$ground'/><circle cx='50' cy='50' r='32' fill='#$lamp'/>"
            ."<path d='M100 30 L180 50 L100 70 Z' fill='#$rust'/>$inside</svg>";
    }

    private static function file(string $name, string $bytes): string
    {
        file_put_contents(TEST_PLACE."/$name", $bytes);

        return TEST_PLACE."/$name";
    }

    private function brought(): Logo
    {
        return app(LogoDesk::class)->bring($this->channel(), self::file('lamp.svg', self::svg()), 'lamp.svg');
    }

    /** The bound is the one asked for: CIEDE2000 3 (CIE 142-2001, by Lab::difference()). */
    public function test_the_colours_of_a_logo_are_found_as_it_has_them(): void
    {
        $lab = static fn (string $colour): Lab => Lab::ofRgb(...array_map(
            static fn (string $part): float => hexdec($part) / 255,
            str_split($colour, 2),
        ));
        $logo = $this->brought();
        self::assertCount(3, $logo->colours);
        foreach (self::COLOURS as $wanted) {
            $off = min(array_map(
                static fn (string $found): float => $lab($found)->difference($lab($wanted)),
                $logo->colours,
            ));
            self::assertLessThan(3.0, $off, $wanted);
        }
        self::assertSame([1_080, 540], [$logo->width, $logo->height]);
        self::assertSame($logo->id, $this->brought()->id, 'brought twice, it is there once');

        $this->actingAs($this->user());
        $this->get("/house/logos/{$logo->id}")->assertOk()->assertHeader('Content-Type', 'image/png');
        $this->get('/house')->assertOk()->assertSee('#'.self::COLOURS[0]);
    }

    /** @return array<string, array{string, string, string}> name, bytes, what is said */
    public static function wrong(): array
    {
        $png = static function (int $width, int $height): string {
            $chunk = static fn (string $type, string $data): string => pack('N', strlen($data)).$type.$data
                .pack('N', crc32($type.$data));

            return "\x89PNG\r\n\x1a\n".$chunk('IHDR', pack('NNCCCCC', $width, $height, 8, 6, 0, 0, 0))
                .$chunk('IDAT', (string) gzcompress('')).$chunk('IEND', '');
        };

        return [
            '20,000 px' => ['huge.png', $png(20_000, 20_000), '20,000'],
            'damaged' => ['cut.png', substr($png(40, 40), 0, 50), 'damaged'],
            'scripts' => ['s.svg', self::svg('<script>alert(1)</script>'), 'scripts'],
            'handlers' => ['h.svg', self::svg('<g onload="x()"/>'), 'scripts'],
            'outside' => ['o.svg', self::svg('<image href="http://example.invalid/a.png"/>'), 'other files'],
            'a file' => ['f.svg', self::svg('<image href="file:///etc/passwd"/>'), 'other files'],
            'style outside' => ['u.svg', self::svg('<style>@import "a.css";</style>'), 'other files'],
            'entities' => ['e.svg', '<!DOCTYPE svg [<!ENTITY a "b">]>'.self::svg(), 'entities'],
            'JPEG' => ['photo.jpg', "\xFF\xD8\xFF\xE0".str_repeat("\0", 60), 'neither a PNG nor an SVG'],
            'broken SVG' => ['b.svg', '<svg xmlns="http://www.w3.org/2000/svg"><rect', 'not a complete SVG'],
            'nothing to see' => [
                'n.svg', '<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>', 'transparent',
            ],
        ];
    }

    #[DataProvider('wrong')]
    public function test_what_is_no_logo_is_refused_with_what_is_wrong(string $name, string $bytes, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);
        app(LogoDesk::class)->bring($this->channel(), self::file("odd-$name", $bytes), $name);
    }

    public function test_a_logo_stands_in_the_safe_area_over_every_shot_and_never_under_captions(): void
    {
        $this->actingAs($this->user());
        $this->library();
        $logo = $this->brought();
        $short = $this->made("# Lamp\nThe lamp burned all night. Nobody saw the boat.\nThen the bell rang.", [
            'logo' => $logo->picture, 'logo_place' => 'bottom', 'logo_size' => 40, 'logo_opacity' => 100,
        ])->shorts[0];
        $cut = $this->plan($short->id);
        $safe = $cut->form->frame->shape->safeArea();
        foreach (['top-left', 'top', 'top-right', 'bottom-left', 'bottom', 'bottom-right'] as $place) {
            foreach ([10, 40, 80] as $size) {
                $this->setting('short', $short->id, 'logo_place', $place)->assertOk();
                $this->setting('short', $short->id, 'logo_size', $size)->assertOk();
                $cut = $this->plan($short->id);
                [$left, $top, $width] = $cut->logoBox() ?? self::fail("no room for $size % $place");
                $height = $width * $logo->height / $logo->width * 9 / 16;
                self::assertGreaterThanOrEqual($safe->left - 1e-6, $left);
                self::assertLessThanOrEqual(1 - $safe->right + 1e-6, $left + $width);
                self::assertGreaterThanOrEqual($safe->top - 1e-6, $top);
                self::assertLessThanOrEqual(1 - $safe->bottom + 1e-6, $top + $height);
                foreach ($cut->cues as $cue) {
                    [$x, $y, $right, $bottom] = $cue->setting->box;
                    self::assertFalse(
                        $x / 1080 < $left + $width && $right / 1080 > $left
                            && $y / 1920 < $top + $height && $bottom / 1920 > $top,
                        "under “{$cue->text()}”, $size % $place",
                    );
                }
            }
        }
        self::assertCount(1, $cut->scenes[0]->shots);
        $segments = app(SegmentPlanner::class)->plan($cut, Quality::Draft);
        foreach ($segments as $segment) {
            self::assertCount(1, $segment->recipe->overlays);
        }
        $this->setting('short', $short->id, 'logo_when', 'end')->assertOk();
        $last = app(SegmentPlanner::class)->plan($this->plan($short->id), Quality::Draft);
        self::assertSame([], $last[0]->recipe->overlays);
        self::assertCount(1, $last[count($last) - 1]->recipe->overlays);
    }

    private function plan(int $id): Cut
    {
        $short = \App\Shelves\Models\Short::query()->findOrFail($id);

        return app(ShortPlanner::class)->plan(
            $short, app(LibraryShelf::class)->of($this->channel()), new Unwatched,
        );
    }

    public function test_the_logo_is_seen_in_what_is_rendered(): void
    {
        $this->actingAs($this->user());
        $this->library();
        $logo = $this->brought();
        $short = $this->made("# Lamp\nThe lamp burned.", [
            'logo' => $logo->picture, 'logo_size' => 50, 'logo_opacity' => 100, 'look' => 'ink',
        ])->shorts[0];
        $cut = $this->plan($short->id);
        app(ProofDesk::class)->make($short->refresh()->unsetRelations(), new Unwatched);
        $proof = Proof::of($short->refresh()) ?? self::fail((string) $short->proof_problem);
        [$left, $top, $width] = $cut->logoBox() ?? self::fail('no room');
        $raw = (new Process([
            'ffmpeg', '-v', 'error', '-ss', '0.5', '-i', app(ProofMaker::class)->file($proof->key), '-frames:v', '1',
            '-vf', 'scale=360:640', '-pix_fmt', 'rgb24', '-f', 'rawvideo', '-',
        ]))->mustRun()->getOutput();
        // The middle of its lamp.
        $x = (int) (360 * ($left + $width / 4));
        $y = (int) (640 * ($top + $width * 0.25 * 9 / 16));
        $seen = array_values((array) unpack('C3', substr($raw, 3 * ($y * 360 + $x), 3)));

        self::assertEqualsWithDelta([0xF7, 0xB4, 0x4A], $seen, 14);
    }

    public function test_what_a_channel_has_brought_counts_on_the_command_line_with_any_footage(): void
    {
        $this->library();
        $logo = $this->brought();
        $channel = $this->channel();
        $folder = TEST_PLACE.'/made';
        File::deleteDirectory($folder);
        File::ensureDirectoryExists("$folder/footage");
        File::copy(self::clip('boat.mp4', 4, '640x360'), "$folder/footage/boat.mp4");
        File::put("$folder/lamp.txt", 'The lamp burned.');
        $make = fn (string ...$set): PendingCommand => $this->artisan('reel:make', [
            'scripts' => "$folder/lamp.txt", '--channel' => $channel->name, '--footage' => "$folder/footage",
            '--quality' => 'draft', '--out' => "$folder/out", '--set' => $set,
        ]);

        $make('logo=Moon')->assertFailed();
        self::assertFileDoesNotExist("$folder/out");
        // A library's own footage is not at hand beside a folder; that of the folder is.
        $make('opening=boat.mp4')->assertFailed();
        File::put("$folder/footage/start.json", '{"tags": ["opening"]}');
        File::copy(self::clip('boat.mp4', 4, '640x360'), "$folder/footage/start.mp4");
        $make('logo=Lamp', 'opening=start.mp4')->assertSuccessful();
        $made = json_decode(File::get("$folder/out/01-the-lamp-burned.json"), true);
        self::assertSame($logo->picture, $made['making']['logo']['picture']);
        self::assertNotEmpty($made['making']['around']);

        // And as the channel has it.
        $channel->update(['settings' => new Values(['logo' => $logo->picture, 'logo_place' => 'top-right'])]);
        $make()->assertSuccessful();
        $made = json_decode(File::get("$folder/out/01-the-lamp-burned.json"), true);
        self::assertSame('top-right', $made['making']['logo']['place']);
    }
}
