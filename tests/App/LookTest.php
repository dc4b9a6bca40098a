<?php

declare(strict_types=1);

namespace Tests\App;

use App\Media\Making\Maker;
use App\Media\Video\Sources;
use App\Shelves\Library\TableDesk;
use App\Shelves\Models\ColourTable;
use App\Shelves\Models\Footage;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Base\Colour\CubeTable;
use RapidReel\Base\Colour\Grade;
use RapidReel\Base\Colour\Looks;
use RapidReel\Base\Colour\TableUse;
use RapidReel\Base\Colour\Texture;
use RapidReel\Captions\Drawing\CaptionScript;
use RapidReel\Making\Render\Blend;
use RapidReel\Making\Render\Bridge;
use RapidReel\Making\Render\Layer;
use RapidReel\Making\Render\Look;
use RapidReel\Making\Render\Raster;
use RapidReel\Making\Render\Recipe;
use RapidReel\Making\Render\Source;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\Backdrop;
use RapidReel\Pictures\Framing\FramePath;
use Symfony\Component\Process\Process;

/** What grades do to the frames that are rendered, against the same computed here. */
final class LookTest extends AppTestCase
{
    private const SIDE = [180, 320];

    private function recipe(Look $look, string $picture = 'look-chart.png', ?Look $next = null): Recipe
    {
        [$width, $height] = self::SIDE;
        $still = self::media(
            $picture, '-f', 'lavfi', '-i', "testsrc2=size={$width}x{$height}:rate=1:duration=1", '-frames:v', '1',
        );
        $key = (string) hash_file('xxh128', $still);
        app(Sources::class)->lay($key, $still, 'chart', null);
        $layer = new Layer(
            new Source($key, FootageKind::Still, $width, $height), 0, FramePath::centred($width, $height, 9 / 16),
        );

        return new Recipe(
            4, new Raster($width, $height, 30), $layer, $look, CaptionScript::none(),
            ['-c:v', 'libx264', '-preset', 'ultrafast', '-qp', '0'], [],
            $next === null ? null : new Bridge($layer, Blend::Dissolve, $next),
        );
    }

    /** @return list<int> bytes of the planes of one frame */
    private function frame(Recipe $recipe, int $number = 0): array
    {
        app(Maker::class)->make([$recipe]);
        $raw = (new Process([
            'ffmpeg', '-v', 'error', '-i', app(Maker::class)->file($recipe), '-vf',
            "select=eq(n\\,$number)", '-frames:v', '1', '-pix_fmt', 'yuv420p', '-f', 'rawvideo', '-',
        ]))->mustRun()->getOutput();

        return array_values((array) unpack('C*', $raw));
    }

    /** @return array<string, array{string}> */
    public static function looks(): array
    {
        return array_map(static fn (string $id): array => [$id], array_combine(
            array_keys(Looks::labels()), array_keys(Looks::labels()),
        ));
    }

    /** The bound is that of the trade for a preview that agrees: two levels of 255 (no published source). */
    #[DataProvider('looks')]
    public function test_a_look_is_rendered_as_it_is_computed(string $id): void
    {
        $look = Looks::of($id);
        $points = new Grade($look->exposure, $look->contrast, $look->saturation, $look->warmth, $look->fade);
        $plain = $this->frame($this->recipe(new Look));
        $graded = $this->frame($this->recipe(new Look(grade: $points)));
        $pixels = self::SIDE[0] * self::SIDE[1];
        $off = [0.0, 0.0, 0.0];
        foreach ($plain as $i => $value) {
            $plane = $i < $pixels ? 0 : ($i < 1.25 * $pixels ? 1 : 2);
            $wanted = match ($plane) {
                0 => $points->luma($value), 1 => $points->blue($value), 2 => $points->red($value),
            };
            $off[$plane] += abs($wanted - $graded[$i]);
        }

        self::assertLessThan(1.0, $off[0] / $pixels);
        self::assertLessThan(1.0, 4 * $off[1] / $pixels);
        self::assertLessThan(1.0, 4 * $off[2] / $pixels);
        self::assertNotSame($plain, $graded);
    }

