<?php

declare(strict_types=1);

namespace Tests\Core\Brief;

use PHPUnit\Framework\TestCase;
use RapidReel\Brief\Brief;
use RapidReel\Brief\BriefList;
use RapidReel\Brief\BriefWriter;
use RapidReel\Brief\ShotWords;
use RapidReel\Brief\Subject;

final class BriefTest extends TestCase
{
    /** @return list<Brief> */
    private static function briefs(): array
    {
        return (new BriefWriter('lighthouse', 'ink and lamplight.', ['Josse Arden']))->write([
            new ShotWords(0, 0, 'And the old lighthouse on the cliff,', '', 0, 1_500),
            new ShotWords(0, 1, 'it was a mystery.', '', 1_500, 3_000),
            new ShotWords(1, 0, '“Josse Arden climbed the stairs', '', 3_000, 5_000),
            new ShotWords(2, 0, 'Nobody came.', 'slow push on the empty pier', 5_000, 6_000),
        ]);
    }

    public function test_a_brief_shows_the_words_said_with_the_subject_where_vague_and_the_style_at_its_end(): void
    {
        self::assertSame([
            'the old lighthouse on the cliff, ink and lamplight',
            'it was a mystery, lighthouse, ink and lamplight',
            'Josse Arden climbed the stairs, ink and lamplight',
            'slow push on the empty pier, ink and lamplight',
        ], array_map(static fn (Brief $brief): string => $brief->text, self::briefs()));
    }

    public function test_words_that_the_channel_forbids_are_flagged(): void
    {
        self::assertSame(
            [[], [], ['Josse Arden'], []],
            array_map(static fn (Brief $brief): array => $brief->forbidden, self::briefs()),
        );
    }

    public function test_they_go_out_one_a_line_with_none_missing(): void
    {
        self::assertSame(4, substr_count(BriefList::plain(self::briefs()), "\n"));
        $lines = explode("\r\n", trim(BriefList::csv(self::briefs())));
        self::assertCount(5, $lines);
        self::assertStringStartsWith('01,1,1,0,1.5,', $lines[1]);
        self::assertStringStartsWith('04,3,1,5,6,', $lines[4]);
    }

    public function test_the_subject_is_what_title_and_text_have_most_in_common(): void
    {
        self::assertSame(
            'bell',
            Subject::of('The bell under the bay', 'The bell fell into the water. Fishermen heard the bell ring.'),
        );
        self::assertSame('', Subject::of('Why?', 'It was.'));
    }
}
