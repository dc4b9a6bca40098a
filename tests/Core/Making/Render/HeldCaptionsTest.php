<?php

declare(strict_types=1);

namespace Tests\Core\Making\Render;

use PHPUnit\Framework\TestCase;
use RapidReel\Captions\Drawing\AssWriter;
use RapidReel\Captions\Drawing\CaptionScript;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Making\Render\Filter\HeldCaptions;
use RapidReel\Voice\Speech\WordTiming;
use Tests\Support\Cuts;

/** When captions change, and where in the frame they stand. */
final class HeldCaptionsTest extends TestCase
{
    private const FPS = 30;

    /** @param  array<string, array{int, int}>  $words  each with its times in ms */
    private static function script(
        array $words,
        int $frames,
        CaptionStyle $style = new CaptionStyle,
    ): CaptionScript {
        $timings = [];
        foreach ($words as $text => [$from, $until]) {
            $timings[] = new WordTiming($text, $from, $until);
        }

        return AssWriter::write(Cuts::cues($timings, $style), self::FPS, 0, 0, $frames);
    }

    public function test_they_change_at_the_frames_at_which_words_begin_and_end(): void
    {
        $held = HeldCaptions::of(self::script(['one' => [200, 500], 'lamp' => [600, 1_000]], 60), 60, self::FPS, 1920);

        self::assertSame([0, 6, 15, 18, 30], $held?->changes);
    }

    public function test_the_band_holds_all_lines_and_stays_in_the_frame_at_any_size(): void
    {
        $script = self::script(['one' => [0, 500], 'lamp' => [500, 1_000]], 60);
        foreach ([1920, 960] as $height) {
            $held = HeldCaptions::of($script, 60, self::FPS, $height);
            self::assertNotNull($held);
            self::assertSame([0, 0], [$held->top % 2, $held->height % 2]);
            self::assertLessThan((0.62 - 0.03) * $height, $held->top);
            self::assertGreaterThan((0.62 + 0.03) * $height, $held->top + $held->height);
            self::assertLessThanOrEqual($height, $held->top + $held->height);
            // Nothing stands above the band or below it.
            preg_match_all('/\\\\pos\([\d.]+,([\d.-]+)\)/', $held->script, $places);
            self::assertGreaterThan(0, min($places[1]));
            self::assertLessThan($held->height * 1920 / $height, max($places[1]));
        }
    }

    public function test_what_changes_in_most_frames_or_is_not_there_has_no_band(): void
    {
        $typed = CaptionStyle::of(appear: 'typed');
        $script = self::script(['extraordinary' => [0, 500]], 15, $typed);
        self::assertNull(HeldCaptions::of($script, 15, self::FPS, 1920));
        self::assertNull(HeldCaptions::of(CaptionScript::none(), 60, self::FPS, 1920));
        $later = self::script(['one' => [5_000, 6_000]], 60);
        self::assertNull(HeldCaptions::of($later, 60, self::FPS, 1920), 'no words');
    }

    public function test_words_that_look_like_orders_are_words(): void
    {
        $script = self::script(['{\fad(1,1)}' => [0, 500], 'a,b\N' => [500, 900]], 60);
        $held = HeldCaptions::of($script, 60, self::FPS, 1920);

        self::assertSame([0, 15, 27], $held?->changes);
    }
}
