<?php

declare(strict_types=1);

namespace Tests\Core\Base\Subtitle;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Subtitle\Ass;
use RapidReel\Base\Subtitle\SubRip;
use RapidReel\Base\Subtitle\Subtitles;
use RapidReel\Base\Subtitle\TimedCue;
use RapidReel\Base\Subtitle\WebVtt;

/** One parser for each format. Out and in again nothing is lost but what the format cannot say. */
final class FormatsTest extends TestCase
{
    private const HEAD = "[Events]\nFormat: Layer, Start, End, Style, Name, MarginL, MarginR, MarginV, Effect, Text\n";

    /** @return list<TimedCue> */
    private static function cues(): array
    {
        return [
            new TimedCue(0, 1_203, "He wrote <b>x</b>\n& {\\pos(0,0)} --> a\\Nb", [
                [0, 'He wrote '], [400, "<b>x</b>\n& "], [700, '{\\pos(0,0)} --> a\\Nb'],
            ], 0.62),
            new TimedCue(1_203, 2_500, "two\nlines <3 12"),
            new TimedCue(3_599_999, 3_600_001, '7'),
            new TimedCue(3_600_001, 36_000_000, '“مصباح” – 灯台 &amp; 😀'),
        ];
    }

    /** @return array<string, array{callable(list<TimedCue>): string, int}> how it is written, its precision in ms */
    public static function formats(): array
    {
        return [
            'SubRip' => [SubRip::write(...), 1],
            'WebVTT' => [WebVtt::write(...), 1],
            'ASS' => [
                static fn (array $cues): string => self::HEAD.implode('', array_map(Ass::comment(...), $cues)), 10,
            ],
        ];
    }

    /** @param  callable(list<TimedCue>): string  $write */
    #[DataProvider('formats')]
    public function test_out_and_in_again_loses_no_text_and_no_time(callable $write, int $precision): void
    {
        foreach ([static fn (string $text): string => $text, static fn (string $text): string => "\u{FEFF}".str_replace(
            "\n", "\r\n", $text,
        )] as $carried) {
            $read = Subtitles::read($carried($write(self::cues())));
            self::assertCount(4, $read);
            foreach (self::cues() as $i => $cue) {
                self::assertSame($cue->text, $read[$i]->text);
                self::assertLessThan($precision, abs($cue->startMs - $read[$i]->startMs));
                self::assertLessThan($precision, abs($cue->endMs - $read[$i]->endMs));
            }
        }
    }

    public function test_word_times_come_back_where_the_format_has_them(): void
    {
        foreach (['WebVTT', 'ASS'] as $format) {
            [$cue] = Subtitles::read(self::formats()[$format][0](self::cues()));
            self::assertSame(
                [['He', 0], ['wrote', 114], ['<b>x</b>', 400], ['&', 666], ['{\\pos(0,0)}', 700]],
                array_slice(array_map(
                    static fn (array $word): array => [$word['text'], $word['start']],
                    $cue->words(),
                ), 0, 5),
                $format,
            );
        }
        self::assertSame(0.62, Subtitles::read(WebVtt::write(self::cues()))[0]->middle);
    }

    public function test_files_of_others_are_read(): void
    {
        $srt = "\n\n1\n00:00:01.5 --> 00:00:02,000 X1:10\n<font color=\"red\"><i>The</i> lamp</font>\n\n\n"
            ."2\n0:00:02,000 --> 0:00:03,000\n{\\an8}went\nout.\n3\n00:00:03,000 --> 00:00:04,000\nNo blank before.";
        self::assertSame(
            [[1_500, 2_000, 'The lamp'], [2_000, 3_000, "went\nout."], [3_000, 4_000, 'No blank before.']],
            array_map(static fn (TimedCue $cue): array => [$cue->startMs, $cue->endMs, $cue->text], SubRip::read($srt)),
        );
        $vtt = "WEBVTT - a title\nKind: captions\n\nNOTE no\n00:01.000 --> 00:02.000\n\nSTYLE\n::cue { color: red }\n\n"
            ."intro\n00:01.000 --> 00:02.500 align:start line:10%\n<v Orla><c.loud>The &lt;lamp&gt;</c>\n\n"
            ."01:00:00.000 --> 01:00:01.000\nlate";
        self::assertSame(
            [[1_000, 2_500, 'The <lamp>'], [3_600_000, 3_601_000, 'late']],
            array_map(static fn (TimedCue $cue): array => [$cue->startMs, $cue->endMs, $cue->text], WebVtt::read($vtt)),
        );
        $ass = "[Script Info]\nTitle: x\n".self::HEAD
            ."Dialogue: 0,0:00:01.00,0:00:02.00,Default,,0,0,0,,{\\1c&HFF&}The{\\r} lamp, lit\n"
            ."Dialogue: 0,0:00:02.00,0:00:03.00,Default,,0,0,0,,The {\\b1}lamp, lit\n"
            ."Dialogue: 0,0:00:03.50,0:00:04.00,Default,,0,0,0,,{\\p1}m 0 0 l 10 10{\\p0}out\\Nnow\n"
            ."Dialogue: 0,0:00:05.00,0:00:06.00,Default,,0,0,0,,{\\kf50}two{\\k50} words\nDialogue: broken\n";
        $read = Ass::read($ass);
        self::assertSame(
            [[1_000, 3_000, 'The lamp, lit'], [3_500, 4_000, "out\nnow"], [5_000, 6_000, 'two words']],
            array_map(static fn (TimedCue $cue): array => [$cue->startMs, $cue->endMs, $cue->text], $read),
        );
        self::assertSame([5_000, 5_500], array_column($read[2]->words(), 'start'));
    }

    public function test_what_is_no_subtitle_file_holds_none_and_errors_are_seen(): void
    {
        foreach (['', 'Once upon a time.', "WEBVTT\n\nNOTE nothing", "[Events]\nFormat: Start\nDialogue: x"] as $text) {
            self::assertSame([], Subtitles::read($text));
        }
        self::assertTrue(SubRip::read("1\n00:00:05,000 --> 00:00:02,000\nback")[0]->isBackwards());
    }

    public function test_ten_thousand_cues_are_read(): void
    {
        $cues = array_map(
            static fn (int $i): TimedCue => new TimedCue(1_000 * $i, 1_000 * $i + 900, "cue $i"),
            range(0, 9_999),
        );

        self::assertEquals($cues, SubRip::read(SubRip::write($cues)));
    }
}
