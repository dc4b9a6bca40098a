<?php

declare(strict_types=1);

namespace Tests\Core\Render;

use PHPUnit\Framework\TestCase;
use RapidReel\Caption\AssWriter;
use RapidReel\Caption\CaptionStyle;
use RapidReel\Caption\Cue;
use RapidReel\Render\HeldCaptions;
use RapidReel\Voice\WordTiming;

/** When captions change, and where in the frame they stand. */
final class HeldCaptionsTest extends TestCase
{
    private const FPS = 30;

    /** @param  array<string, array{int, int}>  $words  each with its times in ms */
    private static function script(array $words, int $frames): string
    {
        $timings = [];
        foreach ($words as $text => [$from, $until]) {
            $timings[] = new WordTiming($text, $from, $until);
        }
        $cue = new Cue($timings[0]->startMs, end($timings)->endMs, $timings, [count($timings)], 1.0);

        return (new AssWriter(new CaptionStyle, 'Any', self::FPS))->write([$cue], 0, 0, $frames);
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
            $style = new CaptionStyle;
            self::assertNotNull($held);
            self::assertSame([0, 0], [$held->top % 2, $held->height % 2]);
            self::assertLessThan(($style->middle - $style->size / 2) * $height, $held->top);
            self::assertGreaterThan(($style->middle + $style->size / 2) * $height, $held->top + $held->height);
            self::assertLessThanOrEqual($height, $held->top + $held->height);
        }
    }

    public function test_what_moves_or_cannot_be_read_is_drawn_into_every_frame(): void
    {
        $script = self::script(['one' => [0, 500]], 60);
        foreach (['{\fad(100,100)}', '{\t(0,100,\fscx120)}', '{\move(0,0,9,9)}', '{\k20}', '{\pos(1,1)}'] as $order) {
            self::assertNull(HeldCaptions::of(str_replace('}', '}'.$order, $script), 60, self::FPS, 1920), $order);
        }
        self::assertNull(HeldCaptions::of('', 60, self::FPS, 1920));
        $silent = self::script(['one' => [5_000, 6_000]], 60);
        self::assertNull(HeldCaptions::of($silent, 60, self::FPS, 1920), 'no words');
    }

    public function test_words_that_look_like_orders_are_words(): void
    {
        $script = self::script(['{\fad(1,1)}' => [0, 500], 'a,b\N' => [500, 900]], 60);
        $held = HeldCaptions::of($script, 60, self::FPS, 1920);

        self::assertSame([0, 15, 27], $held?->changes);
    }
}
