<?php

declare(strict_types=1);

namespace Tests\App;

use App\Media\EncoderPool;
use App\Media\MediaStore;
use App\Media\MissingFootage;
use App\Media\SegmentRenderer;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Caption\AssWriter;
use RapidReel\Caption\CaptionStyle;
use RapidReel\Cut\CutShot;
use RapidReel\Footage\FootageKind;
use RapidReel\Framing\FramePath;
use RapidReel\Framing\FrameWindow;
use RapidReel\Framing\StillMotion;
use RapidReel\Render\Quality;
use RapidReel\Render\Segment;
use Symfony\Component\Process\Process;

/** Single segments, rendered and looked at frame by frame. */
final class RenderTest extends AppTestCase
{
    /** A white block of 80 px that crosses a black clip of 640 × 360 from left to right in four seconds. */
    private static function crossing(): string
    {
        return self::media('crossing.mp4', '-f', 'lavfi', '-i', 'color=black:size=640x360:rate=30:duration=4', '-f', 'lavfi', '-i', 'color=white:size=80x80:rate=30:duration=4', '-filter_complex', "[0][1]overlay=x='40+120*t':y=140", '-pix_fmt', 'yuv420p', '-c:v', 'libx264', '-preset', 'ultrafast', '-crf', '10');
    }

    private function render(CutShot $shot, int $frames, string $file, Quality $quality = Quality::Draft): string
    {
        $segment = new Segment('test-'.bin2hex(random_bytes(8)), 0, $shot, $frames, (new AssWriter(new CaptionStyle, 'Any', 30))->write([], 0, 0, 1));
        $renderer = app(SegmentRenderer::class);
        app(EncoderPool::class)->run([$renderer->work($segment, $quality, $file, 1)], static fn (int $frames) => null);

        return $renderer->file($segment);
    }

    private static function shot(FootageKind $kind, int $width, int $height, FramePath $path, int $inMs = 0, ?StillMotion $motion = null, int $endMs = 2_000): CutShot
    {
        return new CutShot('f', $kind, 'print', $width, $height, 0, $endMs, $inMs, $path, $motion);
    }

    /** @return list<array{float, float}|null> middle of what is bright in every frame, as fractions; none where nothing is */
    private static function bright(string $video): array
    {
        $size = self::probe($video)['streams'][0];
        $process = (new Process(['ffmpeg', '-hide_banner', '-nostats', '-i', $video, '-vf', 'bbox=min_val=128', '-f', 'null', '-']))->mustRun();
        preg_match_all('/n:(\d+) .*?(?:x1:(\d+) x2:(\d+) y1:(\d+) y2:(\d+)|$)/m', $process->getErrorOutput(), $rows, PREG_SET_ORDER);

        return array_map(static fn (array $row): ?array => isset($row[5]) ? [((int) $row[2] + (int) $row[3]) / 2 / $size['width'], ((int) $row[4] + (int) $row[5]) / 2 / $size['height']] : null, $rows);
    }

    public function test_the_centred_window_shows_what_passes_the_middle(): void
    {
        $places = self::bright($this->render(self::shot(FootageKind::Clip, 640, 360, FramePath::centred(640, 360, 9 / 16), 1_000), 60, self::crossing()));

        self::assertCount(60, $places);
        // At 1 s and at 3 s of the clip the block stands left and right of its middle, at 2 s (frame 30) 40 px before it.
        self::assertEqualsWithDelta(0.5 + (40 + 120 * 2 + 40 - 320) / 202.5, $places[30][0] ?? -1, 0.02);
        self::assertEqualsWithDelta(0.5, $places[30][1] ?? -1, 0.02);
        self::assertGreaterThan($places[25][0], $places[35][0]);
    }

    public function test_a_window_that_follows_keeps_its_subject_in_the_middle(): void
    {
        // The block's own path, as points: its middle is at (80 + 120 t) / 640.
        $path = new FramePath([0 => new FrameWindow(0.2, 0.5, 1), 1_000 => new FrameWindow(0.3875, 0.5, 1), 2_000 => new FrameWindow(0.575, 0.5, 1)]);
        foreach (self::bright($this->render(self::shot(FootageKind::Clip, 640, 360, $path, 400), 60, self::crossing())) as $frame => $place) {
            self::assertEqualsWithDelta(0.5, $place[0] ?? -1, 0.02, "frame $frame");
        }
    }

