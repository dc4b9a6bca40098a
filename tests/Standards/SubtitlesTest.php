<?php

declare(strict_types=1);

namespace Tests\Standards;

use App\Media\CaptionFace;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\TargetProfile;
use RapidReel\Caption\AssWriter;
use RapidReel\Caption\Cue;
use RapidReel\Caption\SubRip;
use RapidReel\Caption\WebVtt;
use RapidReel\Cut\Cut;
use RapidReel\Cut\CutBuilder;
use RapidReel\Cut\VoicedScene;
use RapidReel\Script\Scene;
use RapidReel\Script\SceneRole;
use Symfony\Component\Process\Process;
use Tests\Support\Cuts;

/** Subtitle files read by programs that are not ours: a WebVTT parser, ffmpeg's SubRip reader, libass. */
final class SubtitlesTest extends TestCase
{
    private const FAMILY = 'Sofia Sans Extra Condensed Black';

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = dirname(__DIR__, 2).'/var/test/subtitles';
        is_dir($this->folder) || mkdir($this->folder, 0777, true);
    }

    private static function face(): CaptionFace
    {
        return new CaptionFace(
            dirname(__DIR__, 2).'/resources/fonts/SofiaSansExtraCondensed_900Black.ttf',
            self::FAMILY,
        );
    }

    private static function cut(string ...$texts): Cut
    {
        $voiced = array_map(
            static fn (string $text): VoicedScene => new VoicedScene(
                new Scene(SceneRole::Beat, $text),
                Cuts::take($text, 293),
            ),
            array_values($texts),
        );

        return (new CutBuilder(TargetProfile::UpTo60, self::face()->metrics()))->build(
            'x',
            $voiced === [] ? throw new \LogicException() : $voiced,
            Cuts::library(),
            null,
        );
    }

    private static function hostile(): Cut
    {
        return self::cut(
            'For eleven years, one lighthouse guided no ships.',
            'He wrote <script>x</script> & {\pos(0,0)} --> a\Nb “twice”, مصباح!',
            'Nine boats came home.',
        );
    }

    /** @param  list<string>  $command */
    private function program(array $command): Process
    {
        return (new Process(
            $command,
            $this->folder,
            ['FONTCONFIG_FILE' => dirname(__DIR__, 2).'/resources/fonts/fonts.conf'],
            timeout: 120,
        ))->mustRun();
    }

    public function test_webvtt_is_valid_and_says_what_the_cues_say(): void
    {
        // The parser behind the W3C's WebVTT validator (npm: webvtt-parser).
        $cut = self::hostile();
        file_put_contents("{$this->folder}/a.vtt", WebVtt::write($cut->cues));
        $read = json_decode(
            $this->program(['node', __DIR__.'/subtitles.mjs', "{$this->folder}/a.vtt"])->getOutput(),
            true,
        );

        self::assertSame([[], []], [$read['errors'], $read['markup']]);
        self::assertCount(count($cut->cues), $read['cues']);
        foreach ($cut->cues as $i => $cue) {
            self::assertEqualsWithDelta($cue->startMs / 1000, $read['cues'][$i]['start'], 0.0005);
            self::assertEqualsWithDelta($cue->endMs / 1000, $read['cues'][$i]['end'], 0.0005);
            self::assertSame(
                $cue->text(),
                html_entity_decode((string) preg_replace('/<[\d:.]+>/', '', $read['cues'][$i]['text'])),
            );
        }
    }

    public function test_subrip_is_read_back_by_ffmpeg_word_for_word(): void
    {
        $cut = self::hostile();
        file_put_contents("{$this->folder}/a.srt", SubRip::write($cut->cues));
        $read = $this->program([
            'ffprobe', '-v', 'error', '-show_entries', 'packet=pts_time,duration_time', '-of', 'csv=p=0', 'a.srt',
        ])->getOutput();
        $rows = array_map(
            static fn (string $row): array => array_map(floatval(...), explode(',', $row)),
            explode("\n", trim($read)),
        );
        self::assertEquals(
            array_map(
                static fn (Cue $cue): array => [$cue->startMs / 1000, ($cue->endMs - $cue->startMs) / 1000],
                $cut->cues,
            ),
            array_map(static fn (array $row): array => [round($row[0], 3), round($row[1], 3)], $rows),
        );

        // Through ffmpeg's decoder to plain text: tags would be gone and orders obeyed.
        $plain = $this->program(['ffmpeg', '-v', 'error', '-i', 'a.srt', '-f', 'webvtt', '-'])->getOutput();
        $words = (string) preg_replace(
            '/\s+/',
            ' ',
            html_entity_decode((string) preg_replace('/^WEBVTT|^[\d:.]+ --> .*$/m', '', $plain)),
        );
        self::assertSame(
            implode(' ', array_map(static fn (Cue $cue): string => str_replace('-->', '→', $cue->text()), $cut->cues)),
            trim(str_replace("\u{2060}", '', $words)),
        );
    }

    public function test_libass_marks_every_word_within_one_frame_of_its_time(): void
    {
        $cut = self::cut('For eleven years, one lighthouse guided no ships.', 'Nine boats came home.');
        $changes = $this->changes($cut);
        foreach ($cut->words as $word) {
            $nearest = min(
                array_map(
                    static fn (int $frame): float => abs(($frame * 1000) / 30 - $word->timing->startMs),
                    $changes,
                ),
            );
            self::assertLessThanOrEqual(1000 / 30, $nearest, $word->timing->text);
        }
    }

    public function test_libass_keeps_every_caption_inside_the_safe_area_whatever_it_says(): void
    {
        $area = TargetProfile::UpTo60->safeArea();
        $cut = self::cut(
            'For eleven years, one lighthouse guided no ships.',
            '{\pos(0,0)}{\an7} a\Nb {\fs400} WWWWWWWWWWWWWWWWWWWWWWWW incomprehensibilities',
            'Donaudampfschifffahrtsgesellschaftskapitän مصباح',
        );
        self::assertGreaterThan(10, count($boxes = $this->boxes($cut)));
        foreach ($boxes as [$left, $right, $top, $bottom]) {
            self::assertGreaterThanOrEqual($area->left * 1080, $left);
            self::assertLessThanOrEqual((1 - $area->right) * 1080, $right);
            self::assertGreaterThanOrEqual($area->top * 1920, $top);
            self::assertLessThanOrEqual((1 - $area->bottom) * 1920, $bottom);
        }
    }

    public function test_libass_sets_words_as_wide_as_the_face_was_measured(): void
    {
        foreach (['LIGHTHOUSE', 'ILLICIT', 'WAVE MAW', 'ÉCLAIR Ω'] as $text) {
            $cut = self::cut($text);
            [$left, $right] = $this->boxes($cut)[0];
            $expected =
                self::face()
                    ->metrics()
                    ->width($text, $cut->style->size * 1920 * $cut->cues[0]->scale) +
                2 * $cut->style->outline * 1920;
            self::assertEqualsWithDelta($expected, $right - $left, 0.06 * $expected + 12, $text);
        }
    }

    /** @return list<int> frames where what libass draws is not what it drew before */
    private function changes(Cut $cut): array
    {
        $md5 = $this->burn($cut, 'format=gray', ['-f', 'framemd5', '-']);
        preg_match_all('/^0,\s*\d+,\s*(\d+),.*,\s*([0-9a-f]{32})$/m', $md5->getOutput(), $rows, PREG_SET_ORDER);
        $changes = [];
        foreach ($rows as $i => [, $frame, $hash]) {
            if ($i === 0 || $rows[$i - 1][2] !== $hash) {
                $changes[] = (int) $frame;
            }
        }

        return $changes;
    }

    /**
     * @return list<array{int, int, int, int}> left, right, top and bottom of what stands on every frame with a caption
     */
    private function boxes(Cut $cut): array
    {
        $printed = $this->burn($cut, 'bbox=min_val=60', ['-f', 'null', '-'])->getErrorOutput();
        preg_match_all('/x1:(\d+) x2:(\d+) y1:(\d+) y2:(\d+)/', $printed, $rows, PREG_SET_ORDER);

        return array_map(
            static fn (array $row): array => [(int) $row[1], (int) $row[2], (int) $row[3], (int) $row[4]],
            $rows,
        );
    }

    /** @param  list<string>  $output */
    private function burn(Cut $cut, string $filter, array $output): Process
    {
        $style = $cut->style;
        file_put_contents(
            "{$this->folder}/a.ass",
            (new AssWriter($style, self::FAMILY, 30))->write($cut->cues, 0, 0, $cut->frames()),
        );
        $seconds = $cut->durationMs / 1000;

        return $this->program([
            'ffmpeg', '-hide_banner', '-nostats', '-f', 'lavfi', '-i',
            "color=black:size=1080x1920:rate=30:duration=$seconds", '-vf', "ass=a.ass,$filter", ...$output,
        ]);
    }
}
