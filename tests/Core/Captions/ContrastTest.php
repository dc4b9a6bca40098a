<?php

declare(strict_types=1);

namespace Tests\Core\Captions;

use PHPUnit\Framework\TestCase;
use RapidReel\Captions\Contrast\Backdrop;
use RapidReel\Captions\Contrast\ContrastMeter;
use RapidReel\Captions\Contrast\Mend;
use RapidReel\Captions\Contrast\MendKind;
use RapidReel\Captions\Contrast\Wcag;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Captions\Style\Styles;
use Tests\Support\Cuts;

final class ContrastTest extends TestCase
{
    /** W3C, WCAG 2.2, "relative luminance", "contrast ratio", and its technique G18. */
    public function test_luminance_and_ratio_are_those_of_the_guidelines(): void
    {
        self::assertSame(0.0, Wcag::luminance(0, 0, 0));
        self::assertEqualsWithDelta(1.0, Wcag::luminance(255, 255, 255), 1e-9);
        self::assertEqualsWithDelta(21.0, Wcag::ratio(Wcag::luminanceOf('FFFFFF'), Wcag::luminanceOf('000000')), 1e-9);
        self::assertSame(1.0, Wcag::ratio(0.3, 0.3));
        // The lightest grey that passes on white, and the next that does not: widely quoted, from memory.
        self::assertGreaterThanOrEqual(4.5, Wcag::ratio(1.0, Wcag::luminanceOf('767676')));
        self::assertLessThan(4.5, Wcag::ratio(1.0, Wcag::luminanceOf('777777')));
        foreach (['FF0000' => 0.2126, '00FF00' => 0.7152, '0000FF' => 0.0722] as $colour => $weight) {
            self::assertEqualsWithDelta($weight, Wcag::luminanceOf($colour), 1e-9);
        }
    }

    private static function behind(int ...$levels): Backdrop
    {
        $picture = '';
        foreach ($levels as $level) {
            $picture .= str_repeat(chr($level), 3);
        }

        return Backdrop::of($picture, count($levels), 1, [0.0, 0.0, 1.0, 1.0]);
    }

    private static function ratio(CaptionStyle $style, Backdrop $behind): float
    {
        return ContrastMeter::of(Cuts::cues('lamp', $style)[0], $behind);
    }

    public function test_bare_letters_are_measured_against_the_picture_and_others_against_what_is_around_them(): void
    {
        $bare = CaptionStyle::of(outline: 0, shadow: 0, spokenColour: 'FFFFFF');
        self::assertEqualsWithDelta(21.0, self::ratio($bare, self::behind(0, 0, 0)), 0.01);
        self::assertSame(1.0, self::ratio($bare, self::behind(255, 255, 255)));
        $white = self::behind(255, 255, 255);
        self::assertGreaterThan(10, self::ratio($bare->with(['outline' => 8]), $white));
        $thin = self::ratio($bare->with(['outline' => 2]), $white);
        self::assertGreaterThan(1.0, $thin);
        self::assertLessThan(self::ratio($bare->with(['outline' => 5]), $white), $thin);
        self::assertGreaterThan(10, self::ratio($bare->with(['plate' => 'words', 'plateOpacity' => 100]), $white));
        // Sparks are no ground: a tenth of a picture may be worse.
        self::assertGreaterThan(20, self::ratio($bare, self::behind(...array_fill(0, 29, 0), ...[255, 255])));
        self::assertSame(1.0, self::ratio($bare->with(['spokenColour' => '000000']), self::behind(0, 0)));
    }

    public function test_every_style_that_ships_is_clear_on_any_picture(): void
    {
        foreach (Styles::cases() as $case) {
            foreach ([[0, 0], [255, 255], [128, 128], [0, 255, 90]] as $levels) {
                $one = self::behind(...$levels);
                self::assertGreaterThanOrEqual(Wcag::LEAST, self::ratio($case->style(), $one), $case->value);
            }
        }
    }

    public function test_what_would_mend_a_faint_caption_does_mend_it(): void
    {
        $cue = Cuts::cues('lamp', CaptionStyle::of(outline: 0, shadow: 0, fill: '909090', spokenColour: '909090'))[0];
        foreach ([self::behind(150, 140, 160), self::behind(90, 80, 100, 200), self::behind(255, 250)] as $behind) {
            self::assertLessThan(Wcag::LEAST, ContrastMeter::of($cue, $behind));
            $mends = ContrastMeter::mends($cue, $behind);
            self::assertNotSame([], $mends);
            foreach ($mends as $mend) {
                self::assertEquals($mend, Mend::fromArray($mend->toArray()));
                if ($mend->kind === MendKind::Plate) {
                    $style = $cue->style->with($mend->style);
                    self::assertGreaterThanOrEqual(Wcag::LEAST, self::ratio($style, $behind));
                }
            }
        }
        self::assertSame([], ContrastMeter::mends($cue, self::behind(0, 0)));
        $kinds = array_map(
            static fn (Mend $mend): MendKind => $mend->kind,
            ContrastMeter::mends(
                Cuts::cues('lamp', CaptionStyle::of(outline: 0, shadow: 0, spokenColour: 'FFFFFF'))[0],
                self::behind(200, 210),
            ),
        );
        self::assertContains(MendKind::Dim, $kinds);
    }

    public function test_only_what_stands_behind_the_caption_counts(): void
    {
        $picture = str_repeat("\0\0\0", 50).str_repeat("\xFF\xFF\xFF", 50);
        self::assertSame([0.0, 0.0], Backdrop::of($picture, 10, 10, [0.0, 0.0, 1.0, 0.4])->spread());
        [$mean] = Backdrop::of($picture, 10, 10, [0.0, 0.6, 1.0, 1.0])->spread();
        self::assertEqualsWithDelta(1.0, $mean, 1e-9);
        $this->expectException(\InvalidArgumentException::class);
        Backdrop::of('short', 10, 10, [0.0, 0.0, 1.0, 1.0]);
    }
}
