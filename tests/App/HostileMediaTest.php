<?php

declare(strict_types=1);

namespace Tests\App;

use App\Media\Decoding\Decoder;
use App\Media\Decoding\Task;
use App\Media\Process\Failure;
use App\Media\Process\MediaTools;
use App\Media\Process\TooMuch;
use App\Media\Store\Bundle;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Media\Store\UnusableBundle;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Library\LogoDesk;
use App\Shelves\Library\SoundDesk;
use App\Shelves\Library\TableDesk;
use App\Shelves\Library\TypefaceDesk;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Music;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Base\Refusal;
use Symfony\Component\Process\Process;
use Tests\Support\Burner;
use ZipArchive;

/** Files that were made to hurt: each is refused in a sentence or taken as what it is, soon, and nothing ends by it. */
final class HostileMediaTest extends AppTestCase
{
    private static function file(string $name, string $bytes): string
    {
        file_put_contents(TEST_PLACE."/$name", $bytes);

        return TEST_PLACE."/$name";
    }

    /** @param  callable(): mixed  $bring */
    private static function refused(callable $bring): string
    {
        try {
            $bring();
        } catch (Refusal $problem) {
            return $problem->getMessage();
        }

        return '';
    }

    private static function png(int $width, int $height, string $chunks = ''): string
    {
        $image = imagecreatetruecolor($width, $height);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 200, 30, 30));
        ob_start();
        imagepng($image);
        $bytes = (string) ob_get_clean();

        return substr($bytes, 0, 33).$chunks.substr($bytes, 33);
    }

    private static function chunk(string $kind, string $data): string
    {
        return pack('N', strlen($data)).$kind.$data.pack('N', crc32($kind.$data));
    }

    public function test_names_that_lead_elsewhere_are_opened_by_nobody(): void
    {
        $store = app(MediaStore::class);
        $root = dirname($store->path('library'));
        $names = ['../x', 'a/../../x', '/etc/passwd', 'a//b', './a', 'a/.b', "a\0b", 'a/b/', '', "a\n", 'a\\..\\b'];
        foreach ($names as $odd) {
            self::assertStringContainsString('by a name that none of ours has', self::refused(
                static fn (): string => $store->path($odd),
            ), $odd);
        }
        $far = sys_get_temp_dir().'/'.uniqid('x').'.php';
        foreach (["$root/../x.php", $far, "$root/library/../../x.php", "{$root}x/y"] as $place) {
            foreach ([
                static fn () => $store->put($place, 'x'), static fn () => $store->write($place, 'x'),
                static fn () => $store->append($place, 'x'), static fn () => $store->keep(__FILE__, $place),
                static fn () => $store->copy(__FILE__, $place), static fn () => $store->publish(__FILE__, $place),
                static fn () => $store->discard($place),
            ] as $act) {
                self::assertNotSame('', self::refused($act), $place);
            }
            self::assertFileDoesNotExist($place);
        }
        self::assertFileExists(__FILE__);
        $this->expectException(StrangePlace::class);
        $store->source('../../../../public/x');
    }

    public function test_paths_in_the_database_pass_the_same_door(): void
    {
        $this->actingAs($this->user());
        $footage = app(FootageImporter::class)->footage($this->channel(), self::still(), 'still.png', ['lamp']);
        $footage->forceFill(['path' => '../../../../.env', 'thumbnail' => '../../.env'])->save();

        foreach (['file', 'thumbnail'] as $what) {
            $this->getJson("/footage/{$footage->id}/$what")->assertStatus(422)->assertDontSee('APP_KEY');
        }
    }

    /** @return array<string, array{string, string, string}> name, bytes and what is said; nothing where it is taken */
    public static function logos(): array
    {
        $svg = static fn (string $inside): string => '<svg xmlns="http://www.w3.org/2000/svg" '
            ."xmlns:xlink=\"http://www.w3.org/1999/xlink\" viewBox=\"0 0 99 99\">$inside</svg>";
        $uses = '<g id="u0"><rect width="9" height="9"/></g>';
        for ($i = 1; $i < 10; $i++) {
            $uses .= "<g id=\"u$i\">".str_repeat('<use xlink:href="#u'.($i - 1).'"/>', 10).'</g>';
        }
        $profile = "p\0\0".gzcompress(str_repeat("\0", 60_000_000), 9);

        return [
            'one point high' => ['line.png', self::png(8_000, 1), ''],
            'one point wide' => ['line.png', self::png(1, 8_000), ''],
            'a profile that unpacks to much' => ['icc.png', self::png(60, 60, self::chunk('iCCP', $profile)), ''],
            'words that unpack to much' => ['ztxt.png', self::png(60, 60, self::chunk('zTXt', $profile)), ''],
            'half a picture' => ['half.png', substr(self::png(400, 400), 0, 300), 'damaged'],
            'another sum' => ['sum.png', substr_replace(self::png(40, 40), "\xFF", 60, 1), 'damaged'],
            'a head of terapixels' => ['huge.png', substr_replace(self::png(9, 9), pack('NN', 900_000, 900_000), 16, 8),
                '900,000 × 900,000 pixels'],
            'uses of uses' => ['uses.svg', $svg("<defs>$uses</defs><use xlink:href=\"#u9\"/>"), 'cannot be'],
            'endless turbulence' => ['waves.svg', $svg('<filter id="f"><feTurbulence baseFrequency="0.9" '
                .'numOctaves="999999"/></filter><rect width="99" height="99" filter="url(#f)"/>'), ''],
            'a morphology of ten thousand' => ['morph.svg', $svg('<filter id="f"><feMorphology operator="dilate" '
                .'radius="10000"/></filter><rect width="99" height="99" filter="url(#f)"/>'), ''],
            'a reference in single quotes' => ['quoted.svg', $svg('<linearGradient id="g"><stop stop-color="red"/>'
                .'</linearGradient><rect width="99" height="99" fill="url(\'#g\')"/>'), ''],
            'a reference in written quotes' => ['quoted.svg', $svg('<linearGradient id="g"><stop stop-color="red"/>'
                .'</linearGradient><rect width="99" height="99" fill="url(&quot;#g&quot;)"/>'), ''],
            'a reference out in quotes' => ['out.svg', $svg("<rect fill=\"url('file:///etc/passwd#g')\"/>"),
                'refers to other files'],
            'a reference out in entities' => ['out.svg', $svg('<rect fill="url(&#39;http://x.example/#g&#39;)"/>'),
                'refers to other files'],
        ];
    }

    #[DataProvider('logos')]
    public function test_a_logo_is_opened_in_a_process_of_its_own(string $name, string $bytes, string $told): void
    {
        $file = self::file($name, $bytes);
        $began = microtime(true);
        $said = self::refused(fn () => app(LogoDesk::class)->bring($this->channel(), $file, $name));
        self::assertLessThan(60, microtime(true) - $began);
        if (! in_array($name, ['waves.svg', 'morph.svg'], true)) {
            self::assertSame($told === '', $said === '', $said);
        }
        // Which of its limits such a one meets first hangs on how fast the machine computes.
        $told = $name === 'uses.svg' && str_contains($said, 'takes more than') ? 'takes more than' : $told;
        // What takes too much is told as that, and what can be drawn after all is taken.
        self::assertStringContainsString($said === '' || $told !== '' ? $told : 'takes more than', $said);
    }

    public function test_what_takes_too_much_is_told_so_whatever_else_the_machine_does(): void
    {
        $spins = self::file('spins.php', '<?php for (;;) { }');
        $eats = self::file('eats.php', '<?php ini_set("memory_limit", -1);
            $a = []; while (true) { $a[] = str_repeat("x", 1_000_000); }');
        foreach ([$spins, $eats] as $program) {
            $decoder = new Decoder(app(\App\Media\Process\Confinement::class), $program, 'rsvg-convert');
            try {
                $decoder->ask(Task::Head, 'lamp.png', 'x');
                self::fail('It came to an end.');
            } catch (TooMuch $problem) {
                self::assertStringContainsString('“lamp.png” takes more than', $problem->getMessage());
            }
        }
    }

    public function test_a_table_of_samples_without_end_is_not_told_as_a_machine_short_of_memory(): void
    {
        $clip = (string) file_get_contents(self::clip('stts.mp4', 2, '320x180'));
        $at = strpos($clip, 'stts');
        self::assertNotFalse($at);
        $file = self::file('endless.mp4', substr_replace($clip, pack('N', 0x7FFFFFFF), $at + 8, 4));
        $said = self::refused(
            fn () => app(FootageImporter::class)->footage($this->channel(), $file, 'endless.mp4', []),
        );

        self::assertMatchesRegularExpression('/damaged|more memory than it may/', $said);
        self::assertSame(0, Footage::query()->count());
    }

    public function test_memory_that_a_limit_of_ours_holds_back_is_no_machine_short_of_it(): void
    {
        $process = new Process(['sh', '-c', 'echo "Cannot allocate memory" >&2; exit 1']);
        $process->run();
        self::assertSame([Failure::OverLimits, Failure::Killed], [Failure::of($process, true), Failure::of($process)]);
    }

    public function test_sound_is_bounded_before_it_is_listened_to(): void
    {
        // Forty minutes of nearly nothing.
        $long = self::media('long.mp3', '-f', 'lavfi', '-i', 'anullsrc=r=8000:cl=mono', '-t', '2400', '-b:a', '8k');
        $desk = app(SoundDesk::class);
        $began = microtime(true);
        self::assertStringContainsString('an effect lasts at most 15', self::refused(
            fn () => $desk->effect($this->channel(), $long, 'long.mp3'),
        ));
        self::assertStringContainsString('a piece of music has at most 20', self::refused(
            fn () => $desk->music($this->channel(), $long, 'long.mp3'),
        ));
        self::assertLessThan(60, microtime(true) - $began);

        // The head of a FLAC says how many samples there are (RFC 9639, 8.2): 36 bits at the end of its first block.
        $flac = (string) file_get_contents(self::media('eight.flac', '-f', 'lavfi', '-i', 'sine=f=220:d=8'));
        $claim = (ord($flac[21]) & 0xF0) | 0x0F;
        $lying = self::file('lying.flac', substr_replace($flac, chr($claim)."\xFF\xFF\xFF\xFF", 21, 5));
        self::assertStringContainsString('days long, and 8.0 s of it are there', self::refused(
            fn () => $desk->music($this->channel(), $lying, 'lying.flac'),
        ));
        self::assertSame(0, Music::query()->count());
    }

    public function test_hdr_that_says_its_transfer_alone_is_taken_and_said(): void
    {
        $this->actingAs($this->user());
        foreach (['smpte2084', 'arib-std-b67'] as $transfer) {
            $clip = self::media(
                "$transfer.mp4", '-f', 'lavfi', '-i', 'testsrc2=size=320x180:rate=30:duration=1', '-pix_fmt',
                'yuv420p10le', '-c:v', 'libx265', '-x265-params', "log-level=error:transfer=$transfer",
            );
            $footage = app(FootageImporter::class)->footage($this->channel(), $clip, "$transfer.mp4", ['boat']);
            self::assertStringContainsString('BT.2020', (string) $footage->remark);
        }
        $this->get('/footage')->assertSee('BT.2020');
    }

    public function test_flipped_bits_of_formats_without_sums_are_found_where_their_makers_find_them(): void
    {
        $webp = (string) file_get_contents(self::media(
            'grain.webp', '-f', 'lavfi', '-i', 'mandelbrot=size=320x240', '-frames:v', '1', '-c:v', 'libwebp',
        ));
        self::assertGreaterThanOrEqual(3, $this->refusedOfFlipped('flipped.webp', $webp, 24));
        $webm = (string) file_get_contents(self::media(
            'grain.webm', '-f', 'lavfi', '-i', 'mandelbrot=size=320x180:rate=30', '-t', '2', '-c:v', 'libvpx-vp9',
            '-deadline', 'realtime', '-cpu-used', '8',
        ));
        self::assertGreaterThanOrEqual(4, $this->refusedOfFlipped('flipped.webm', $webm, 6));
    }

    /** How many of some copies with one bit flipped are refused. */
    private function refusedOfFlipped(string $name, string $bytes, int $copies): int
    {
        $refused = 0;
        mt_srand(7);
        for ($i = 0; $i < $copies; $i++) {
            $at = mt_rand(intdiv(strlen($bytes), 10), intdiv(19 * strlen($bytes), 20));
            $file = self::file("$i-$name", substr_replace($bytes, chr(ord($bytes[$at]) ^ 16), $at, 1));
            $refused += str_contains(self::refused(
                fn () => app(FootageImporter::class)->footage($this->channel(), $file, $name, []),
            ), 'damaged') ? 1 : 0;
        }

        return $refused;
    }

    public function test_a_face_without_ink_of_its_own_is_refused(): void
    {
        $whole = (string) file_get_contents(Burner::fonts().'/Rubik_800ExtraBold.ttf');
        $desk = app(TypefaceDesk::class);
        self::assertSame('', self::refused(fn () => $desk->bring($this->channel(), self::file('whole.ttf', $whole))));
        // Its letters are where they were, and nothing is in them.
        $tables = unpack('n', $whole, 4)[1];
        foreach (['glyf', 'loca'] as $emptied) {
            for ($i = 0; $i < $tables; $i++) {
                $entry = unpack('a4tag/N3', $whole, 12 + 16 * $i);
                if ($entry['tag'] === $emptied) {
                    $broken = substr_replace($whole, str_repeat("\0", $entry[3]), $entry[2], $entry[3]);
                    // Where the sum of a table was left out, as by some tools, the letters themselves tell.
                    $unsummed = substr_replace($broken, "\0\0\0\0", 12 + 16 * $i + 4, 4);
                    foreach (['is damaged' => $broken, 'cannot be drawn' => $unsummed] as $told => $bytes) {
                        self::assertStringContainsString($told, self::refused(
                            fn () => $desk->bring($this->channel(), self::file("$emptied.ttf", $bytes)),
                        ), $emptied);
                    }
                }
            }
        }
    }

    public function test_a_colour_table_has_numbers_that_are_some(): void
    {
        foreach (['1e999 0 0', '-1e999 0 0', 'inf 0 0', 'nan 0 0'] as $line) {
            $file = self::file('odd.cube', "LUT_3D_SIZE 2\n".str_repeat("0 0 0\n", 7)."$line\n");
            self::assertNotSame('', self::refused(
                fn () => app(TableDesk::class)->bring($this->channel(), $file, 'odd.cube'),
            ), $line);
        }
    }

    public function test_a_zip_that_cannot_be_used_says_why(): void
    {
        $zip = static function (callable $fill): string {
            $path = TEST_PLACE.'/odd.zip';
            $zip = new ZipArchive;
            $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
            $fill($zip);
            $zip->close();

            return $path;
        };
        $open = static fn (string $path): Bundle => Bundle::open($path, 'odd.zip', 50, 1_000);
        foreach ([
            'is locked with a password' => static function (ZipArchive $zip): void {
                $zip->addFromString('a.txt', 'secret');
                $zip->setEncryptionName('a.txt', ZipArchive::EM_AES_256, 'pass');
            },
            'leads out of it (“../a.txt”)' => static fn (ZipArchive $zip) => $zip->addFromString('../a.txt', 'x'),
            'leads out of it (“b/../../a.txt”)' => static fn (ZipArchive $zip) => $zip
                ->addFromString('b/../../a.txt', 'x'),
            'leads out of it (“/etc/cron.d/x”)' => static fn (ZipArchive $zip) => $zip
                ->addFromString('/etc/cron.d/x', 'x'),
            'holds 51 files; at most 50' => static fn (ZipArchive $zip) => array_map(
                static fn (int $i) => $zip->addFromString("$i.txt", 'x'), range(1, 51),
            ),
        ] as $told => $fill) {
            self::assertStringContainsString($told, self::refused(static fn () => $open($zip($fill))));
        }
        self::assertStringContainsString('is not a ZIP', self::refused(
            static fn () => $open(self::file('none.zip', "PK\3\4".random_bytes(500))),
        ));
        $bundle = $open($zip(static function (ZipArchive $zip): void {
            $zip->addFromString('large.txt', str_repeat('x', 2_000));
            $zip->addFromString('small.txt', 'x');
            $zip->addFromString('inner.zip', 'PK');
        }));
        self::assertSame(['inner.zip'], $bundle->nested());
        self::assertSame('x', $bundle->read('small.txt'));
        self::assertNull($bundle->read('large.txt'));
        $this->expectException(UnusableBundle::class);
        $bundle->read('small.txt');
    }

    public function test_programs_that_open_files_have_limits_and_those_that_render_have_none(): void
    {
        $process = app(MediaTools::class)->probe(['-version']);
        self::assertStringContainsString('--cpu=', $process->getCommandLine());
        self::assertStringContainsString('--as=', $process->getCommandLine());
        self::assertStringNotContainsString('--cpu=', app(MediaTools::class)->ffmpeg(['-version'])->getCommandLine());
    }
}
