<?php

declare(strict_types=1);

namespace Tests\App;

use App\Media\Making\Maker;
use App\Media\Store\MediaStore;
use App\Media\Video\MissingFootage;
use App\Media\Video\Sources;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Captions\Drawing\AssWriter;
use RapidReel\Captions\Drawing\CaptionScript;
use RapidReel\Making\Render\Blend;
use RapidReel\Making\Render\Bridge;
use RapidReel\Making\Render\Filter\HeldCaptions;
use RapidReel\Making\Render\Layer;
use RapidReel\Making\Render\Look;
use RapidReel\Making\Render\Overlay;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Raster;
use RapidReel\Making\Render\Recipe;
use RapidReel\Making\Render\Source;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\FrameWindow;
use RapidReel\Pictures\Framing\StillMotion;
use RapidReel\Voice\Speech\WordTiming;
use Symfony\Component\Process\Process;
use Tests\Support\Cuts;

/** Single segments, rendered and looked at frame by frame. */
final class RenderTest extends AppTestCase
{
    /** A white block of 80 px that crosses a black clip of 640 × 360 from left to right in four seconds. */
    private static function crossing(): string
    {
        return self::media(
            'crossing.mp4', '-f', 'lavfi', '-i', 'color=black:size=640x360:rate=30:duration=4', '-f', 'lavfi', '-i',
            'color=white:size=80x80:rate=30:duration=4', '-filter_complex', "[0][1]overlay=x='40+120*t':y=140",
            '-pix_fmt', 'yuv420p', '-c:v', 'libx264', '-preset', 'ultrafast', '-crf', '10',
        );
    }

    private function render(Recipe $recipe): string
    {
        $maker = app(Maker::class);
        @unlink($maker->file($recipe));
        $maker->make([$recipe]);

        return $maker->file($recipe);
    }

    /** A layer of a file, which is laid where renderers look for it. */
    private static function layer(
        string $file,
        FootageKind $kind,
        int $width,
        int $height,
        FramePath $path,
        int $inMs = 0,
    ): Layer {
        $key = (string) hash_file('xxh128', $file);
        app(Sources::class)->lay($key, $file, 'it');

        return new Layer(new Source($key, $kind, $width, $height), $inMs, $path);
    }

    /** A still of one colour, held. */
    private static function plain(string $name, string $colour): Layer
    {
        $still = self::media("$name.png", '-f', 'lavfi', '-i', "color=$colour:size=360x640", '-frames:v', '1');

        return self::layer($still, FootageKind::Still, 360, 640, self::centred(360, 640));
    }

    /** @param  list<Overlay>  $overlays */
    private static function recipe(
        Layer $layer,
        int $frames,
        Quality $quality = Quality::Draft,
        ?Bridge $to = null,
        array $overlays = [],
        Look $look = new Look(),
    ): Recipe {
        return new Recipe(
            $frames,
            new Raster($quality->width(), $quality->height(), 30),
            $layer,
            $look,
            CaptionScript::none(),
            $quality->encoder($layer),
            $overlays,
            $to,
        );
    }

    private static function centred(int $width, int $height): FramePath
    {
        return FramePath::centred($width, $height, 9 / 16);
    }

    /**
     * @return list<array{float, float}|null> middle of what is bright in every frame, as fractions; none where nothing
     * is
     */
    private static function bright(string $video): array
    {
        $size = self::probe($video)['streams'][0];
        $process = (new Process([
            'ffmpeg', '-hide_banner', '-nostats', '-i', $video, '-vf', 'bbox=min_val=128', '-f', 'null', '-',
        ]))->mustRun();
        preg_match_all(
            '/n:(\d+) .*?(?:x1:(\d+) x2:(\d+) y1:(\d+) y2:(\d+)|$)/m',
            $process->getErrorOutput(),
            $rows,
            PREG_SET_ORDER,
        );

        return array_map(
            static fn (array $row): ?array => isset($row[5])
                ? [
                    ((int) $row[2] + (int) $row[3]) / 2 / $size['width'],
                    ((int) $row[4] + (int) $row[5]) / 2 / $size['height'],
                ]
                : null,
            $rows,
        );
    }

