<?php

declare(strict_types=1);

namespace RapidReel\Demo;

/** Sky, sea and land: what most pictures stand on. The horizon is a fraction of the height. */
final readonly class Coast
{
    public function __construct(
        private Pen $pen,
        private Mood $mood,
        private float $horizon = 0.58,
    ) {
    }

    public function sky(bool $disc = true, float $discX = 0.5): self
    {
        $pen = $this->pen;
        [$w, $h] = [$pen->width, $pen->height];
        $pen->rect(0, 0, $w, $h * ($this->horizon + 0.02), $pen->gradient($this->mood->sky()));
        if ($this->mood === Mood::Night) {
            for ($i = 0; $i < 130; $i++) {
                $pen->disc(
                    $pen->pick(0, $w),
                    $pen->pick(0, $h * $this->horizon * 0.9),
                    $pen->pick(0.8, 2.6),
                    Mood::PAPER,
                    $pen->pick(0.25, 0.9),
                );
            }
        }
        if ($disc && $this->mood !== Mood::Storm) {
            $r = $h * 0.1;
            $y = $h * $this->horizon * ($this->mood === Mood::Night ? 0.36 : 0.78);
            $pen->glow($w * $discX, $y, $r * 3.4, $this->mood->rim(), 0.4);
            $pen->disc($w * $discX, $y, $r, $this->mood->rim(), 0.92);
        }

        return $this->clouds();
    }

    private function clouds(): self
    {
        $pen = $this->pen;
        [$w, $h] = [$pen->width, $pen->height];
        $colour = $this->mood === Mood::Storm ? '#0f181c' : $this->mood->rim();
        $count = $this->mood === Mood::Storm ? 15 : 7;
        for ($i = 0; $i < $count; $i++) {
            $y = $pen->pick(0.06, 0.82) * $h * $this->horizon;
            $x = $pen->pick(-0.1, 0.9) * $w;
            $long = $pen->pick(0.14, 0.42) * $h;
            $thick = $pen->pick(0.008, 0.022) * $h * ($this->mood === Mood::Storm ? 3.2 : 1);
            $opacity = $this->mood === Mood::Storm ? 0.3 : $pen->pick(0.1, 0.24);
            $pen->rect($x, $y, $long * 2, $thick, $colour, $thick / 2, $opacity);
            $pen->rect($x + $long * 0.35, $y - $thick * 0.8, $long, $thick, $colour, $thick / 2, $opacity);
            $pen->rect($x + $long * 0.8, $y + $thick * 0.75, $long * 0.9, $thick * 0.8, $colour, $thick / 2, $opacity);
        }

        return $this;
    }

    /** Hills along the horizon. */
    public function hills(int $ranges = 2, float $tall = 0.1): self
    {
        $pen = $this->pen;
        [$w, $h] = [$pen->width, $pen->height];
        for ($range = 0; $range < $ranges; $range++) {
            $base = $h * $this->horizon + 2;
            $points = [[0, $base]];
            [$a, $b, $c] = [$pen->pick(0, 6), $pen->pick(0, 6), $pen->pick(0, 6)];
            for ($x = 0; $x <= $w + 20; $x += 20) {
                $t = $x / $h;
                $rise = 0.5 + 0.28 * sin(2.1 * $t + $a) + 0.16 * sin(5.3 * $t + $b) + 0.06 * sin(13 * $t + $c);
                $points[] = [$x, $base - $h * $tall * max(0.05, $rise) * (1 - 0.42 * $range)];
            }
            $points[] = [$w + 20, $base];
            $pen->shape($points, $this->mood->depths()[$range]);
        }

        return $this;
    }

    /** The sea, in bands that grow darker and taller towards the viewer. */
    public function sea(int $bands = 5, bool $glitter = true): self
    {
        $pen = $this->pen;
        [$w, $h] = [$pen->width, $pen->height];
        $depths = $this->mood->depths();
        $top = $h * $this->horizon;
        $pen->rect(0, $top, $w, $h - $top, $depths[0]);
        for ($band = 0; $band < $bands; $band++) {
            $y = $top + ($h - $top) * (($band + 0.35) / $bands) ** 1.35;
            self::wave(
                $pen,
                $y,
                6 + 5 * $band,
                90 + 60 * $band,
                $depths[min(4, $band + ($bands < 5 ? 1 : 0))],
                $this->mood->rim(),
                0.28 - 0.03 * $band,
            );
        }
        if ($glitter) {
            for ($i = 0; $i < 60; $i++) {
                $near = $pen->pick(0, 1);
                $y = $top + 4 + ($h - $top) * 0.62 * $near;
                $long = 12 + 46 * $near * $pen->pick(0.4, 1);
                $pen->rect(
                    $w * 0.5 + $pen->pick(-1, 1) * $w * (0.05 + 0.22 * $near) - $long / 2,
                    $y,
                    $long,
                    2 + 2 * $near,
                    $this->mood->rim(),
                    2,
                    $pen->pick(0.15, 0.5),
                );
            }
        }

        return $this;
    }

    /** One band of sea with a rim of light along its crest. */
    public static function wave(
        Pen $pen,
        float $y,
        float $high,
        float $long,
        string $fill,
        string $rim,
        float $shine,
    ): void {
        $phase = $pen->pick(0, 6);
        $crest = '';
        for ($x = -40; $x <= $pen->width + 40; $x += 10) {
            $at = $y - $high * (0.62 * sin($x / $long * 2 + $phase) + 0.38 * sin($x / $long * 5.1 + 2 * $phase));
            $crest .= ($crest === '' ? 'M' : 'L').$x.' '.round($at, 1).' ';
        }
        $pen->path($crest.'L'.($pen->width + 40)." {$pen->height} L-40 {$pen->height} Z", $fill);
        $pen->path($crest, 'none', $rim, 2.5, $shine);
    }

    /** A headland rising from one side. */
    public function cliff(float $from, float $to, float $top, int $depth = 3): self
    {
        $pen = $this->pen;
        [$w, $h] = [$pen->width, $pen->height];
        $points = [[$from * $w, $h]];
        $steps = 24;
        for ($i = 0; $i <= $steps; $i++) {
            $part = $i / $steps;
            $rise = min(1, 4.2 * min($part, 1 - $part)) ** 0.55;
            $y = $h - ($h - $top * $h) * $rise + $pen->pick(-0.012, 0.012) * $h;
            $points[] = [($from + ($to - $from) * $part) * $w, $y];
        }
        $points[] = [$to * $w, $h];
        $pen->shape($points, $this->mood->depths()[$depth]);
        for ($i = 0; $i < 9; $i++) {
            $x = ($from + ($to - $from) * $pen->pick(0.16, 0.84)) * $w;
            $y = ($top + $pen->pick(0.06, 0.22)) * $h;
            $pen->path("M$x $y l".$pen->pick(-14, 14).' '.$pen->pick(50, 130), 'none', $this->mood->rim(), 3, 0.16);
        }

        return $this;
    }
}
