<?php

declare(strict_types=1);

namespace Tests\Standards;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Subtitle\Ass;
use RapidReel\Base\Subtitle\TimedCue;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Plan\Choice\ShortSettings;
use RapidReel\Plan\Cut\CaptionFile;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutBuilder;
use RapidReel\Plan\Cut\Lettering;
use RapidReel\Plan\Cut\VoicedScene;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;
use Symfony\Component\Process\Process;
use Tests\Support\Burner;
use Tests\Support\Cuts;

/** Subtitle files read by programs that are not ours: a WebVTT parser, ffmpeg's SubRip reader, libass. */
final class SubtitlesTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = TEST_PLACE.'/subtitles';
        is_dir($this->folder) || mkdir($this->folder, 0777, true);
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

        return (new CutBuilder(new ShortSettings, new Lettering(Burner::faces())))->build(
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
        file_put_contents("{$this->folder}/a.vtt", CaptionFile::WebVtt->write($cut));
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
                $cue->timed()->text,
                html_entity_decode((string) preg_replace('/<[\d:.]+>/', '', $read['cues'][$i]['text'])),
            );
        }
    }

    public function test_subrip_is_read_back_by_ffmpeg_word_for_word(): void
    {
        $cut = self::hostile();
        file_put_contents("{$this->folder}/a.srt", CaptionFile::SubRip->write($cut));
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
            implode(' ', array_map(static fn (Cue $cue): string => $cue->text(), $cut->cues)),
            trim(str_replace("\u{2060}", '', $words)),
        );
    }

    /** npm: ass-compiler, which reads scripts by a grammar of its own. */
    public function test_ass_is_read_by_another_parser_and_by_ours_word_for_word(): void
    {
        $cut = self::hostile();
        file_put_contents("{$this->folder}/b.ass", CaptionFile::Ass->write($cut));
        $read = json_decode(
            $this->program(['node', __DIR__.'/scripts.mjs', "{$this->folder}/b.ass"])->getOutput(),
            true,
        );
        $said = implode('', array_map(static fn (Cue $cue): string => $cue->text(), $cut->cues));
        self::assertSame([1080, 1920], [$read['width'], $read['height']]);
        self::assertGreaterThan(count($cut->words), count($read['events']));
        foreach ($read['events'] as $event) {
            self::assertLessThan($event['end'], $event['start']);
            self::assertNotNull($event['pos']);
            // What keeps order from letters, and their direction, is not said.
            $plain = str_replace(
                ["\u{2060}", "\u{202B}", "\u{202C}", '\\{', '\\}'],
                ['', '', '', '{', '}'],
                $event['text'],
            );
            self::assertStringContainsString(mb_strtolower($plain), mb_strtolower($said));
        }
        $ours = Ass::read((string) file_get_contents("{$this->folder}/b.ass"));
        self::assertSame(
            array_map(static fn (Cue $cue): string => $cue->timed()->text, $cut->cues),
            array_map(static fn (TimedCue $cue): string => $cue->text, $ours),
        );
    }
}
