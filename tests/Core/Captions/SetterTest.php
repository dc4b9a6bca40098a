<?php

declare(strict_types=1);

namespace Tests\Core\Captions;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\FrameShape;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Cue\Piece;
use RapidReel\Captions\Cue\Setting;
use RapidReel\Captions\Drawing\AssWriter;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Captions\Marks\CueMark;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Captions\Style\StyleFields;
use RapidReel\Captions\Style\Styles;
use Tests\Support\Cuts;
use Tests\Support\Processor;

/** Where captions stand: clear of what the outlet draws, common practice, no published source. */
final class SetterTest extends TestCase
{
    public function test_every_caption_of_every_style_stands_in_the_safe_area(): void
    {
        $said = ['a b c', 'lighthouse keeper', 'incomprehensibilities abound', str_repeat('M', 60), 'x'];
        foreach (FrameShape::cases() as $shape) {
            $safe = $shape->safeArea();
            foreach (Styles::cases() as $case) {
                foreach ([5, 62, 95] as $height) {
                    $style = $case->style()->with(['height' => $height]);
                    foreach ($said as $text) {
                        foreach (Cuts::cues($text, $style, shape: $shape) as $cue) {
                            [$left, $top, $right, $bottom] = $cue->setting->box;
                            $what = "{$case->value} at $height in {$shape->value}: $text";
                            self::assertGreaterThanOrEqual($shape->width() * $safe->right - 0.1, $left, $what);
                            self::assertLessThanOrEqual($shape->width() * (1 - $safe->right) + 0.1, $right, $what);
                            self::assertGreaterThanOrEqual($shape->height() * $safe->top - 0.1, $top, $what);
                            self::assertLessThanOrEqual($shape->height() * (1 - $safe->bottom) + 0.1, $bottom, $what);
                        }
                    }
                }
            }
        }
    }

    public function test_a_caption_keeps_its_shape_and_is_drawn_in_a_frame_of_it(): void
    {
        $cues = Cuts::cues('The lamp went out', shape: FrameShape::Wide);

        self::assertEquals($cues[0]->setting, Setting::fromArray($cues[0]->setting->toArray()));
        $script = AssWriter::write($cues, 30, 0, 0, 60);
        self::assertStringContainsString("PlayResX: 1920\nPlayResY: 1080\n", $script->ass);
        self::assertNotNull($script->band);
        self::assertLessThanOrEqual(1_080, $script->band[1]);
        $upright = Cuts::cues('The lamp went out')[0];
        self::assertArrayNotHasKey('shape', $upright->setting->toArray(), 'as it was written before');
    }

    public function test_type_shrinks_within_limits_then_words_break_then_it_is_told(): void
    {
        $one = static fn (string $text, int $least): Cue => Cuts::cues($text, CaptionStyle::of(
            words: 2, lines: 1, least: $least,
        ))[0];
        $shrunk = $one('incomprehensible', 40);
        self::assertLessThan(1.0, $shrunk->setting->scale);
        self::assertCount(1, $shrunk->setting->pieces);

        $broken = $one('incomprehensible', 90);
        self::assertGreaterThanOrEqual(0.9, $broken->setting->scale);
        self::assertGreaterThan(1, count($broken->setting->pieces));
        self::assertSame(
            'INCOMPRE-HENSIBLE',
            implode('', array_map(static fn (Piece $piece): string => $piece->text, $broken->setting->pieces)),
        );
        self::assertFalse($broken->setting->isTight);

        $tight = Cuts::cues(str_repeat('M', 160), CaptionStyle::of(size: 220, least: 100))[0];
        self::assertTrue($tight->setting->isTight);
    }

    public function test_lines_are_even_and_break_where_it_reads_well(): void
    {
        $style = CaptionStyle::of(size: 60, words: 6, letters: 40, lines: 2);
        $cue = Cuts::cues('the harbour and the lighthouse', $style)[0];

        self::assertSame([2, 3], $cue->setting->lines);
        self::assertSame("the harbour\nand the lighthouse", $cue->timed()->text);
    }

    public function test_a_caption_of_very_many_words_is_set_at_once_and_all_of_them_are_there(): void
    {
        $many = implode(' ', array_fill(0, 120, 'lamp'));
        $marks = new CaptionMarks([new CueMark(0, 120)]);
        $began = Processor::seconds();
        [$cue] = Cuts::cues($many, new CaptionStyle, $marks);
        self::assertLessThan(4, Processor::seconds() - $began);
        self::assertCount(120, $cue->setting->pieces);
        self::assertGreaterThan(3, count($cue->setting->lines));
        self::assertTrue($cue->setting->isTight);
        $counts = $cue->setting->lines;
        self::assertLessThanOrEqual(2, max($counts) - min($counts), 'lines are even');

        $letters = Cuts::cues(str_repeat('abcdefghij', 6), new CaptionStyle)[0];
        self::assertSame(str_repeat('ABCDEFGHIJ', 6), str_replace('-', '', implode('', array_map(
            static fn (Piece $piece): string => $piece->text,
            $letters->setting->pieces,
        ))));
        $crowd = Cuts::cues(implode(' ', array_fill(0, 400, 'harbour')), new CaptionStyle);
        self::assertSame(400, array_sum(array_map(static fn (Cue $one): int => count($one->words), $crowd)));
    }

    public function test_words_that_are_read_from_the_right_stand_from_the_right(): void
    {
        $style = CaptionStyle::of(size: 40, words: 6, letters: 60, lines: 1);
        $x = static fn (string $said): array => array_map(
            static fn (Piece $piece): float => $piece->box->x,
            Cuts::cues($said, $style)[0]->setting->pieces,
        );
        [$first, $second, $third] = $x('אור הים לילה');
        self::assertTrue($first > $second && $second > $third);
        [$first, $second, $third] = $x('light sea night');
        self::assertTrue($first < $second && $second < $third);
    }

    public function test_a_caption_is_read_as_its_language_is_whatever_it_begins_with(): void
    {
        $style = CaptionStyle::of(words: 4, letters: 40, lines: 1, least: 20);
        $cue = Cuts::cues('Ada Fenn وحدها 12', $style, language: 'ar')[0];
        $left = [];
        foreach ($cue->setting->pieces as $piece) {
            $left[$cue->words[$piece->word]->text] = $piece->box->x;
        }
        asort($left);

        self::assertSame(['12', 'وحدها', 'Ada', 'Fenn'], array_map(strval(...), array_keys($left)));
        // Its marks stand on the left, too: the renderer is told.
        self::assertStringContainsString("\u{202B}ADA", AssWriter::write([$cue], 30, 0, 0, 90)->ass);
        $english = Cuts::cues('Ada Fenn وحدها 12', $style)[0];
        self::assertFalse($english->setting->isLeftwards);
        self::assertSame('Ada', $english->words[$english->setting->pieces[0]->word]->text);
    }

    public function test_a_style_has_every_field_in_its_range_and_refuses_others(): void
    {
        self::assertGreaterThanOrEqual(10, count(Styles::cases()));
        foreach (Styles::cases() as $case) {
            self::assertSame(array_keys(StyleFields::ALL), array_keys($case->style()->toArray()));
            self::assertEquals($case->style(), (new CaptionStyle)->with($case->style()->toArray()));
        }
        $kept = (new CaptionStyle)->with(['size' => 9_000, 'fill' => 'red', 'lines' => '2', 'case' => 'lower']);
        self::assertEquals(CaptionStyle::of(case: 'lower'), $kept);
        $this->expectException(\InvalidArgumentException::class);
        CaptionStyle::of(size: 9_000);
    }
}