    public function test_the_centred_window_shows_what_passes_the_middle(): void
    {
        $places = self::bright(
            $this->render(
                self::recipe(
                    self::layer(self::crossing(), FootageKind::Clip, 640, 360, self::centred(640, 360), 1_000),
                    60,
                ),
            ),
        );

        self::assertCount(60, $places);
        // At 1 s and at 3 s of the clip the block stands left and right of its middle, at 2 s (frame 30) 40 px before
        // it.
        self::assertEqualsWithDelta(0.5 + (40 + 120 * 2 + 40 - 320) / 202.5, $places[30][0] ?? -1, 0.02);
        self::assertEqualsWithDelta(0.5, $places[30][1] ?? -1, 0.02);
        self::assertGreaterThan($places[25][0], $places[35][0]);
    }

    public function test_a_window_that_follows_keeps_its_subject_in_the_middle(): void
    {
        // The block's own path, as points: its middle is at (80 + 120 t) / 640.
        $path = new FramePath([
            0 => new FrameWindow(0.2, 0.5, 1),
            1_000 => new FrameWindow(0.3875, 0.5, 1),
            2_000 => new FrameWindow(0.575, 0.5, 1),
        ]);
        foreach (
            self::bright(
                $this->render(self::recipe(self::layer(self::crossing(), FootageKind::Clip, 640, 360, $path, 400), 60)),
            ) as $frame => $place
        ) {
            self::assertEqualsWithDelta(0.5, $place[0] ?? -1, 0.02, "frame $frame");
        }
    }

    public function test_a_window_that_travels_is_encoded_for_that_and_can_be_joined_with_one_that_stands(): void
    {
        $window = static fn (float ...$across): FramePath => new FramePath(array_map(
            static fn (float $x): FrameWindow => new FrameWindow($x, 0.5, 1.0),
            $across,
        ));
        $files = [];
        foreach (['stands' => [0.5], 'travels' => [0 => 0.4, 400 => 0.6]] as $how => $across) {
            $layer = self::layer(self::clip(), FootageKind::Clip, 640, 360, $window(...$across));
            self::assertSame($how === 'travels', in_array('-subq', Quality::Final->encoder($layer), true));
            $files[$how] = $this->render(self::recipe($layer, 12, Quality::Final));
        }
        $headers = array_map(static fn (string $file): string => (new Process([
            'ffprobe', '-v', 'error', '-show_data_hash', 'sha256', '-show_entries',
            'stream=extradata_hash,profile,level', '-of', 'csv', $file,
        ]))->mustRun()->getOutput(), $files);
        self::assertSame($headers['stands'], $headers['travels'], 'One decoder reads both without being told anew.');
        self::assertSame('12', self::probe($files['travels'])['streams'][0]['nb_read_frames']);
    }

    public function test_a_clip_shorter_than_its_shot_holds_its_last_picture(): void
    {
        $file = $this->render(
            self::recipe(self::layer(self::clip(), FootageKind::Clip, 640, 360, self::centred(640, 360), 3_500), 90),
        );

        self::assertSame(90, (int) self::probe($file)['streams'][0]['nb_read_frames']);
    }

    /** @return array<string, array{StillMotion, bool}> */
    public static function motions(): array
    {
        return ['a push grows' => [StillMotion::Push, true], 'a pull shrinks' => [StillMotion::Pull, false]];
    }

