<?php

declare(strict_types=1);

namespace RapidReel\Demo;

/** Things that stand or float: each is drawn about an origin at its foot or on the water line. */
final class Harbour
{
    /** 100 wide at the foot, 420 tall. */
    public static function lighthouse(Pen $pen, Mood $mood, bool $lit = true, string $band = Mood::RUST): void
    {
        $shade = $pen->gradient([Mood::PAPER, Mood::PAPER, '#9c9a8c'], 'across');
        $pen->shape([[-50, 0], [-31, -310], [31, -310], [50, 0]], $shade);
        $red = $pen->gradient([$band, $band, '#6d2f24'], 'across');
        $pen->shape([[-45.1, -80], [-41, -148], [41, -148], [45.1, -80]], $red);
        $pen->shape([[-36.7, -218], [-33, -278], [33, -278], [36.7, -218]], $red);
        foreach ([-40, -190, -250] as $y) {
            $pen->rect(-7, $y - 22, 14, 22, $lit ? Mood::LAMP : Mood::INK, 7, 0.9);
        }
        $pen->rect(-46, -318, 92, 10, Mood::INK, 2);
        for ($x = -44; $x <= 44; $x += 11) {
            $pen->line($x, -318, $x, -340, Mood::INK, 2.4);
        }
        $pen->line(-45, -340, 45, -340, Mood::INK, 3);
        $pen->rect(-22, -372, 44, 54, $lit ? $pen->gradient(['#fff3cf', Mood::LAMP]) : '#4f6066', 2);
        foreach ([-22, -7, 8, 22] as $x) {
            $pen->line($x, -372, $x, -318, Mood::INK, 2.4);
        }
        $pen->path('M-29 -372 Q0 -414 29 -372 Z', $band)->line(0, -394, 0, -420, Mood::INK, 3);
        if ($lit) {
            $pen->glow(0, -345, $mood === Mood::Day ? 70 : 150, Mood::LAMP, 0.6);
        }
    }

    /** Light thrown from a lantern, to one side. */
    public static function beam(Pen $pen, float $x, float $y, float $long, float $turn, float $opacity = 0.5): void
    {
        $pen->at(
            $x,
            $y,
            static function (Pen $pen) use ($long, $opacity): void {
                $pen->shape(
                    [[0, -5], [$long, -$long * 0.1], [$long, $long * 0.1], [0, 5]],
                    $pen->gradient(['#fff0c4', Mood::LAMP], 'across', 0.0),
                    $opacity,
                );
            },
            1,
            $turn,
        );
    }

    public static function cottage(Pen $pen, bool $lit = true): void
    {
        $pen->rect(-80, -70, 160, 70, '#d8c9a8');
        $pen->shape([[-96, -66], [-60, -124], [60, -124], [96, -66]], '#4a3b38');
        $pen->rect(34, -146, 20, 40, '#6d4436');
        $pen->rect(-14, -46, 28, 46, '#5a3428', 2);
        foreach ([-58, 30] as $x) {
            $pen->rect($x, -50, 28, 24, $lit ? Mood::LAMP : '#38505a', 2)->line(
                $x + 14,
                -50,
                $x + 14,
                -26,
                '#3a2c26',
                2.5,
            );
        }
    }

    /** A sailing boat, 220 wide, 300 tall. */
    public static function sailboat(Pen $pen, string $sail = Mood::PAPER, string $hull = Mood::RUST): void
    {
        $pen->line(0, -36, 0, -296, '#3a2a20', 7);
        $pen->path('M8 -290 Q104 -170 96 -56 L8 -56 Z', $pen->gradient([$sail, '#c9b68f'], 'across'));
        $pen->path('M-8 -262 Q-76 -150 -92 -56 L-8 -56 Z', $pen->gradient(['#d5c49d', $sail], 'across'));
        $pen->path('M-112 -40 L114 -40 Q96 14 56 20 L-66 20 Q-98 10 -112 -40 Z', $pen->gradient([$hull, '#5b2519']));
        $pen->line(-112, -40, 114, -40, Mood::PAPER, 5);
        $pen->path('M0 -296 l34 10 l-34 10 Z', Mood::LAMP);
    }

