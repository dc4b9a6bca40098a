<?php

declare(strict_types=1);

namespace Tests\Core\Caption;

use PHPUnit\Framework\TestCase;
use RapidReel\Caption\AssWriter;
use RapidReel\Caption\CaptionStyle;
use RapidReel\Caption\Cue;
use RapidReel\Caption\SubRip;
use RapidReel\Caption\WebVtt;
use RapidReel\Voice\WordTiming;

final class WritersTest extends TestCase
{
    private static function cue(string $first = 'nine', string $second = 'boats'): Cue
    {
        return new Cue(
            1_000,
            2_000,
            [new WordTiming($first, 1_000, 1_330), new WordTiming($second, 1_500, 1_960)],
            [2],
            1.0,
        );
    }

    /** @return list<array{string, string, string}> start, end, text */
    private static function events(string $ass): array
    {
        preg_match_all('/^Dialogue: 0,([\d:.]+),([\d:.]+),Caption,,0,0,0,,(.*)$/m', $ass, $rows, PREG_SET_ORDER);

        return array_map(static fn (array $row): array => [$row[1], $row[2], $row[3]], $rows);
    }

    public function test_every_word_is_marked_in_its_own_time_and_none_in_a_pause(): void
    {
        $events = self::events((new AssWriter(new CaptionStyle, 'Face', 30))->write([self::cue()], 0, 0, 90));

        self::assertSame(
            [
                ['0:00:01.00', '0:00:01.33'],
                ['0:00:01.33', '0:00:01.50'],
                ['0:00:01.50', '0:00:01.96'],
                ['0:00:01.96', '0:00:02.00'],
            ],
            array_map(static fn (array $event): array => [$event[0], $event[1]], $events),
        );
        self::assertStringContainsString('{\1c&H0047C2FF}NINE{\1c&H00FFFFFF}  BOATS', $events[0][2]);
        self::assertStringEndsWith('}NINE  BOATS', $events[1][2]);
        self::assertStringContainsString('NINE  {\1c&H0047C2FF}BOATS', $events[2][2]);
    }

    public function test_a_segment_has_its_own_clock_and_only_its_own_part(): void
    {
        $events = self::events((new AssWriter(new CaptionStyle, 'Face', 30))->write([self::cue()], 1_000, 10, 20));

        self::assertSame('0:00:00.00', $events[0][0]);
        self::assertSame('0:00:00.16', $events[1][0]);
        self::assertSame('0:00:00.66', $events[count($events) - 1][1]);
    }

    public function test_words_cannot_give_orders(): void
    {
        $ass = (new AssWriter(new CaptionStyle(upperCase: false), 'Face', 30))->write(
            [self::cue('{\\pos(0,0)}', 'a\Nb')],
            0,
            0,
            90,
        );

        self::assertStringContainsString("\\{\\\u{2060}pos(0,0)\\}", $ass);
        self::assertStringContainsString("a\\\u{2060}Nb", $ass);
    }

    public function test_a_word_too_short_for_a_frame_still_gets_one(): void
    {
        $cue = new Cue(0, 400, [new WordTiming('a', 0, 4), new WordTiming('b', 4, 400)], [2], 1.0);
        $events = self::events((new AssWriter(new CaptionStyle, 'Face', 30))->write([$cue], 0, 0, 30));

        self::assertSame(['0:00:00.00', '0:00:00.03'], [$events[0][0], $events[0][1]]);
    }

    public function test_subtitle_files_hold_plain_words(): void
    {
        $cues = [self::cue('<script>', 'x-->y'), self::cue('Tom & {\an8}', '“nine”')];

        self::assertStringContainsString(
            "1\n00:00:01,000 --> 00:00:02,000\n<\u{2060}script> x→y\n",
            SubRip::write($cues),
        );
        self::assertStringContainsString(
            "00:00:01.000 --> 00:00:02.000\n&lt;script&gt; <00:00:01.500>x--&gt;y\n",
            WebVtt::write($cues),
        );
        self::assertStringContainsString('Tom &amp; {\an8}', WebVtt::write($cues));
    }
}
