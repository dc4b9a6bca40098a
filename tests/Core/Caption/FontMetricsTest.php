<?php

declare(strict_types=1);

namespace Tests\Core\Caption;

use PHPUnit\Framework\TestCase;
use RapidReel\Caption\AssWriter;
use RapidReel\Caption\CaptionStyle;
use RapidReel\Caption\Cue;
use RapidReel\Caption\FontMetrics;
use RapidReel\Voice\WordTiming;

final class FontMetricsTest extends TestCase
{
    public function test_a_text_is_as_wide_as_its_letters_at_the_size_of_its_lines(): void
    {
        $metrics = new FontMetrics('F', [ord('A') => 0.5, ord('W') => 1.0, ord(' ') => 0.25], 1.25);

        self::assertEqualsWithDelta(1.75 / 1.25 * 100, $metrics->width('AW ', 100), 1e-9);
        self::assertSame(0.0, $metrics->width('', 100));
        self::assertGreaterThan($metrics->width('A', 100), $metrics->width('é', 100));
    }

    public function test_a_face_says_which_letters_it_has(): void
    {
        $metrics = new FontMetrics('F', array_fill_keys(range(32, 126), 0.5), 1);

        self::assertTrue($metrics->covers("plain words,\nwith marks!"));
        self::assertTrue($metrics->covers("a\u{2060}b e\u{301}"));
        self::assertFalse($metrics->covers('灯'));
    }

    public function test_a_long_word_is_set_smaller_and_lines_are_parted(): void
    {
        $cue = new Cue(
            0,
            900,
            [new WordTiming('one', 0, 300), new WordTiming('two', 300, 600), new WordTiming('three', 600, 900)],
            [2, 1],
            0.5,
        );
        $ass = (new AssWriter(new CaptionStyle(), 'Face', 30))->write([$cue], 0, 0, 60);

        self::assertStringContainsString('\fs88}', $ass);
        self::assertMatchesRegularExpression('/ONE.*  TWO\\\\NTHREE/', $ass);
        self::assertStringContainsString('Style: Caption,Face,177,', $ass);
        self::assertStringContainsString("PlayResX: 1080\nPlayResY: 1920\n", $ass);
    }

    public function test_a_cue_must_hold_its_words(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        new Cue(100, 900, [new WordTiming('one', 0, 300)], [1], 1.0);
    }

    public function test_a_cue_survives_its_array(): void
    {
        $cue = new Cue(0, 900, [new WordTiming('one', 0, 300), new WordTiming('two', 400, 600)], [1, 1], 0.75);

        self::assertEquals($cue, Cue::fromArray($cue->toArray()));
    }
}
