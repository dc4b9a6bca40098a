<?php

declare(strict_types=1);

namespace Tests\Core\Voice\Align;

use PHPUnit\Framework\TestCase;
use RapidReel\Voice\Align\Adaptation;
use RapidReel\Voice\Align\Cepstra;
use RapidReel\Voice\Align\SpeechFeatures;
use RapidReel\Voice\Align\WarpPath;

final class AdaptationTest extends TestCase
{
    /** @return list<float> frames of a speaker, and of one whose second coefficient is half of the other's first */
    private static function frames(int $count, bool $other): array
    {
        mt_srand(3);
        $frames = [];
        for ($i = 0; $i < $count; $i++) {
            $frame = array_map(static fn (): float => mt_rand(-1000, 1000) / 500, range(1, Cepstra::COEFFICIENTS));
            if ($other) {
                $frame[1] = $frame[0] / 2;
            }
            array_push($frames, ...$frame, ...array_fill(0, SpeechFeatures::SIZE - Cepstra::COEFFICIENTS, 0.0));
        }

        return $frames;
    }

    public function test_one_who_was_heard_long_enough_is_spoken_like(): void
    {
        $straight = range(0, 1_999);
        $adaptation = Adaptation::along(
            new WarpPath($straight, $straight, []), self::frames(2_000, false), self::frames(2_000, true),
        );
        $said = $adaptation->of([1.0, 1.0, ...array_fill(0, Cepstra::COEFFICIENTS - 2, 0.5)]);

        self::assertEqualsWithDelta(1.0, $said[0], 0.02);
        self::assertEqualsWithDelta(0.5, $said[1], 0.05);
        self::assertEqualsWithDelta(0.5, $said[5], 0.05);
    }

    public function test_of_one_who_was_hardly_heard_nothing_is_believed(): void
    {
        $adaptation = Adaptation::along(
            new WarpPath([0], [0], []), self::frames(1, false), self::frames(1, true),
        );
        $frame = array_fill(0, Cepstra::COEFFICIENTS, 1.0);

        foreach ($adaptation->of($frame) as $value) {
            self::assertEqualsWithDelta(1.0, $value, 0.35);
        }
    }
}