    public function test_a_clip_shorter_than_its_shot_holds_its_last_picture(): void
    {
        $file = $this->render(self::shot(FootageKind::Clip, 640, 360, FramePath::centred(640, 360, 9 / 16), 3_500, null, 3_000), 90, self::clip());

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
        $still = self::media('block.png', '-f', 'lavfi', '-i', 'color=black:size=720x1280', '-f', 'lavfi', '-i', 'color=white:size=240x240', '-filter_complex', '[0][1]overlay=x=240:y=520', '-frames:v', '1');
        $video = $this->render(self::shot(FootageKind::Still, 720, 1280, FramePath::centred(720, 1280, 9 / 16), 0, $motion), 60, $still);
        $process = (new Process(['ffmpeg', '-hide_banner', '-nostats', '-i', $video, '-vf', 'bbox=min_val=128', '-f', 'null', '-']))->mustRun();
        preg_match_all('/x1:(\d+) x2:(\d+) y1:(\d+) y2:(\d+) w:(\d+)/', $process->getErrorOutput(), $rows, PREG_SET_ORDER);

        $widths = array_map(static fn (array $row): int => (int) $row[5], $rows);
        self::assertCount(60, $widths);
        self::assertEqualsWithDelta(1 + StillMotion::STRENGTH, max($widths) / min($widths), 0.02);
        self::assertSame($grows, $widths[59] > $widths[0]);
        foreach ($rows as $i => $row) {
            self::assertEqualsWithDelta(270, ((int) $row[1] + (int) $row[2]) / 2, 2);
            self::assertEqualsWithDelta(480, ((int) $row[3] + (int) $row[4]) / 2, 2);
            // Never back and forth: the eye sees a tremble long before it sees a step.
            self::assertTrue($i === 0 || ($grows ? $widths[$i] >= $widths[$i - 1] - 1 : $widths[$i] <= $widths[$i - 1] + 1));
        }
    }

    /** @return array<string, array{string, int, int}> */
    public static function sizes(): array
    {
        return ['wide' => ['854x480', 854, 480], 'square' => ['480x480', 480, 480], 'upright' => ['360x640', 360, 640], 'very tall' => ['200x900', 200, 900], 'odd' => ['501x333', 501, 333], 'very wide' => ['1600x200', 1600, 200]];
    }

    #[DataProvider('sizes')]
    public function test_whatever_its_shape_footage_fills_the_frame_undistorted(string $size, int $width, int $height): void
    {
        foreach ([Quality::Draft, Quality::Final] as $quality) {
            $still = $this->render(self::shot(FootageKind::Still, $width, $height, FramePath::centred($width, $height, 9 / 16), 0, StillMotion::Push, 200), 6, self::still("shape-$size.png", $size), $quality);
            $video = self::probe($still)['streams'][0];
            self::assertSame([$quality->width(), $quality->height(), 6], [$video['width'], $video['height'], (int) $video['nb_read_frames']]);
            self::assertContains($video['sample_aspect_ratio'] ?? '1:1', ['1:1', 'N/A']);
        }
    }

    public function test_footage_that_is_gone_is_told(): void
    {
        $this->expectException(MissingFootage::class);
        $segment = new Segment('test-gone', 0, self::shot(FootageKind::Clip, 640, 360, FramePath::centred(640, 360, 9 / 16)), 30, (new AssWriter(new CaptionStyle, 'Any', 30))->write([], 0, 0, 1));
        app(EncoderPool::class)->run([app(SegmentRenderer::class)->work($segment, Quality::Draft, null, 1)], static fn (int $frames) => null);
    }

    public function test_colours_keep_their_meaning(): void
    {
        // A plain red still: BT.709 limited range, Y = 63, Cb = 102, Cr = 240 (ITU-R BT.709-6, 3.4 and 3.5).
        $still = self::media('red.png', '-f', 'lavfi', '-i', 'color=0xFF0000:size=360x640,format=rgb24', '-frames:v', '1');
        $video = $this->render(self::shot(FootageKind::Still, 360, 640, FramePath::centred(360, 640, 9 / 16), 0, StillMotion::Push, 200), 6, $still);
        $raw = (new Process(['ffmpeg', '-v', 'error', '-i', $video, '-frames:v', '1', '-f', 'rawvideo', '-pix_fmt', 'yuv420p', '-']))->mustRun()->getOutput();

        self::assertEqualsWithDelta(63, ord($raw[540 * 480 + 270]), 2);
        self::assertEqualsWithDelta(102, ord($raw[540 * 960 + 135 * 480]), 2);
        self::assertEqualsWithDelta(240, ord($raw[(int) (540 * 960 * 1.25) + 135 * 480]), 2);
    }

    public function test_nothing_is_left_in_the_work_room(): void
    {
        $work = app(MediaStore::class)->path('work');
        $before = glob("$work/*") ?: [];
        $this->render(self::shot(FootageKind::Clip, 640, 360, FramePath::centred(640, 360, 9 / 16)), 10, self::clip());

        self::assertSame($before, glob("$work/*") ?: []);
    }
}