    #[DataProvider('motions')]
    public function test_a_still_moves_slowly_and_about_its_middle(StillMotion $motion, bool $grows): void
    {
        $still = self::media(
            'block.png', '-f', 'lavfi', '-i', 'color=black:size=720x1280', '-f', 'lavfi', '-i',
            'color=white:size=240x240', '-filter_complex', '[0][1]overlay=x=240:y=520', '-frames:v', '1',
        );
        $video = $this->render(
            self::recipe(
                self::layer(
                    $still,
                    FootageKind::Still,
                    720,
                    1280,
                    $motion->path(720, 1280, 9 / 16, 2_000, StillMotion::STRENGTH, 'x'),
                ),
                60,
            ),
        );
        $process = (new Process([
            'ffmpeg', '-hide_banner', '-nostats', '-i', $video, '-vf', 'bbox=min_val=128', '-f', 'null', '-',
        ]))->mustRun();
        preg_match_all(
            '/x1:(\d+) x2:(\d+) y1:(\d+) y2:(\d+) w:(\d+)/',
            $process->getErrorOutput(),
            $rows,
            PREG_SET_ORDER,
        );

        $widths = array_map(static fn (array $row): int => (int) $row[5], $rows);
        self::assertCount(60, $widths);
        self::assertEqualsWithDelta(1 + StillMotion::STRENGTH / 100, max($widths) / min($widths), 0.02);
        self::assertSame($grows, $widths[59] > $widths[0]);
        foreach ($rows as $i => $row) {
            self::assertEqualsWithDelta(270, ((int) $row[1] + (int) $row[2]) / 2, 2);
            self::assertEqualsWithDelta(480, ((int) $row[3] + (int) $row[4]) / 2, 2);
            // Never back and forth: the eye sees a tremble long before it sees a step.
            self::assertTrue(
                $i === 0 || ($grows ? $widths[$i] >= $widths[$i - 1] - 1 : $widths[$i] <= $widths[$i - 1] + 1),
            );
        }
    }

    /** @return array<string, array{string, int, int}> */
    public static function sizes(): array
    {
        return [
            'wide' => ['854x480', 854, 480],
            'square' => ['480x480', 480, 480],
            'upright' => ['360x640', 360, 640],
            'very tall' => ['200x900', 200, 900],
            'odd' => ['501x333', 501, 333],
            'very wide' => ['1600x200', 1600, 200],
        ];
    }

    #[DataProvider('sizes')]
    public function test_whatever_its_shape_footage_fills_the_frame_undistorted(
        string $size,
        int $width,
        int $height,
    ): void {
        foreach ([Quality::Draft, Quality::Final] as $quality) {
            $still = $this->render(
                self::recipe(
                    self::layer(
                        self::still("shape-$size.png", $size),
                        FootageKind::Still,
                        $width,
                        $height,
                        StillMotion::Push->path($width, $height, 9 / 16, 200, 12, 'x'),
                    ),
                    6,
                    $quality,
                ),
            );
            $video = self::probe($still)['streams'][0];
            self::assertSame(
                [$quality->width(), $quality->height(), 6],
                [$video['width'], $video['height'], (int) $video['nb_read_frames']],
            );
            self::assertContains($video['sample_aspect_ratio'] ?? '1:1', ['1:1', 'N/A']);
        }
    }

    public function test_footage_that_is_gone_is_told(): void
    {
        $this->expectException(MissingFootage::class);
        $layer = new Layer(new Source('gone', FootageKind::Clip, 640, 360), 0, self::centred(640, 360));
        app(Maker::class)->make([self::recipe($layer, 30)]);
    }

    public function test_colours_keep_their_meaning(): void
    {
        // A plain red still: BT.709 limited range, Y = 63, Cb = 102, Cr = 240 (ITU-R BT.709-6, 3.4 and 3.5).
        $still = self::media(
            'red.png', '-f', 'lavfi', '-i', 'color=0xFF0000:size=360x640,format=rgb24', '-frames:v', '1',
        );
        $video = $this->render(
            self::recipe(
                self::layer(
                    $still,
                    FootageKind::Still,
                    360,
                    640,
                    StillMotion::Push->path(360, 640, 9 / 16, 200, 12, 'x'),
                ),
                6,
            ),
        );
        $raw = (new Process([
            'ffmpeg', '-v', 'error', '-i', $video, '-frames:v', '1', '-f', 'rawvideo', '-pix_fmt', 'yuv420p', '-',
        ]))
            ->mustRun()
            ->getOutput();

        self::assertEqualsWithDelta(63, ord($raw[540 * 480 + 270]), 2);
        self::assertEqualsWithDelta(102, ord($raw[540 * 960 + 135 * 480]), 2);
        self::assertEqualsWithDelta(240, ord($raw[(int) (540 * 960 * 1.25) + 135 * 480]), 2);
    }

