<?php

declare(strict_types=1);

namespace RapidReel\Demo;

use Closure;

/** Stills of things seen close: on a table, on a wall, in a hand. */
final class Keepsakes
{
    /** @return list<Still> */
    public static function all(): array
    {
        return [
            Still::upright(
                'great-lens',
                ['lens', 'glass', 'lamp', 'light', 'lantern', 'brass', 'polish', 'prism', 'bright', 'flame'],
                function (Pen $pen): void {
                    $pen->rect(0, 0, 1200, 2000, $pen->gradient(['#1c2f3a', '#0d1920']))->glow(
                        600,
                        960,
                        980,
                        Mood::LAMP,
                        0.75,
                    );
                    for ($ring = 9; $ring >= 1; $ring--) {
                        $pen->disc(
                            600,
                            960,
                            46 * $ring,
                            $ring % 2 === 0 ? '#ffe6a8' : '#d9c489',
                            0.2 + 0.055 * (9 - $ring),
                            66 * $ring,
                        )->path(
                            'M'.
                                (600 - 46 * $ring).
                                ' 960 a'.
                                46 * $ring.
                                ' '.
                                66 * $ring.
                                ' 0 1 0 '.
                                92 * $ring.
                                ' 0 a'.
                                46 * $ring.
                                ' '.
                                66 * $ring.
                                ' 0 1 0 -'.
                                92 * $ring.
                                ' 0',
                            'none',
                            '#fff6dc',
                            5,
                            0.65,
                        );
                    }
                    $pen->path('M600 1030 Q550 950 600 860 Q650 950 600 1030 Z', '#fffdf2')
                        ->rect(160, 1560, 880, 70, Mood::BRASS, 10)
                        ->rect(240, 1630, 720, 370, '#6d4f22')
                        ->rect(160, 290, 880, 56, Mood::BRASS, 10);
                    foreach ([190, 1000] as $x) {
                        $pen->rect($x, 300, 22, 1290, Mood::BRASS);
                    }
                },
            ),
            Still::wide(
                'open-logbook',
                ['logbook', 'book', 'log', 'wrote', 'write', 'page', 'record', 'entry', 'ink', 'story'],
                self::table(function (Pen $pen): void {
                    $pen->shape([[420, 330], [950, 300], [960, 830], [360, 860]], Mood::PAPER)
                        ->shape([[970, 300], [1500, 330], [1560, 860], [960, 830]], '#eadcba')
                        ->line(960, 302, 960, 832, '#a58b5c', 6);
                    for ($i = 0; $i < 11; $i++) {
                        $y = 390 + 38 * $i;
                        $pen->path(
                            "M470 $y q60 -12 120 0 t120 0 t".$pen->pick(60, 170).' 0',
                            'none',
                            '#4d4434',
                            4,
                            0.8,
                        )->path(
                            "M1030 $y q60 12 120 0 t120 0 t".($i > 6 ? 20 : $pen->pick(60, 150)).' 0',
                            'none',
                            '#4d4434',
                            4,
                            $i > 7 ? 0 : 0.8,
                        );
                    }
                    $pen->at(
                        1400,
                        720,
                        fn (Pen $pen) => $pen
                            ->path('M0 0 L190 -330 Q240 -400 250 -300 L30 24 Z', '#f3ecd8')
                            ->line(0, 0, 210, -330, '#8a7a58', 5)
                            ->line(0, 2, -24, 40, Mood::INK, 8),
                    );
                }),
            ),
            Still::upright(
                'bronze-bell',
                ['bell', 'ring', 'sound', 'bronze', 'toll', 'warning', 'alarm', 'heard', 'rang'],
                function (Pen $pen): void {
                    (new Coast($pen, Mood::Fog, 0.72))->sky(true, 0.3)->hills()->sea(3);
                    $pen->rect(110, 300, 980, 74, '#3a2a20', 8)
                        ->rect(160, 300, 70, 1700, '#33241b')
                        ->rect(970, 300, 70, 1700, '#33241b')
                        ->rect(560, 372, 80, 110, '#1d1712', 8);
                    $pen->path(
                        'M330 1200 Q370 1080 384 860 Q400 480 600 470 Q800 480 816 860 Q830 1080 870 1200 Z',
                        $pen->gradient(['#e0b45a', Mood::BRASS, '#5d4017'], 'across'),
                    )->path(
                        'M300 1200 L900 1200 L924 1262 Q600 1310 276 1262 Z',
                        $pen->gradient(['#d4a44b', '#6e4c1c'], 'across'),
                    );
                    $pen->disc(600, 1320, 58, '#3c2c14')
                        ->path('M392 870 Q600 910 808 870', 'none', '#f3d590', 7, 0.6)
                        ->line(600, 1370, 600, 1900, '#d9cdb0', 12);
                },
            ),
            Still::wide(
                'sea-chart',
                ['map', 'chart', 'course', 'route', 'compass', 'distance', 'miles', 'island', 'navigate', 'plan'],
                self::table(function (Pen $pen): void {
                    $pen->shape([[260, 180], [1660, 210], [1720, 900], [210, 870]], '#eedfb9')
                        ->path('M260 520 Q420 400 560 480 Q700 600 820 470 Q900 380 860 200 L262 184 Z', '#c2ab78')
                        ->path('M1300 880 Q1260 720 1420 660 Q1580 640 1700 720 L1718 898 Z', '#c2ab78')
                        ->path('M260 520 Q420 400 560 480 Q700 600 820 470 Q900 380 860 200', 'none', '#6d5632', 6);
                    $pen->path('M700 640 L960 700 L1180 560 L1400 640', 'none', Mood::RUST, 7)->add(
                        "<path d='M700 640 L960 700' stroke='#eedfb9' stroke-width='9' stroke-dasharray='4 22' "
                            ."fill='none'/>",
                    );
                    $pen->disc(700, 640, 14, Mood::RUST)->path(
                        'M1380 610 l44 52 m0 -52 l-44 52',
                        'none',
                        Mood::RUST,
                        12,
                    );
                    $pen->at(
                        1150,
                        370,
                        fn (Pen $pen) => $pen
                            ->disc(0, 0, 92, '#e2cf9d')
                            ->shape([[0, -120], [20, 0], [0, 120], [-20, 0]], '#2e4f5c')
                            ->shape([[-120, 0], [0, 20], [120, 0], [0, -20]], Mood::RUST)
                            ->disc(0, 0, 12, Mood::INK),
                    );
                }),
            ),
            Still::upright(
                'spiral-stairs',
                ['stairs', 'spiral', 'tower', 'climb', 'inside', 'steps', 'lighthouse', 'up', 'down', 'steep'],
                function (Pen $pen): void {
                    $pen->rect(0, 0, 1200, 2000, '#1a2a33')->glow(600, 1000, 1100, Mood::LAMP, 0.35);
                    for ($i = 46; $i >= 0; $i--) {
                        $r = 90 + 22 * $i;
                        $a = $i * 0.42;
                        $b = $a + 0.46;
                        $pen->path(
                            'M600 1000 L'.
                                (600 + $r * cos($a)).
                                ' '.
                                (1000 + $r * sin($a)).
                                ' L'.
                                (600 + $r * cos($b)).
                                ' '.
                                (1000 + $r * sin($b)).
                                ' Z',
                            $i % 2 === 0 ? '#cdbf9f' : '#8f8468',
                            '#2a2a26',
                            4,
                            0.35 + (0.55 * $i) / 46,
                        );
                    }
                    $pen->glow(600, 1000, 330, '#fff0c4', 1)->disc(600, 1000, 84, '#fff6dc');
                },
            ),
            Still::wide(
                'window-in-the-storm',
                ['window', 'storm', 'rain', 'inside', 'watch', 'wait', 'room', 'candle', 'night', 'wife'],
                function (Pen $pen): void {
                    $pen->rect(0, 0, 1920, 1080, '#2b1d14')->rect(
                        470,
                        90,
                        980,
                        760,
                        $pen->gradient(Mood::Storm->sky()),
                    );
                    $pen->path(
                        'M470 640 Q700 560 960 640 T1450 620 L1450 850 L470 850 Z',
                        Mood::Storm->depths()[2],
                    )->at(1120, 620, fn (Pen $pen) => Harbour::lighthouse($pen, Mood::Storm), 0.75);
                    for ($i = 0; $i < 70; $i++) {
                        [$x, $y] = [$pen->pick(490, 1430), $pen->pick(100, 800)];
                        $pen->line($x, $y, $x - 12, $y + 40, '#dfe6df', 2.5, 0.4);
                    }
                    foreach ([470, 950, 1436] as $x) {
                        $pen->rect($x - 14, 90, 32, 760, '#6b4a30');
                    }
                    $pen->rect(456, 76, 1010, 32, '#6b4a30')
                        ->rect(456, 450, 1010, 22, '#6b4a30')
                        ->rect(400, 842, 1120, 52, '#7c583a', 6);
                    $pen->glow(640, 690, 400, Mood::LAMP, 0.7)
                        ->rect(616, 720, 52, 124, Mood::PAPER, 6)
                        ->path('M642 720 Q608 668 642 610 Q676 668 642 720 Z', '#fff3cf')
                        ->path('M642 716 Q624 690 642 650 Q660 690 642 716 Z', Mood::LAMP);
                },
            ),
            Still::upright(
                'foghorn',
                ['foghorn', 'horn', 'sound', 'fog', 'blast', 'warning', 'machine', 'iron', 'noise', 'loud'],
                function (Pen $pen): void {
                    (new Coast($pen, Mood::Fog, 0.7))
                        ->sky(true, 0.75)
                        ->hills()
                        ->sea(4)
                        ->cliff(-0.2, 0.86, 0.72, 4);
                    $pen->rect(180, 1150, 430, 420, '#7a3a2a', 8)
                        ->rect(150, 1120, 490, 50, '#3c2620', 6)
                        ->at(
                            420,
                            1110,
                            fn (Pen $pen) => $pen
                                ->path(
                                    'M-60 40 L-40 -120 Q120 -200 520 -420 L640 -140 Q220 -60 60 40 Z',
                                    $pen->gradient(['#d9b36a', '#6a4a20']),
                                )
                                ->disc(580, -280, 92, '#1b120b', 1, 160),
                            1,
                        );
                    foreach ([1, 2, 3] as $i) {
                        $pen->path(
                            'M'.
                                (1030 + 44 * $i).
                                ' '.
                                (690 - 60 * $i).
                                ' q'.
                                (70 + 10 * $i).
                                ' '.
                                (120 + 30 * $i).
                                ' '.
                                (20 + 6 * $i).
                                ' '.
                                (300 + 90 * $i),
                            'none',
                            Mood::PAPER,
                            10,
                            0.75 - 0.16 * $i,
                        );
                    }
                },
            ),
            Still::wide(
                'keys-and-oil',
                ['key', 'keys', 'oil', 'can', 'door', 'lock', 'locked', 'wall', 'nail', 'barrel'],
                function (Pen $pen): void {
                    $pen->rect(0, 0, 1920, 1080, $pen->gradient(['#5a4632', '#33261a']));
                    for ($y = 0; $y < 1080; $y += 180) {
                        $pen->line(0, $y, 1920, $y, '#241a11', 7)->line(0, $y + 9, 1920, $y + 9, '#7d6448', 2, 0.5);
                    }
                    $pen->glow(960, 400, 900, Mood::LAMP, 0.28)->disc(860, 250, 22, '#1b140e');
                    foreach ([-14, 4, 22] as $i => $turn) {
                        $pen->at(
                            860,
                            260,
                            fn (Pen $pen) => $pen
                                ->path(
                                    'M0 0 a60 60 0 1 0 1 0 M0 34 a26 26 0 1 1 -1 0',
                                    'none',
                                    [Mood::BRASS, '#9aa3a0', '#b08336'][$i],
                                    22,
                                )
                                ->rect(-12, 118, 24, 330, [Mood::BRASS, '#9aa3a0', '#b08336'][$i], 5)
                                ->rect(10, 350, 62, 30, [Mood::BRASS, '#9aa3a0', '#b08336'][$i], 4)
                                ->rect(10, 404, 84, 34, [Mood::BRASS, '#9aa3a0', '#b08336'][$i], 4),
                            1,
                            $turn,
                        );
                    }
                    $pen->at(
                        1420,
                        900,
                        fn (Pen $pen) => $pen
                            ->path(
                                'M-150 0 L-150 -260 Q-150 -320 -60 -330 L-30 -430 L30 -430 L60 -330 Q150 -320 150 -260 '
                                    .'L150 0 Z',
                                $pen->gradient(['#c08a3a', '#7b5420', '#4b3213'], 'across'),
                            )
                            ->path('M150 -220 Q300 -260 330 -430', 'none', '#7b5420', 22)
                            ->path('M-150 -240 Q-260 -200 -150 -60', 'none', '#8d6829', 20),
                    );
                    $pen->rect(0, 900, 1920, 180, '#241a11');
                },
            ),
            Still::wide(
                'telegraph-key',
                ['telegraph', 'message', 'code', 'signal', 'wire', 'radio', 'morse', 'answer', 'call', 'station'],
                self::table(function (Pen $pen): void {
                    $pen->rect(520, 620, 880, 110, '#6b3f24', 14)
                        ->rect(560, 560, 170, 70, Mood::BRASS, 8)
                        ->rect(1180, 540, 150, 90, Mood::BRASS, 8);
                    $pen->path('M600 560 L1240 500 L1240 536 L600 592 Z', '#d4a44b')
                        ->disc(640, 520, 74, Mood::INK, 1, 40)
                        ->rect(616, 520, 48, 50, '#26343b')
                        ->disc(640, 508, 74, '#2c3d46', 1, 36);
                    $pen->path('M1330 600 q160 20 210 -120 t300 -160', 'none', '#3d2a1c', 10);
                    foreach ([0, 1, 2] as $i) {
                        $pen->path(
                            'M'.
                                (1240 - 60 * $i).
                                ' '.
                                (430 - 40 * $i).
                                ' q60 '.
                                (-70 - 10 * $i).
                                ' '.
                                (150 + 60 * $i).
                                ' '.
                                -10,
                            'none',
                            Mood::LAMP,
                            7,
                            0.6 - 0.15 * $i,
                        );
                    }
                }),
            ),
        ];
    }

    /** What lies on the table in the lamp light. */
    private static function table(Closure $lying): Closure
    {
        return static function (Pen $pen) use ($lying): void {
            $pen->rect(0, 0, 1920, 1080, $pen->gradient(['#6d4527', '#3a2414']));
            for ($i = 0; $i < 14; $i++) {
                $y = 80 * $i + $pen->pick(-20, 20);
                $pen->path("M0 $y q480 ".$pen->pick(-24, 24).' 960 0 t960 0', 'none', '#2a190e', 4, 0.45);
            }
            $pen->glow(960, 480, 1100, Mood::LAMP, 0.42);
            $lying($pen);
        };
    }
}
