<?php

declare(strict_types=1);

namespace Tests\App;

use App\Makers\Interest\GroundStore;
use App\Media\Making\Maker;
use App\Media\Video\Sources;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Captions\Drawing\CaptionScript;
use RapidReel\Making\Render\Layer;
use RapidReel\Making\Render\Look;
use RapidReel\Making\Render\Raster;
use RapidReel\Making\Render\Recipe;
use RapidReel\Making\Render\Source;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Matte\Behind;
use RapidReel\Pictures\Matte\BehindKind;
use RapidReel\Pictures\Matte\Matte;
use RapidReel\Pictures\Matte\PlainGround;
use Symfony\Component\Process\Process;
use Tests\Support\Subjects;

/** A subject is taken off its plain ground: how much of it is left, against what it was made with. */
final class MatteTest extends AppTestCase
{
    private const SIDE = [270, 480];

    /** @return array<string, array{array{int, int, int}, int, float}> colour of the ground, noise, unevenness */
    public static function grounds(): array
    {
        return [
            'green, lit unevenly' => [[52, 190, 84], 5, 0.25],
            'blue' => [[30, 70, 190], 4, 0.1],
            'magenta' => [[210, 40, 180], 9, 0.1],
            'white' => [[244, 244, 240], 3, 0.04],
        ];
    }

    /**
     * The bound is the one that was set for keying here: 0.03, of all pixels. Of those at edges alone it is wider.
     *
     * @param  array{int, int, int}  $colour
     */
    #[DataProvider('grounds')]
    public function test_as_much_of_a_subject_is_left_as_there_is(array $colour, int $noise, float $uneven): void
    {
        [$width, $height] = self::SIDE;
        $subject = new Subjects($width, $height, $colour, $noise, $uneven);
        [$clip, $key] = $this->subjectClip($subject, 'key-'.implode('-', $colour));
        $ground = app(GroundStore::class)->of($key, $clip, null);
        self::assertNotNull($ground);
        $black = $this->frame($this->recipe($key, $ground, ['000000', '000000']));
        $white = $this->frame($this->recipe($key, $ground, ['FFFFFF', 'FFFFFF']));
        $off = $atEdges = 0.0;
        $edges = 0;
        foreach ($subject->alpha as $i => $alpha) {
            $found = 1 - (ord($white[3 * $i + 1]) - ord($black[3 * $i + 1])) / 255;
            $off += abs($found - $alpha);
            if ($alpha > 0.02 && $alpha < 0.98) {
                $atEdges += abs($found - $alpha);
                $edges++;
            }
        }
        self::assertLessThan(0.03, $off / count($subject->alpha));
        self::assertLessThan(0.15, $atEdges / $edges);
    }

    public function test_dimming_reaches_what_is_behind_and_leaves_the_subject(): void
    {
        [$width, $height] = self::SIDE;
        $subject = new Subjects($width, $height, [40, 176, 70], 4, 0.1);
        [$clip, $key] = $this->subjectClip($subject, 'key-dim');
        $ground = app(GroundStore::class)->of($key, $clip, null) ?? self::fail('No ground was found.');
        foreach ([null, new Behind(BehindKind::Blur, ['C0A060', '8090A0'])] as $over) {
            $frames = array_map(fn (float $dim): string => $this->frame(
                $this->recipe($key, $ground, ['C0A060', '8090A0'], $over, new Look(dim: $dim)),
            ), [0.0, 0.6]);
            $mean = static function (string $frame, bool $isSubject) use ($subject): float {
                $sum = $count = 0;
                foreach ($subject->alpha as $i => $alpha) {
                    if ($isSubject ? $alpha > 0.999 : $alpha < 0.001) {
                        $sum += ord($frame[3 * $i]) + ord($frame[3 * $i + 1]) + ord($frame[3 * $i + 2]);
                        $count += 3;
                    }
                }

                return $sum / $count;
            };
            self::assertEqualsWithDelta(0.4, $mean($frames[1], false) / $mean($frames[0], false), 0.03);
            self::assertEqualsWithDelta(1.0, $mean($frames[1], true) / $mean($frames[0], true), 0.03);
        }
    }