    public function test_nothing_is_left_in_the_work_room(): void
    {
        $work = app(MediaStore::class)->path('work');
        $before = glob("$work/*/*") ?: [];
        $this->render(
            self::recipe(self::layer(self::clip(), FootageKind::Clip, 640, 360, self::centred(640, 360)), 10),
        );

        self::assertSame($before, glob("$work/*/*") ?: []);
    }

    public function test_a_window_over_a_clip_may_close_in_while_it_moves(): void
    {
        // A block that stands still, 80 px wide at the left third: the window closes in on it, so that it grows to
        // twice its size.
        $clip = self::media(
            'standing.mp4', '-f', 'lavfi', '-i', 'color=black:size=640x360:rate=30:duration=3', '-f', 'lavfi', '-i',
            'color=white:size=40x40:rate=30:duration=3', '-filter_complex', '[0][1]overlay=x=220:y=160', '-pix_fmt',
            'yuv420p', '-c:v', 'libx264', '-preset', 'ultrafast', '-crf', '10',
        );
        $path = new FramePath([0 => new FrameWindow(0.5, 0.5, 1), 1_900 => new FrameWindow(0.375, 0.5, 0.5)]);
        $video = $this->render(self::recipe(self::layer($clip, FootageKind::Clip, 640, 360, $path), 60));
        $process = (new Process([
            'ffmpeg', '-hide_banner', '-nostats', '-i', $video, '-vf', 'bbox=min_val=128', '-f', 'null', '-',
        ]))->mustRun();
        preg_match_all(
            '/x1:(\d+) x2:(\d+) y1:(\d+) y2:(\d+) w:(\d+)/',
            $process->getErrorOutput(),
            $rows,
            PREG_SET_ORDER,
        );

        self::assertCount(60, $rows);
        // 40 of 202.5 px of the source's window, of 540 px; then of half as many.
        self::assertEqualsWithDelta(40 / 202.5 * 540, (int) $rows[0][5], 4);
        self::assertEqualsWithDelta(2 * 40 / 202.5 * 540, (int) $rows[59][5], 6);
        self::assertEqualsWithDelta(270, ((int) $rows[59][1] + (int) $rows[59][2]) / 2, 4);
    }

    /** @return array<string, array{StillMotion, float, float}> */
    public static function pans(): array
    {
        // How far the middle of what stands in the middle goes, as a part of the strength.
        return [
            'left' => [StillMotion::Left, 1.0, 0.0],
            'right' => [StillMotion::Right, -1.0, 0.0],
            'rise' => [StillMotion::Rise, 0.0, 1.0],
            'sink' => [StillMotion::Sink, 0.0, -1.0],
        ];
    }

    #[DataProvider('pans')]
    public function test_a_still_travels_smoothly_in_steps_of_less_than_half_a_pixel(
        StillMotion $motion,
        float $across,
        float $down,
    ): void {
        $still = self::media(
            'soft.png', '-f', 'lavfi', '-i', 'color=black:size=1080x1920', '-f', 'lavfi', '-i',
            'color=white:size=300x300', '-filter_complex', '[0][1]overlay=x=390:y=810,gblur=sigma=24', '-frames:v', '1',
        );
        $frames = 90;
        $path = $motion->path(1080, 1920, 9 / 16, 3_000, 4, 'x');
        $video = $this->render(
            self::recipe(self::layer($still, FootageKind::Still, 1080, 1920, $path), $frames, Quality::Final),
        );
        $places = self::centroids($video, 1080, 1920);
        self::assertCount($frames, $places);
        $steps = [];
        foreach (range(1, $frames - 1) as $i) {
            $due = [$path->at((int) round($i * 1000 / 30)), $path->at((int) round(($i - 1) * 1000 / 30))];
            $should = [($due[1]->x - $due[0]->x) * 1080 * 1.04, ($due[1]->y - $due[0]->y) * 1920 * 1.04];
            $steps[] = max(
                abs($places[$i][0] - $places[$i - 1][0] - $should[0]),
                abs($places[$i][1] - $places[$i - 1][1] - $should[1]),
            );
        }
        self::assertLessThanOrEqual(0.5, max($steps), 'no jump beside the motion itself');
        $far = 0.04 * 1080;
        self::assertEqualsWithDelta($across * $far, $places[$frames - 1][0] - $places[0][0], 2);
        self::assertEqualsWithDelta($down * 0.04 * 1920, $places[$frames - 1][1] - $places[0][1], 3);
    }

