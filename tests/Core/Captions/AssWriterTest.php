<?php

declare(strict_types=1);

namespace Tests\Core\Captions;

use PHPUnit\Framework\TestCase;
use RapidReel\Captions\Drawing\AssWriter;
use RapidReel\Captions\Drawing\CaptionScript;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Voice\Speech\WordTiming;
use Tests\Support\Cuts;

final class AssWriterTest extends TestCase
{
    private static function script(
        string $first = 'nine',
        string $second = 'boats',
        CaptionStyle $style = new CaptionStyle,
        int $originMs = 0,
        int $firstFrame = 0,
        int $frames = 90,
        int $told = 0,
    ): CaptionScript {
        $cues = Cuts::cues([
            new WordTiming($first, 1_000, 1_330), new WordTiming($second, 1_500, 1_960),
        ], $style, endMs: 2_000);

        return AssWriter::write($cues, 30, $originMs, $firstFrame, $frames, $told);
    }

    /** @return list<array{string, string, string}> start, end, text */
    private static function events(CaptionScript $script): array
    {
        $event = '/^Dialogue: \d,([\d:.]+),([\d:.]+),Caption,,0,0,0,,(.*)$/m';
        preg_match_all($event, $script->ass, $rows, PREG_SET_ORDER);

        return array_map(static fn (array $row): array => [$row[1], $row[2], $row[3]], $rows);
    }

    public function test_every_word_stands_in_an_event_of_its_own_and_is_marked_in_its_own_time(): void
    {
        $events = self::events(self::script());

        self::assertSame(
            [
                ['0:00:00.99', '0:00:01.33', 'NINE', true], ['0:00:01.33', '0:00:01.99', 'NINE', false],
                ['0:00:00.99', '0:00:01.49', 'BOATS', false], ['0:00:01.49', '0:00:01.96', 'BOATS', true],
                ['0:00:01.96', '0:00:01.99', 'BOATS', false],
            ],
            array_map(static fn (array $event): array => [
                $event[0], $event[1], (string) preg_replace('/\{.*?\}/', '', $event[2]),
                str_contains($event[2], '\1c&H47C2FF&'),
            ], $events),
        );
    }

    public function test_a_segment_has_its_own_clock_and_only_its_own_part(): void
    {
        $events = self::events(self::script(originMs: 1_000, firstFrame: 10, frames: 15));

        self::assertSame('0:00:00.00', $events[0][0]);
        self::assertSame(['0:00:00.00', '0:00:00.16'], [$events[1][0], $events[1][1]]);
        self::assertSame('0:00:00.49', $events[count($events) - 1][1]);
    }

    public function test_words_cannot_give_orders(): void
    {
        $ass = self::script('{\\pos(0,0)}', 'a\Nb', CaptionStyle::of(case: 'written'))->ass;

        self::assertStringContainsString("\\{\\\u{2060}pos(0,0)\\}", $ass);
        self::assertStringContainsString("a\\\u{2060}Nb", $ass);
    }

    public function test_it_tells_where_in_the_frame_it_draws_and_with_which_faces(): void
    {
        $script = self::script();
        [$top, $bottom] = $script->band ?? [0, 0];
        $middle = 0.62 * 1920;

        self::assertSame(['condensed'], $script->faces);
        self::assertLessThan($middle - 44, $top);
        self::assertGreaterThan($middle + 44, $bottom);
        self::assertLessThan(500, $bottom - $top);
        self::assertNull(AssWriter::write([], 30, 0, 0, 90)->band);
    }

    public function test_a_file_for_others_says_its_cues_in_comments_and_draws_the_same(): void
    {
        $plain = self::script();
        $told = self::script(told: 1);

        self::assertMatchesRegularExpression('/^Comment: 0,0:00:01.00,0:00:02.00,.*words,\{\\\\k/m', $told->ass);
        self::assertSame(self::events($plain), self::events($told));
    }
}