    public function test_corners_darken_grain_stays_the_same_and_edges_are_sharpened(): void
    {
        [$width, $height] = self::SIDE;
        $plain = $this->frame($this->recipe(new Look));
        $dark = $this->frame($this->recipe(new Look(grade: new Grade(texture: new Texture(vignette: 60)))));
        // Light falls off with the fourth power of the cosine (natural vignetting, a law of optics); so far to a
        // corner that a hundred is an angle of 0.9.
        $off = 0.0;
        for ($i = 0; $i < $width * $height; $i++) {
            $away = hypot($i % $width + 0.5 - $width / 2, intdiv($i, $width) + 0.5 - $height / 2);
            $light = cos(0.6 * 0.9 * $away / hypot($width / 2, $height / 2)) ** 4;
            $off += abs(16 + $light * ($plain[$i] - 16) - $dark[$i]);
        }
        self::assertLessThan(1.0, $off / ($width * $height));
        self::assertLessThan(16 + 0.75 * ($plain[$width * 3 + 3] - 16), $dark[$width * 3 + 3]);

        $grained = $this->recipe(new Look(grade: new Grade(texture: new Texture(grain: 50))));
        $first = $this->frame($grained);
        self::assertNotSame($plain, $first);
        $mean = static fn (array $frame): float => array_sum(array_slice($frame, 0, $width * $height)) /
            ($width * $height);
        self::assertEqualsWithDelta($mean($plain), $mean($first), 0.5, 'as light as before');
        self::assertSame(
            array_slice($plain, $width * $height), array_slice($first, $width * $height), 'of brightness alone',
        );
        self::assertNotSame($first, $this->frame($grained, 2), 'it moves');
        unlink(app(Maker::class)->file($grained));
        self::assertSame($first, $this->frame($grained), 'and is the same when it is rendered again');

        $spread = static function (array $frame) use ($width, $height): float {
            $sum = 0;
            for ($i = 1; $i < $width * $height; $i++) {
                $sum += abs($frame[$i] - $frame[$i - 1]);
            }

            return $sum;
        };
        $sharp = $this->frame($this->recipe(new Look(grade: new Grade(texture: new Texture(sharpen: 60)))));
        self::assertGreaterThan(1.02 * $spread($plain), $spread($sharp));
    }

    private static function table(): string
    {
        $lines = ['TITLE "Cross"', 'LUT_3D_SIZE 9'];
        for ($b = 0; $b < 9; $b++) {
            for ($g = 0; $g < 9; $g++) {
                for ($r = 0; $r < 9; $r++) {
                    $colour = [($r / 8) ** 1.3, 0.1 + 0.8 * $g / 8, 0.7 * $b / 8 + 0.3 * $r / 8];
                    $lines[] = vsprintf('%.5F %.5F %.5F', $colour);
                }
            }
        }

        return implode("\n", $lines);
    }

    public function test_a_colour_table_is_rendered_as_it_is_computed(): void
    {
        $file = TEST_PLACE.'/cross.cube';
        file_put_contents($file, self::table());
        app(TableDesk::class)->bring($this->channel(), $file, 'cross.cube');
        $hash = (string) ColourTable::query()->value('hash');
        // Plain areas: where colours change, half-size colour planes say little of single points.
        $plain = $this->frame($this->recipe(new Look));
        $graded = $this->frame($this->recipe(new Look(grade: new Grade(table: new TableUse($hash)))));
        $half = $this->frame($this->recipe(new Look(grade: new Grade(table: new TableUse($hash, 50)))));
        $table = CubeTable::read(self::table());
        [$width, $height] = self::SIDE;
        $pixels = $width * $height;
        $off = $halfOff = $count = 0;
        for ($y = 4; $y < $height - 4; $y += 6) {
            for ($x = 4; $x < $width - 4; $x += 6) {
                $at = static fn (int $dx, int $dy): array => self::colour($plain, $x + $dx, $y + $dy);
                if ($at(-3, -3) != $at(0, 0) || $at(3, 3) != $at(0, 0) || $at(3, -3) != $at(0, 0)) {
                    continue;
                }
                [$luma] = self::video($table->at(...self::rgb($at(0, 0))));
                $off += abs($luma - $graded[$y * $width + $x]);
                $halfOff += abs(($luma + $plain[$y * $width + $x]) / 2 - $half[$y * $width + $x]);
                $count++;
            }
        }

        self::assertGreaterThan(100, $count);
        self::assertLessThan(2.0, $off / $count);
        self::assertLessThan(2.0, $halfOff / $count);
        self::assertSame(1.5 * $pixels, (float) count($graded));
    }

    /**
     * @param  list<int>  $frame
     * @return array{int, int, int}
     */
    private static function colour(array $frame, int $x, int $y): array
    {
        [$width, $height] = self::SIDE;
        $small = intdiv($y, 2) * intdiv($width, 2) + intdiv($x, 2);

        return [
            $frame[$y * $width + $x], $frame[$width * $height + $small],
            $frame[intdiv(5 * $width * $height, 4) + $small],
        ];
    }

