<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Exporting\Exporter;
use App\Desks\Exporting\OutFolder;
use App\Makers\Planning\ShortPlanner;
use App\Media\Process\Unwatched;
use App\Shelves\Levels\Registrar;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Library\LibraryShelf;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Short;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\SegmentPlanner;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutJson;
use RapidReel\Plan\Cut\CutScene;
use RapidReel\Plan\Cut\CutSummary;
use Symfony\Component\Process\Process;

/** What stands before shorts and after them, and the line that shows how far a short has gone. */
final class EdgeTest extends AppTestCase
{
    private function plan(int $id): Cut
    {
        return app(ShortPlanner::class)->plan(
            Short::query()->findOrFail($id), app(LibraryShelf::class)->of($this->channel()), new Unwatched,
        );
    }

    private function brought(string $name, string $tag, string ...$made): Footage
    {
        $file = self::media($name, ...$made);
        $footage = app(FootageImporter::class)->footage($this->channel(), $file, $name, [$tag]);
        app(Registrar::class)->forget();

        return $footage;
    }

    /** @return list<array{int, int, int}> red, green and blue of points of a frame */
    private static function points(string $video, int $frame, string ...$crops): array
    {
        $found = [];
        foreach ($crops as $crop) {
            $rgb = (new Process([
                'ffmpeg', '-v', 'error', '-i', $video, '-vf', "select=eq(n\\,$frame),crop=$crop,scale=1:1", '-frames:v',
                '1', '-pix_fmt', 'rgb24', '-f', 'rawvideo', '-',
            ]))->mustRun()->getOutput();
            $found[] = [ord($rgb[0]), ord($rgb[1]), ord($rgb[2])];
        }

        return $found;
    }

    public function test_an_opening_and_an_ending_are_seen_heard_counted_and_move_the_captions(): void
    {
        $this->actingAs($this->user());
        $this->library();
        $opening = $this->brought(
            'opening.mp4', 'opening', '-f', 'lavfi', '-i', 'color=c=red:s=360x640:r=30:d=3', '-f', 'lavfi', '-i',
            'sine=frequency=700:duration=3', '-shortest', '-pix_fmt', 'yuv420p',
        );
        $ending = $this->brought(
            'ending.png', 'ending', '-f', 'lavfi', '-i', 'color=c=blue:s=360x640', '-frames:v', '1',
        );
        $short = $this->made("# Lamp\nThe lamp burned all night. Nobody saw the boat.", ['music' => 'none'])->shorts[0];
        $plain = $this->plan($short->id);
        // Neither is found for words.
        $shown = array_merge(...array_map(
            static fn (CutScene $scene): array => $scene->footage(),
            $plain->scenes,
        ));
        self::assertSame([], array_intersect($shown, [(string) $opening->id, (string) $ending->id]));

        foreach ([
            'opening' => $opening->id, 'opening_ms' => 1_000, 'ending' => $ending->id, 'ending_ms' => 500,
        ] as $key => $value) {
            $this->setting('short', $short->id, $key, (string) $value)->assertOk();
        }
        // What is chosen for that is not taken away.
        $this->postJson(route('footage.act'), ['do' => 'delete', 'ids' => [$opening->id]])->assertUnprocessable();
        $cut = $this->plan($short->id);
        self::assertSame($plain->durationMs + 1_500, $cut->wholeMs());
        self::assertSame($plain->durationMs, $cut->durationMs);
        $summary = CutSummary::fromJson(CutSummary::of($cut, '', '')->toJson());
        self::assertSame([$cut->wholeMs(), 1_000 + $cut->found->hookMs], [$summary->wholeMs(), $summary->hookOutMs()]);
        // No other part is rendered anew.
        $keys = fn (Cut $of): array => array_column(app(SegmentPlanner::class)->plan($of, Quality::Draft), 'key');
        self::assertSame($keys($plain), array_slice($keys($cut), 1, -1));

        $folder = $this->exported($cut);
        $video = "$folder/lamp.mp4";
        $frames = $cut->wholeFrames();
        $probed = (new Process([
            'ffprobe', '-v', 'error', '-count_frames', '-select_streams', 'v', '-show_entries',
            'stream=nb_read_frames:format=duration', '-of', 'csv=p=0', $video,
        ]))->mustRun()->getOutput();
        self::assertSame($frames, (int) $probed);
        [$first] = self::points($video, 0, '40:40:100:200');
        self::assertGreaterThan(200, $first[0]);
        [$still] = self::points($video, 29, '40:40:100:200');
        self::assertGreaterThan(200, $still[0]);
        [$after] = self::points($video, 30, '40:40:100:200');
        self::assertFalse($after[0] > 200 && $after[1] < 60);
        [$last] = self::points($video, $frames - 1, '40:40:100:200');
        self::assertGreaterThan(200, $last[2]);
        // The opening sounds as loud as the rest; a card has no sound.
        $loud = static function (float $from, float $long) use ($video): float {
            $said = (new Process([
                'ffmpeg', '-nostats', '-ss', (string) $from, '-t', (string) $long, '-i', $video, '-af', 'volumedetect',
                '-f', 'null', '-',
            ]))->mustRun()->getErrorOutput();
            preg_match('/mean_volume: (-?[\d.]+) dB/', $said, $found);

            return (float) ($found[1] ?? -99.0);
        };
        self::assertEqualsWithDelta(-14.0, $loud(0.2, 0.6), 4.0);
        self::assertLessThan(-60.0, $loud($frames / 30 - 0.35, 0.3));
        // Captions come a second later, and the plan says so; read again it is the same.
        preg_match('/(\d+):(\d+):(\d+),(\d+) -->/', (string) file_get_contents("$folder/lamp.srt"), $at);
        $ms = 60_000 * (int) ($at[2] ?? 0) + 1_000 * (int) ($at[3] ?? 0) + (int) ($at[4] ?? 0);
        self::assertEqualsWithDelta($cut->cues[0]->startMs + 1_000, $ms, 1);
        $json = (string) file_get_contents("$folder/lamp.json");
        self::assertSame($cut->words[0]->timing->startMs + 1_000, json_decode($json, true)['words'][0]['start_ms']);
        self::assertSame($cut->hash(), CutJson::decode($json)->hash());
    }

