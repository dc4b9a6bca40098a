<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * Pictures of a made subject before a plain ground, of which it is known how much of the subject is in every pixel:
 * a figure with skin, hair in strands, a coat with a pattern, and edges that are soft here and hard there.
 */
final class Subjects
{
    /** @var list<float> how much of the subject there is, row by row */
    public array $alpha = [];

    /** @var string three bytes a pixel */
    public string $picture = '';

    /**
     * @param  array{int, int, int}  $ground
     * @param  int  $noise  levels, to either side
     * @param  float  $uneven  part of its light that is lost from the left to the right
     */
    public function __construct(
        public readonly int $width,
        public readonly int $height,
        array $ground,
        int $noise,
        float $uneven,
        float $shift = 0.0,
    ) {
        mt_srand(7);
        $bytes = [];
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                [$part, $colour] = $this->at(($x + 0.5) / $width - $shift, ($y + 0.5) / $height);
                $light = 1 - $uneven * $x / $width;
                $this->alpha[] = $part;
                foreach ($ground as $i => $value) {
                    $mixed = $part * $colour[$i] + (1 - $part) * $value * $light;
                    $bytes[] = chr((int) max(0, min(255, round($mixed + mt_rand(-$noise, $noise)))));
                }
            }
        }
        $this->picture = implode('', $bytes);
    }

    /** @return array{float, array{float, float, float}} */
    private function at(float $x, float $y): array
    {
        $soft = 2.2 / $this->width;
        $aspect = $this->height / $this->width;
        // A head, with strands of hair around it.
        $dx = $x - 0.5;
        $dy = ($y - 0.3) * $aspect;
        $off = sqrt($dx ** 2 + $dy ** 2);
        $strands = 0.16 + 0.022 * sin(38 * atan2($dy, $dx));
        $hair = self::edge($strands - $off, 3 * $soft) * ($dy < 0.02 ? 1.0 : 0.0);
        $face = self::edge(0.125 - $off, $soft);
        // A coat, down to the lower border.
        $coat = self::edge(min($y - 0.48, 0.16 + 0.35 * ($y - 0.48) - abs($dx)), 1.2 * $soft);
        $stripe = 0.5 + 0.5 * sin(140 * $x);
        $shade = 0.75 + 0.25 * cos(9 * $dx);
        $colour = [60 + 90 * $stripe * $shade, 42 + 30 * $stripe * $shade, 70 + 60 * $shade];
        $part = $coat;
        if ($hair > 0) {
            [$part, $colour] = self::over($part, $colour, $hair, [58 + 30 * $stripe, 38.0, 24.0]);
        }
        if ($face > 0) {
            [$part, $colour] = self::over($part, $colour, $face, [214 * $shade, 160 * $shade, 134 * $shade]);
        }

        return [$part, $colour];
    }

    /**
     * @param  array{float, float, float}  $under
     * @param  array{float, float, float}  $colour
     * @return array{float, array{float, float, float}}
     */
    private static function over(float $part, array $under, float $more, array $colour): array
    {
        $whole = $more + $part * (1 - $more);
        $mix = static fn (int $i): float => ($more * $colour[$i] + $part * (1 - $more) * $under[$i]) / $whole;

        return [$whole, [$mix(0), $mix(1), $mix(2)]];
    }

    private static function edge(float $inside, float $soft): float
    {
        return max(0.0, min(1.0, 0.5 + $inside / $soft));
    }
}