    public function test_it_is_put_over_a_picture_a_clip_that_goes_on_and_a_blurred_copy(): void
    {
        [$width, $height] = self::SIDE;
        [$clip, $key] = $this->subjectClip(new Subjects($width, $height, [40, 176, 70], 4, 0.1), 'key-over');
        $ground = app(GroundStore::class)->of($key, $clip, null);
        self::assertNotNull($ground);
        $colours = ['1F3540', '0B1418'];
        $at = static fn (string $frame, int $x, int $y): array => array_map(
            ord(...), str_split(substr($frame, 3 * ($y * $width + $x), 3)),
        );
        // A clip that is orange for a second and then violet, from its end on and begun again.
        $behind = self::media(
            'key-behind.mp4', '-f', 'lavfi', '-i', 'color=c=0xff8800:s=320x180:r=30:d=1', '-f', 'lavfi', '-i',
            'color=c=0x6020c0:s=320x180:r=30:d=1', '-filter_complex', '[0][1]concat=n=2', '-pix_fmt', 'yuv420p',
        );
        $other = (string) hash_file('xxh128', $behind);
        app(Sources::class)->lay($other, $behind, 'behind', null);
        $over = new Behind(BehindKind::Footage, $colours, $other, FootageKind::Clip, 320, 180, 2_000, 1_950);
        $orange = $this->frame($this->recipe($key, $ground, $colours, $over), 3);
        self::assertEqualsWithDelta([255, 136, 0], $at($orange, 20, 40), 14.0);
        $violet = $this->frame($this->recipe($key, $ground, $colours, $over->from(-500)), 3);
        self::assertEqualsWithDelta([96, 32, 192], $at($violet, 20, 40), 14.0);
        // The coat is the same before both.
        self::assertEqualsWithDelta($at($orange, 135, 420), $at($violet, 135, 420), 10.0);

        $still = self::media('key-behind.png', '-f', 'lavfi', '-i', 'color=c=0x2040a0:s=64x64', '-frames:v', '1');
        $third = (string) hash_file('xxh128', $still);
        app(Sources::class)->lay($third, $still, 'behind', null);
        $blue = $this->frame($this->recipe(
            $key, $ground, $colours, new Behind(BehindKind::Footage, $colours, $third, FootageKind::Still, 64, 64),
        ));
        self::assertEqualsWithDelta([32, 64, 160], $at($blue, 20, 40), 14.0);

        $blurred = $this->frame($this->recipe($key, $ground, $colours, new Behind(BehindKind::Blur, $colours)));
        [$red, $green, $light] = $at($blurred, 12, 12);
        self::assertLessThan(90, $green);
        self::assertLessThan($light + 20, $green);
        // Beside the head there is some of its blurred copy: it is no plain colour there.
        self::assertGreaterThan($red + 8, max($at($blurred, 60, 150)));
    }

    /** @return array{string, string} its file, and its content's key */
    private function subjectClip(Subjects $subject, string $name): array
    {
        $raw = $this->folder()."/$name.rgb";
        file_put_contents($raw, $subject->picture);
        $clip = $this->folder()."/$name.mp4";
        (new Process([
            'ffmpeg', '-v', 'error', '-y', '-f', 'rawvideo', '-pix_fmt', 'rgb24', '-s',
            "{$subject->width}x{$subject->height}", '-i', $raw, '-vf',
            'loop=20:1,fps=30,scale=out_color_matrix=bt709:out_range=tv,format=yuv420p', '-frames:v', '20',
            '-c:v', 'libx264', '-crf', '18', '-colorspace', 'bt709', '-color_primaries', 'bt709', '-color_trc', 'bt709',
            $clip,
        ]))->mustRun();
        $key = (string) hash_file('xxh128', $clip);
        app(Sources::class)->lay($key, $clip, 'subject', null);

        return [$clip, $key];
    }

    private function folder(): string
    {
        $folder = sys_get_temp_dir().'/reel-keys';
        @mkdir($folder);

        return $folder;
    }

    /** @param  list<string>  $behind */
    private function recipe(
        string $key,
        PlainGround $ground,
        array $behind,
        ?Behind $over = null,
        Look $look = new Look,
    ): Recipe {
        [$width, $height] = self::SIDE;

        return new Recipe(
            4, new Raster($width, $height, 30),
            new Layer(
                new Source($key, FootageKind::Clip, $width, $height), 100, FramePath::centred($width, $height, 9 / 16),
                matte: new Matte($ground, 80, $over ?? new Behind(BehindKind::Gradient, $behind)),
            ),
            $look, CaptionScript::none(),
            ['-c:v', 'libx264', '-preset', 'ultrafast', '-qp', '0'],
        );
    }

    private function frame(Recipe $recipe, int $number = 1): string
    {
        app(Maker::class)->make([$recipe]);

        return (new Process([
            'ffmpeg', '-v', 'error', '-i', app(Maker::class)->file($recipe), '-vf',
            "select=eq(n\\,$number),scale=in_color_matrix=bt709", '-frames:v', '1', '-pix_fmt', 'rgb24', '-f',
            'rawvideo', '-',
        ]))->mustRun()->getOutput();
    }
}