    public function test_a_line_of_progress_grows_over_the_whole_and_is_in_no_part(): void
    {
        $this->actingAs($this->user());
        $this->library();
        $short = $this->made("# Lamp\nThe lamp burned all night. Nobody saw the boat.", ['music' => 'none'])->shorts[0];
        $plain = $this->plan($short->id);
        $this->setting('short', $short->id, 'progress', 'bottom')->assertOk();
        $this->setting('short', $short->id, 'progress_colour', 'FF8800')->assertOk();
        $cut = $this->plan($short->id);
        $planner = app(SegmentPlanner::class);
        self::assertSame(
            array_column($planner->plan($plain, Quality::Draft), 'key'),
            array_column($planner->plan($cut, Quality::Draft), 'key'),
        );
        // What was exported before is old all the same.
        self::assertNotSame($planner->pixels($plain), $planner->pixels($cut));
        $video = $this->exported($cut).'/lamp.mp4';
        [$width, $height] = [Quality::Draft->width(), Quality::Draft->height()];
        $isLine = static fn (array $rgb): bool => $rgb[0] > 190 && abs($rgb[1] - 136) < 45 && $rgb[2] < 70;
        foreach ([0.25, 0.5, 0.9] as $part) {
            $frame = (int) ($part * $cut->frames());
            $y = $height - 2;
            $left = (int) ($part * $width) - 14;
            $right = (int) ($part * $width) + 14;
            [$before, $after] = self::points($video, $frame, "2:2:$left:$y", "2:2:$right:$y");
            self::assertTrue($isLine($before), "before $part: ".implode(' ', $before));
            self::assertFalse($isLine($after), "after $part: ".implode(' ', $after));
        }
    }

    /** @return string the folder with all files */
    private function exported(Cut $cut): string
    {
        $folder = sys_get_temp_dir().'/reel-edges-'.bin2hex(random_bytes(4));
        mkdir($folder);
        app(Exporter::class)->export(
            $cut, app(LibraryShelf::class)->of($this->channel()), Quality::Draft, 'lamp', new Unwatched,
            static fn (string $from) => OutFolder::fill($folder, $from),
        );

        return $folder;
    }
}
