<?php

declare(strict_types=1);

namespace Tests\Standards;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The drawn clips against the truth written beside them: what moves in the picture is where the file says. */
final class DemoFootageTest extends TestCase
{
    private static function folder(): string
    {
        return dirname(__DIR__, 2).'/demo/drawn';
    }

    /**
     * @return array<string, array{string, int, int}> clips without waves before their subject, and two frames far apart
     */
    public static function clips(): array
    {
        return [
            'dog' => ['dog-on-the-pier', 10, 120],
            'lantern' => ['lantern-on-the-cliff-path', 10, 150],
            'child' => ['child-with-a-kite', 5, 130],
            'gull' => ['gull-over-the-cliff', 5, 120],
            'master' => ['harbour-master-on-the-quay', 8, 140],
        ];
    }

    #[DataProvider('clips')]
    public function test_what_differs_between_two_moments_is_the_subject_at_both_its_places(
        string $name,
        int $first,
        int $second,
    ): void {
        $truth = json_decode((string) file_get_contents(self::folder()."/$name.json"), true)['frames'];
        // One picture less the other leaves the subject twice; the bright and the dark of it count alike.
        $process = (new Process([
            'ffmpeg', '-hide_banner', '-nostats', '-i',
            self::folder()."/$name.mp4",
            '-vf', "select='eq(n,$first)+eq(n,$second)',format=gray,tblend=all_mode=difference,bbox=min_val=24",
            '-vsync', '0', '-f', 'null', '-',
        ]))->mustRun();
        self::assertSame(1, preg_match('/x1:(\d+) x2:(\d+) y1:(\d+) y2:(\d+)/', $process->getErrorOutput(), $box));

        foreach ([0 => 'min', 1 => 'max'] as $end => $which) {
            $edge = $which(
                array_map(static fn (array $place): float => $place['x'] + (($end === 0 ? -1 : 1) * $place['w']) / 2, [
                    $truth[$first],
                    $truth[$second],
                ]),
            );
            // A lantern's glow reaches further than its bearer.
            self::assertEqualsWithDelta(
                $edge,
                (int) $box[1 + $end] / 1920,
                str_contains($name, 'lantern') ? 0.1 : 0.04,
                "$name, $which of x",
            );
        }
    }

    public function test_every_clip_has_as_many_frames_as_its_truth_and_is_tagged_as_the_trade_wants(): void
    {
        $clips = glob(self::folder().'/*.mp4') ?: [];
        self::assertGreaterThanOrEqual(16, count($clips));
        foreach ($clips as $clip) {
            $truth = json_decode((string) file_get_contents((string) preg_replace('/mp4$/', 'json', $clip)), true);
            $found = json_decode(
                (new Process([
                    'ffprobe', '-v', 'error', '-count_packets', '-select_streams', 'v', '-show_streams', '-of', 'json',
                    $clip,
                ]))
                    ->mustRun()
                    ->getOutput(),
                true,
            )['streams'][0];
            self::assertSame(
                [1920, 1080, '30/1', 'bt709', count($truth['frames'])],
                [
                    $found['width'],
                    $found['height'],
                    $found['r_frame_rate'],
                    $found['color_space'],
                    (int) $found['nb_read_packets'],
                ],
                $clip,
            );
        }
    }

    public function test_music_lasts_a_minute_and_neither_clips_nor_is_silent(): void
    {
        $pieces = glob(self::folder().'/*.flac') ?: [];
        self::assertGreaterThanOrEqual(4, count($pieces));
        foreach ($pieces as $piece) {
            $said = (new Process([
                'ffmpeg', '-hide_banner', '-nostats', '-i', $piece, '-af', 'volumedetect', '-f', 'null', '-',
            ]))
                ->mustRun()
                ->getErrorOutput();
            preg_match('/Duration: 00:01:00/', $said) === 1 || self::fail("$piece does not last a minute");
            preg_match('/mean_volume: (-?[\d.]+)/', $said, $mean);
            preg_match('/max_volume: (-?[\d.]+)/', $said, $max);
            self::assertGreaterThan(-35, (float) $mean[1]);
            self::assertLessThan(-0.5, (float) $max[1]);
        }
    }
}