    /** @return list<array{float, float}> the middle of all light in every frame, in pixels of the frame */
    private static function centroids(string $video, int $width, int $height): array
    {
        $raw = (new Process([
            'ffmpeg', '-v', 'error', '-i', $video, '-vf', "scale=$width/8:$height/8:flags=area,format=gray", '-f',
            'rawvideo', '-',
        ]))
            ->mustRun()
            ->getOutput();
        [$columns, $rows] = [intdiv($width, 8), intdiv($height, 8)];
        $places = [];
        foreach (str_split($raw, $columns * $rows) as $frame) {
            $sum = $x = $y = 0.0;
            foreach (array_values((array) unpack('C*', $frame)) as $i => $light) {
                $light = max(0, $light - 20);
                $sum += $light;
                $x += $light * ($i % $columns);
                $y += $light * intdiv($i, $columns);
            }
            $places[] = [8 * $x / $sum, 8 * $y / $sum];
        }

        return $places;
    }

    public function test_a_bridge_goes_from_one_shot_over_into_the_next_and_is_keyed_by_both(): void
    {
        $black = self::recipe(self::plain('black', 'black'), 30);
        $white = self::recipe(self::plain('white', 'white'), 30);
        $over = static fn (Recipe $from, Recipe $to, Blend $blend): Recipe => self::recipe(
            $from->layer, 12, to: new Bridge($to->layer, $blend),
        );
        $bridge = $over($black, $white, Blend::Dissolve);
        self::assertCount(
            4,
            array_unique([
                $bridge->key(),
                $over($white, $black, Blend::Dissolve)->key(),
                $over($black, $white, Blend::Dip)->key(),
                $black->key(),
            ]),
        );

        $raw = (new Process([
            'ffmpeg', '-v', 'error', '-i',
            $this->render($bridge),
            '-vf', 'scale=1:1,format=gray', '-f', 'rawvideo', '-',
        ]))
            ->mustRun()
            ->getOutput();
        $light = array_values((array) unpack('C*', $raw));
        self::assertCount(12, $light);
        self::assertLessThan(40, $light[0]);
        self::assertEqualsWithDelta(128, $light[6], 30);
        self::assertGreaterThan(200, $light[11]);
        $sorted = $light;
        sort($sorted);
        self::assertSame($sorted, $light);
    }

    public function test_an_overlay_lies_over_the_picture_and_a_look_changes_it(): void
    {
        $grey = self::plain('grey', 'gray');
        $white = self::plain('white', 'white')->source;
        $at = function (Recipe $recipe, int $x, int $y): int {
            $raw = (new Process([
                'ffmpeg', '-v', 'error', '-i',
                $this->render($recipe),
                '-frames:v', '1', '-vf', 'format=gray', '-f', 'rawvideo', '-',
            ]))
                ->mustRun()
                ->getOutput();

            return ord($raw[$y * 540 + $x]);
        };
        $plain = self::recipe($grey, 3);
        $logo = self::recipe($grey, 3, overlays: [new Overlay($white, 0.5, 0.1, 0.2)]);
        $dark = self::recipe($grey, 3, look: new Look(brightness: -0.2));

        self::assertSame($at($plain, 100, 100), $at($logo, 100, 150));
        self::assertGreaterThan($at($plain, 324, 150) + 60, $at($logo, 324, 150));
        self::assertLessThan($at($plain, 100, 100) - 20, $at($dark, 100, 100));
    }