    /** A steamer with lit windows, 460 wide, 240 tall. */
    public static function steamer(Pen $pen): void
    {
        foreach ([0, 1, 2, 3] as $i) {
            $pen->disc(-34 - 46 * $i, -232 - 17 * $i, 24 + 9 * $i, '#c7c5b6', 0.42 - 0.08 * $i);
        }
        $pen->rect(-26, -216, 44, 110, Mood::RUST, 3)->rect(-26, -216, 44, 22, Mood::INK, 3);
        $pen->rect(-120, -112, 230, 62, '#e2d5b6', 5)->rect(-84, -142, 128, 34, '#cdbf9f', 4);
        for ($i = 0; $i < 9; $i++) {
            $pen->disc(-100 + 24 * $i, -82, 7.5, Mood::LAMP);
        }
        $pen->path(
            'M-236 -56 L236 -62 Q220 0 186 22 L-196 22 Q-226 0 -236 -56 Z',
            $pen->gradient(['#27333a', '#111a20']),
        );
        $pen->line(-232, -40, 226, -44, Mood::RUST, 7);
        $pen->line(180, -58, 180, -170, Mood::INK, 6)
            ->glow(180, -170, 60, Mood::LAMP, 0.8)
            ->disc(180, -170, 8, '#fff3cf');
    }

    /** A rowing boat with its rower, 240 wide; the phase turns the oars once from 0 to 1. */
    public static function rowboat(Pen $pen, float $phase): void
    {
        $lean = 10 * sin(2 * M_PI * $phase);
        $pen->at(
            4,
            -26,
            static function (Pen $pen): void {
                $pen->path('M-26 4 Q-30 -64 2 -76 Q30 -64 26 4 Z', '#34505b')
                    ->disc(2, -94, 20, Mood::SKIN)
                    ->path('M-20 -100 Q2 -130 24 -100 Z', '#22323b');
                $pen->rect(-22, -104, 48, 7, '#22323b', 3);
            },
            1,
            $lean,
        );
        $swing = 26 * sin(2 * M_PI * $phase);
        $dip = 12 * cos(2 * M_PI * $phase);
        $pen->line(6, -52, 6 + 2.6 * $swing, 12 + $dip, '#6d4a2f', 8);
        $pen->disc(6 + 2.7 * $swing, 20 + $dip, 13, '#6d4a2f', 1, 20);
        $pen->path(
            'M-126 -30 L128 -34 Q104 16 62 22 L-72 22 Q-112 12 -126 -30 Z',
            $pen->gradient(['#8a5a38', '#4b2c1c']),
        );
        $pen->line(-126, -30, 128, -34, '#c9a064', 6);
    }

    /** A bell buoy, 120 wide, 240 tall. */
    public static function buoy(Pen $pen): void
    {
        $pen->path('M-58 -20 Q0 -44 58 -20 L46 30 L-46 30 Z', $pen->gradient([Mood::RUST, '#5f2519']));
        foreach ([-40, 40] as $x) {
            $pen->line($x, -28, $x * 0.36, -180, Mood::INK, 7);
        }
        $pen->line(-28, -90, 28, -90, Mood::INK, 5);
        $pen->path('M-22 -112 Q-22 -160 0 -160 Q22 -160 22 -112 L28 -104 L-28 -104 Z', Mood::BRASS)->disc(
            0,
            -100,
            7,
            Mood::INK,
        );
        $pen->rect(-14, -212, 28, 32, Mood::LAMP, 5)
            ->glow(0, -196, 110, Mood::LAMP, 0.75)
            ->path('M-20 -212 L0 -234 L20 -212 Z', Mood::INK);
    }

    /** A gull in flight, 260 wide; the phase beats its wings once from 0 to 1. */
    public static function gull(Pen $pen, float $phase): void
    {
        $up = 62 * sin(2 * M_PI * $phase);
        $tip = 46 * sin(2 * M_PI * $phase - 0.9);
        foreach ([-1, 1] as $side) {
            [$elbowX, $elbowY] = [$side * 62, -$up * 0.55];
            [$tipX, $tipY] = [$side * 128, -$up * 0.5 - $tip + 14];
            $pen->path(
                "M0 -8 Q$elbowX ".($elbowY - 26)." $tipX $tipY Q$elbowX ".($elbowY + 16).' 0 16 Z',
                $side < 0 ? '#d7d3c4' : '#efe9d8',
            );
            $pen->path(
                "M$tipX $tipY L".
                    $tipX * 0.8.
                    ' '.
                    ($tipY * 0.8 + 3).
                    ' L'.
                    $tipX * 0.82.
                    ' '.
                    ($tipY * 0.8 - 10).
                    ' Z',
                Mood::INK,
            );
        }
        $pen->path('M-54 6 Q-10 -26 46 -6 Q64 0 60 6 Q20 26 -30 18 L-74 20 Z', '#fbf6e8')
            ->disc(50, -4, 14, '#fbf6e8')
            ->path('M62 -6 l22 6 l-22 6 Z', Mood::LAMP)
            ->disc(54, -7, 3, Mood::INK);
    }