    /**
     * BT.709, limited range.
     *
     * @param  array{int, int, int}  $yuv
     * @return array{float, float, float}
     */
    private static function rgb(array $yuv): array
    {
        [$y, $u, $v] = [($yuv[0] - 16) / 219, ($yuv[1] - 128) / 224, ($yuv[2] - 128) / 224];

        return [$y + 1.5748 * $v, $y - 0.1873 * $u - 0.4681 * $v, $y + 1.8556 * $u];
    }

    /**
     * @param  array{float, float, float}  $rgb
     * @return array{float}
     */
    private static function video(array $rgb): array
    {
        return [16 + 219 * (0.2126 * $rgb[0] + 0.7152 * $rgb[1] + 0.0722 * $rgb[2])];
    }

    public function test_a_picture_that_does_not_fill_the_frame_stands_over_two_colours(): void
    {
        $still = self::media('look-wide.png', '-f', 'lavfi', '-i', 'color=white:size=320x180', '-frames:v', '1');
        $clip = self::media('look-wide.mp4', '-f', 'lavfi', '-i', 'color=white:size=320x180:rate=30:duration=1');
        [$width, $height] = self::SIDE;
        foreach ([[$still, FootageKind::Still], [$clip, FootageKind::Clip]] as [$file, $kind]) {
            $key = (string) hash_file('xxh128', $file);
            app(Sources::class)->lay($key, $file, 'wide', null);
            $recipe = new Recipe(4, new Raster($width, $height, 30), new Layer(
                new Source($key, $kind, 320, 180), 0, FramePath::centred(320, 180, 9 / 16), Backdrop::Gradient,
                ground: ['C02020', '2020C0'],
            ), new Look, CaptionScript::none(), [
                '-c:v', 'libx264', '-preset', 'ultrafast', '-qp', '0',
            ]);
            self::assertEquals($recipe, Recipe::fromJson($recipe->toJson()));
            $frame = $this->frame($recipe, 3);
            $rgb = static fn (int $y): array => array_map(
                static fn (float $one): int => (int) round(255 * $one),
                self::rgb(self::colour($frame, 90, $y)),
            );

            self::assertEqualsWithDelta([0xC0, 0x20, 0x20], $rgb(2), 12, $kind->value);
            self::assertEqualsWithDelta([0x20, 0x20, 0xC0], $rgb(316), 12);
            self::assertGreaterThan(230, min($rgb(160)), 'the picture itself');
        }
    }

    public function test_both_sides_of_a_dissolve_are_graded_by_themselves(): void
    {
        $recipe = $this->recipe(
            new Look(grade: new Grade(exposure: -60)), 'look-chart.png', new Look(grade: new Grade(exposure: 40)),
        );
        self::assertEquals($recipe, Recipe::fromJson($recipe->toJson()));
        $first = $this->frame($recipe);
        $last = $this->frame($recipe, 3);
        $mean = static fn (array $frame): float => array_sum(array_slice($frame, 0, 180 * 320)) / (180 * 320);

        self::assertGreaterThan($mean($first) + 15, $mean($last));
    }

    public function test_a_look_is_set_by_scope_and_reaches_the_shots(): void
    {
        $this->actingAs($this->user());
        $this->library();
        $tale = "# Lamp\nThe lamp burned. Nobody saw it.\nThe bell rang.";
        $short = $this->made($tale, ['look' => 'lamplight'])->shorts[0];
        $this->setting('scene', $short->scenes[0]->id, 'look', 'none')->assertOk();
        $this->setting('scene', $short->scenes[0]->id, 'look_exposure', 20)->assertOk();
        $this->work(...['--queue' => 'plans']);
        $cut = $short->refresh()->plannedCut() ?? self::fail('There is no cut.');

        self::assertEquals(new Grade(20), $cut->scenes[0]->shots[0]->look->grade);
        self::assertEquals(Looks::of('lamplight'), $cut->scenes[1]->shots[0]->look->grade);
        $this->setting('short', $short->id, 'look_exposure', 150)->assertUnprocessable();
        self::assertGreaterThan(0, Footage::query()->count());
    }

    public function test_a_colour_table_is_brought_on_the_page_and_a_wrong_one_refused(): void
    {
        $this->actingAs($this->user());
        $bring = fn (string $text) => $this->post('/house/tables', [
            'table' => UploadedFile::fake()->createWithContent('evening.cube', $text),
        ]);
        $bring("LUT_3D_SIZE 17\n0 0 0\n0 0 0\n0 0 0\n")->assertSessionHas('problem');
        self::assertSame(0, ColourTable::query()->count());
        $bring(self::table())->assertRedirect('/channels');
        $this->get('/house')->assertOk()->assertSee('Cross');
        $this->setting('channel', $this->channel()->id, 'look_table', 'Cross')->assertOk();
        $this->delete('/house/tables/'.ColourTable::query()->value('id'))->assertRedirect('/channels');
    }
}