    public function test_captions_that_hold_still_look_as_if_they_were_drawn_into_every_frame(): void
    {
        $timings = [new WordTiming('Lamp', 100, 500), new WordTiming('out', 500, 900)];
        $script = AssWriter::write(Cuts::cues($timings), 30, 0, 0, 45);
        // Something that changes in every frame and is not seen.
        $unseen = implode('', array_map(static fn (int $i): string => sprintf(
            "Dialogue: 0,0:00:00.%02d,0:00:00.%02d,Caption,,0,0,0,,{\\pos(0,0)}\n", 3 * $i, 3 * $i + 3,
        ), range(0, 30)));
        $drawn = new CaptionScript($script->ass.$unseen, $script->faces, $script->band);
        self::assertNotNull(HeldCaptions::of($script, 45, 30, 960));
        self::assertNull(HeldCaptions::of($drawn, 45, 30, 960));
        $layer = self::layer(self::crossing(), FootageKind::Clip, 640, 360, self::centred(640, 360), 1_000);
        $plain = self::recipe($layer, 45);
        $frames = [];
        foreach ([$script, $drawn, $plain->captions] as $captions) {
            $data = [...$plain->toArray(), 'captions' => $captions->toArray()];
            $recipe = Recipe::fromJson(json_encode($data, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
            $video = $this->render($recipe);
            $raw = (new Process(['ffmpeg', '-v', 'error', '-i', $video, '-pix_fmt', 'gray', '-f', 'rawvideo', '-']))
                ->mustRun()
                ->getOutput();
            $frames[] = str_split($raw, 540 * 960);
        }
        foreach ([0, 2, 3, 14, 15, 26, 27, 44] as $number) {
            $apart = fn (int $one, int $other): float => array_sum(
                array_map(
                    static fn (int $a, int $b): int => abs($a - $b),
                    array_values((array) unpack('C*', $frames[$one][$number])),
                    array_values((array) unpack('C*', $frames[$other][$number])),
                ),
            ) / (540 * 960);
            self::assertLessThan(0.5, $apart(0, 1), "frame $number");
            self::assertSame($number >= 3 && $number < 27, $apart(0, 2) > 2, "words in frame $number");
        }
    }

    public function test_a_recipe_is_rendered_by_a_process_that_has_no_database(): void
    {
        $recipe = self::recipe(self::layer(self::clip(), FootageKind::Clip, 640, 360, self::centred(640, 360), 300), 9);
        $here = $this->render($recipe);
        $before = (string) md5_file($here);
        unlink($here);
        $file = TEST_PLACE.'/recipe.json';
        file_put_contents($file, $recipe->toJson());
        $process = self::typed(['reel:render', $file], [
            'DB_DATABASE' => '/nowhere/at/all.sqlite',
            'LARAVEL_STORAGE_PATH' => storage_path(),
        ]);

        self::assertSame(0, $process->run(), $process->getErrorOutput());
        self::assertSame(
            [$recipe->key(), 9],
            [
                json_decode($process->getOutput(), true)['key'] ?? '',
                json_decode($process->getOutput(), true)['frames'] ?? 0,
            ],
        );
        self::assertSame($before, md5_file($here));
    }

    public function test_all_that_a_recipe_is_rendered_with_can_be_kept(): void
    {
        $recipe = self::recipe(self::layer(self::clip(), FootageKind::Clip, 640, 360, self::centred(640, 360), 300), 9);
        @unlink($this->render($recipe));
        $shown = TEST_PLACE.'/shown';
        File::deleteDirectory($shown);
        file_put_contents(TEST_PLACE.'/shown.json', $recipe->toJson());
        self::assertSame(0, Artisan::call('reel:render', ['order' => TEST_PLACE.'/shown.json', '--keep' => $shown]));

        foreach (['captions.ass', 'graph.txt', 'command.txt'] as $part) {
            self::assertFileExists("$shown/$part");
        }
        self::assertStringContainsString('graph.txt', (string) file_get_contents("$shown/command.txt"));
    }
}