    /** A bottle with a letter in it, afloat, 200 wide. */
    public static function bottle(Pen $pen): void
    {
        $pen->path(
            'M-96 -34 L30 -34 Q50 -34 62 -18 L96 -16 L96 8 L62 10 Q50 26 30 26 L-96 26 Q-112 -4 -96 -34 Z',
            '#7fb5a0',
            'none',
            0,
            0.82,
        );
        $pen->path('M-74 -20 L20 -16 L20 10 L-74 14 Z', Mood::PAPER)
            ->line(-60, -10, 4, -7, '#8a7a58', 3)
            ->line(-60, 2, -8, 3, '#8a7a58', 3);
        $pen->rect(92, -18, 22, 28, '#9b6b3e', 3)->path('M-90 -26 L28 -27', 'none', '#dff2e2', 4, 0.7);
    }

    /** The fin and back of a whale, 420 wide. */
    public static function whale(Pen $pen, float $phase): void
    {
        $lift = 16 * sin(2 * M_PI * $phase);
        $pen->path(
            'M-214 20 Q-120 '.(-74 - $lift).' 20 '.(-80 - $lift).' Q150 -66 212 20 Z',
            $pen->gradient(['#3d5a66', '#172a33']),
        );
        $pen->path(
            'M-60 '.
                (-74 - $lift).
                ' Q-92 '.
                (-128 - $lift).
                ' -112 '.
                (-126 - $lift).
                ' Q-94 -96 -104 '.
                (-62 - $lift).
                ' Z',
            '#22404b',
        );
        for ($i = 0; $i < 7; $i++) {
            $pen->disc(118 + 14 * sin($i * 2.1), -98 - $lift - 22 * $i, 7 + 3.2 * $i, '#dfe7de', 0.62 - 0.07 * $i);
        }
    }

    /** Four signal flags on a halyard, 90 wide, 420 tall, hanging from the origin. */
    public static function flags(Pen $pen): void
    {
        $pen->line(0, 0, 0, 420, '#d9cdb0', 4);
        $pen->at(
            0,
            6,
            static fn (Pen $pen) => $pen
                ->path('M0 0 L86 8 L86 74 L0 80 Z', Mood::PAPER)
                ->path('M30 3 L58 6 L58 76 L30 78 Z', '#2e5d73'),
        );
        $pen->at(
            0,
            104,
            static fn (Pen $pen) => $pen->path('M0 0 L86 8 L86 74 L0 80 Z', Mood::LAMP)->disc(42, 40, 20, Mood::INK),
        );
        $pen->at(
            0,
            208,
            static fn (Pen $pen) => $pen
                ->path('M0 0 L86 8 L86 74 L0 80 Z', Mood::RUST)
                ->path('M0 0 L86 74 L86 60 L14 0 Z M0 80 L86 8 L74 7 L0 66 Z', Mood::PAPER),
        );
        $pen->at(
            0,
            312,
            static fn (Pen $pen) => $pen
                ->path('M0 0 L92 38 L0 76 Z', '#2e5d73')
                ->path('M0 26 L34 38 L0 50 Z', Mood::PAPER),
        );
    }

    /** A hanging lamp on its chain, the origin at the hook, 380 tall. */
    public static function hangingLamp(Pen $pen): void
    {
        $pen->line(0, 0, 0, 190, '#2a2018', 6)->glow(0, 276, 260, Mood::LAMP, 0.75);
        $pen->path('M-44 214 Q0 168 44 214 Z', Mood::BRASS)->rect(-52, 210, 104, 14, '#7c5a24', 4);
        $pen->path('M-38 224 L38 224 L52 318 L-52 318 Z', '#ffedbd', 'none', 0, 0.94);
        $pen->path('M0 304 Q-20 274 0 240 Q20 274 0 304 Z', '#fff8e4')->path(
            'M0 304 Q-11 284 0 262 Q11 284 0 304 Z',
            Mood::LAMP,
        );
        foreach ([-45, -15, 15, 45] as $x) {
            $pen->line($x * 0.84, 224, $x * 1.13, 318, '#7c5a24', 4);
        }
        $pen->rect(-62, 316, 124, 20, Mood::BRASS, 5)->rect(-40, 336, 80, 30, '#8d6829', 8);
    }

    /** A quay of stone with its edge at the origin's height, from one x to another. */
    public static function quay(
        Pen $pen,
        float $from,
        float $to,
        float $y,
        float $tall,
        string $stone = '#6b6357',
    ): void {
        $pen->rect($from, $y, $to - $from, $tall, $pen->gradient([$stone, '#2b2d2e']));
        $pen->rect($from, $y, $to - $from, 14, '#a3977f');
        for ($row = 0; $row < $tall / 44; $row++) {
            for ($x = $from + ($row % 2) * 50; $x < $to; $x += 100) {
                $pen->line($x, $y + 16 + 44 * $row, $x, $y + 56 + 44 * $row, '#2b2d2e', 3, 0.5);
            }
            $pen->line($from, $y + 58 + 44 * $row, $to, $y + 58 + 44 * $row, '#2b2d2e', 3, 0.4);
        }
    }
}
