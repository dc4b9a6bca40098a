<?php

declare(strict_types=1);

namespace Tests\Core\Making\Render;

use PHPUnit\Framework\TestCase;
use RapidReel\Making\Render\Filter\PathTrack;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\FrameWindow;

/** What the renderer is told of a window's way is that way, at every frame. */
final class PathTrackTest extends TestCase
{
    /** What an expression of straight pieces comes to at a frame, read as its language says. */
    private static function at(string $expression, float $frame): float
    {
        self::assertSame(strlen($expression), strspn($expression, '-+*(),.0123456789clipn'));
        $sum = (float) $expression;
        preg_match_all('/([+-][\d.]+)\*clip\(n-([\d.]+),0,([\d.]+)\)/', $expression, $terms, PREG_SET_ORDER);
        foreach ($terms as [, $slope, $from, $most]) {
            $sum += (float) $slope * min(max($frame - (float) $from, 0.0), (float) $most);
        }

        return $sum;
    }

    /** Of a window that stands here and there, goes on in between, and may close in. */
    private static function path(int $points, bool $closes): FramePath
    {
        $windows = [];
        $ms = 0;
        for ($i = 0; $i < $points; $i++) {
            $before = end($windows);
            $windows[$ms] = $before !== false && mt_rand(0, 2) === 0 ? $before : new FrameWindow(
                mt_rand(300, 700) / 1000,
                mt_rand(450, 550) / 1000,
                $closes ? mt_rand(500, 900) / 1000 : 0.8,
            );
            $ms += mt_rand(300, 900);
        }

        return new FramePath($windows ?: [0 => new FrameWindow(0.5, 0.5, 1.0)]);
    }

    public function test_the_expressions_follow_the_path_at_every_frame_and_hold_its_ends(): void
    {
        mt_srand(20_261);
        foreach ([1, 2, 3, 17, 99, 100, 101, 230] as $points) {
            foreach ([true, false] as $closes) {
                $path = self::path($points, $closes);
                $track = new PathTrack($path, 1920, 1080, 1080, 1920, 30);
                $last = (int) ceil((int) array_key_last($path->points) * 30 / 1000);
                [$left, $top, $right, $bottom] = $track->bounds();
                for ($frame = 0; $frame <= $last + 30; $frame += mt_rand(7, 60)) {
                    $window = $path->at((int) round($frame * 1000 / 30));
                    $middle = self::at($track->middleX('n'), $frame);
                    $width = self::at($track->windowWidth('n'), $frame);
                    // A millisecond may be a pixel where it is fast.
                    self::assertEqualsWithDelta($window->x * 1920, $middle, 1.0, "$points points, frame $frame");
                    self::assertEqualsWithDelta($window->y * 1080, self::at($track->middleY('n'), $frame), 1.0);
                    self::assertEqualsWithDelta($window->scale * 1080 * 9 / 16, $width, 1.0);
                    self::assertGreaterThanOrEqual($left - 0.01, max(0, $middle - $width / 2));
                    self::assertLessThanOrEqual($right + 0.01, min(1920, $middle + $width / 2));
                }
                self::assertTrue($closes || $path->keepsItsSize());
                self::assertFalse($closes && $points > 9 && $path->keepsItsSize());
                self::assertLessThan($bottom, $top);
            }
        }
    }

    public function test_no_more_terms_stand_in_a_row_than_its_reader_takes(): void
    {
        mt_srand(7);
        $track = new PathTrack(self::path(1_000, true), 1920, 1080, 1080, 1920, 30);
        foreach (explode('+(', $track->middleX('n')) as $group) {
            self::assertLessThanOrEqual(100, substr_count($group, 'clip('));
        }
    }
}
