<?php

declare(strict_types=1);

namespace RapidReel\Demo;

/** Figures and faces. */
final class People
{
    /** A walking figure in a coat, 240 tall, feet at the origin; the phase is one double step from 0 to 1. */
    public static function walker(Pen $pen, float $phase, bool $lantern = true, string $coat = '#27414d'): void
    {
        $stride = 30 * sin(2 * M_PI * $phase);
        $lift = 5 * abs(sin(2 * M_PI * $phase));
        foreach ([1, -1] as $side) {
            $pen->path(
                'M0 '.(-92 + $lift).' Q'.$side * $stride * 0.3.' -46 '.$side * $stride.' 0',
                'none',
                $side > 0 ? '#1b2a33' : '#14212a',
                19,
            );
            $pen->path('M'.($side * $stride - 4).' 0 l22 0', 'none', '#0d161c', 13);
        }
        $pen->at(0, $lift - 5, static function (Pen $pen) use ($stride, $lantern, $coat): void {
            $pen->path('M-30 -58 Q-36 -150 -20 -180 Q0 -192 20 -180 Q36 -150 32 -58 Q0 -46 -30 -58 Z', $coat);
            $pen->path('M0 -186 L0 -62', 'none', '#1a2d37', 3);
            $pen->disc(2, -206, 23, Mood::SKIN)->path(
                'M-22 -204 Q-26 -184 4 -178 Q26 -184 24 -200 Q14 -190 -22 -204 Z',
                '#d9d3c3',
            );
            $pen->path('M-28 -212 Q0 -250 30 -212 Z', '#1b2a33')->rect(-10, -216, 50, 8, '#1b2a33', 4);
            if ($lantern) {
                $pen->path('M12 -166 Q46 -150 62 -128', 'none', $coat, 17)->line(62, -128, 62, -112, Mood::INK, 4);
                $pen->glow(62, -88, 120, Mood::LAMP, 0.9)
                    ->rect(49, -112, 26, 42, '#fff0c4', 5)
                    ->rect(46, -116, 32, 8, Mood::BRASS, 3)
                    ->rect(46, -72, 32, 9, Mood::BRASS, 3);
            } else {
                $pen->path('M8 -166 Q'.(18 - $stride * 0.7).' -130 '.(14 - $stride).' -104', 'none', '#1f3641', 16);
            }
        });
    }

    /** A running dog, 150 wide, 90 tall, feet at the origin. */
    public static function dog(Pen $pen, float $phase): void
    {
        $reach = 30 * sin(2 * M_PI * $phase);
        $up = 8 * cos(2 * M_PI * $phase);
        foreach ([[-42, 1], [-34, -1], [40, 1], [48, -1]] as [$x, $side]) {
            $pen->path(
                "M$x ".(-42 - $up).' Q'.($x + $side * $reach * 0.4).' -22 '.($x + $side * $reach).' 0',
                'none',
                $side > 0 ? '#7a4a2a' : '#5b361f',
                11,
            );
        }
        $pen->path(
            'M-62 '.
                (-54 - $up).
                ' Q0 '.
                (-86 - $up).
                ' 58 '.
                (-62 - $up).
                ' Q62 '.
                (-30 - $up).
                ' 44 '.
                (-34 - $up).
                ' Q0 '.
                (-28 - $up).
                ' -48 '.
                (-34 - $up).
                ' Z',
            '#8d5733',
        );
        $pen->disc(72, -78 - $up, 22, '#8d5733')
            ->path('M84 '.(-84 - $up).' l28 8 l-26 12 Z', '#8d5733')
            ->disc(110, -75 - $up, 5, Mood::INK)
            ->path('M62 '.(-94 - $up).' q-14 10 -8 30 q16 -8 18 -26 Z', '#5b361f');
        $pen->disc(80, -82 - $up, 3.5, Mood::INK)->path(
            'M-60 '.(-56 - $up).' q-34 -14 -40 -40',
            'none',
            '#8d5733',
            9,
        );
    }

    /** A child running with a kite string, 190 tall. */
    public static function child(Pen $pen, float $phase): void
    {
        $stride = 34 * sin(2 * M_PI * $phase);
        foreach ([1, -1] as $side) {
            $pen->path(
                'M0 -74 Q'.$side * $stride * 0.5.' -40 '.$side * $stride.' 0',
                'none',
                $side > 0 ? '#2d4a58' : '#223a46',
                15,
            );
        }
        $pen->path('M-22 -66 Q-26 -120 0 -132 Q26 -120 22 -66 Z', Mood::RUST)
            ->disc(2, -152, 21, Mood::SKIN)
            ->path('M-20 -156 Q2 -186 26 -158 Q8 -166 -20 -156 Z', '#3b2a20');
        $pen->path('M6 -118 Q34 -140 52 -166', 'none', Mood::RUST, 13);
    }

    /**
     * Head and shoulders, 600 wide, 760 tall, the origin at the chin's middle.
     *
     * @param  array{
     *     skin: string, hair: string, coat: string, beard?: bool, cap?: bool, long?: bool, smile?: float, young?: bool
     * }  $look
     */
    public static function portrait(Pen $pen, array $look): void
    {
        $skin = $look['skin'];
        $shade = $pen->gradient([$skin, $skin, '#8f6145'], 'across');
        if ($look['long'] ?? false) {
            $pen->path('M-176 -250 Q-230 40 -150 150 L150 150 Q230 40 176 -250 Z', $look['hair']);
        }
        $pen->path(
            'M-350 1500 L-330 420 Q-310 120 -110 92 L110 92 Q310 120 330 420 L350 1500 Z',
            $pen->gradient([$look['coat'], '#101c24']),
        );
        $pen->path('M-84 -30 L-84 104 Q0 170 84 104 L84 -30 Z', '#a9764f');
        $pen->path('M-110 92 Q0 190 110 92 L150 130 Q0 280 -150 130 Z', $look['coat'])->line(
            0,
            200,
            0,
            1400,
            '#0d171d',
            5,
        );
        foreach ([260, 380, 500, 620] as $y) {
            $pen->disc(22, $y, 11, Mood::BRASS);
        }
        foreach ([-1, 1] as $side) {
            $pen->disc($side * 164, -150, 26, '#bd855c', 1, 40);
        }
        $pen->path(
            'M-158 -250 Q-170 -60 -88 4 Q0 56 88 4 Q170 -60 158 -250 Q150 -372 0 -376 Q-150 -372 -158 -250 Z',
            $shade,
        );
        if ($look['beard'] ?? false) {
            $pen->path(
                'M-160 -170 Q-166 20 -70 96 Q0 134 70 96 Q166 20 160 -170 Q130 -86 64 -92 Q0 -112 -64 -92 Q-130 -86 '
                    .'-160 -170 Z',
                $look['hair'],
            );
        }
        self::features($pen, $look);
        if ($look['cap'] ?? false) {
            $pen->path('M-186 -262 Q-196 -440 0 -448 Q196 -440 186 -262 Q0 -322 -186 -262 Z', '#1c2f3a')
                ->path('M-178 -268 Q0 -330 178 -268 Q150 -224 0 -236 Q-150 -224 -178 -268 Z', '#0f1c24')
                ->disc(0, -352, 24, Mood::BRASS);
        } else {
            $pen->path(
                'M-172 -210 Q-196 -420 0 -430 Q196 -420 172 -210 Q150 -318 30 -330 Q-90 -330 -172 -210 Z',
                $look['hair'],
            );
        }
    }

    /** @param array{hair: string, beard?: bool, smile?: float, young?: bool, ...} $look */
    private static function features(Pen $pen, array $look): void
    {
        foreach ([-1, 1] as $side) {
            $x = $side * 66;
            $pen->disc($x, -192, 27, '#fbf4e2', 1, 18)
                ->disc($x + 4, -192, 13, '#3b5a63')
                ->disc($x + 4, -192, 6.5, Mood::INK)
                ->disc($x + 9, -197, 3.5, '#ffffff');
            $pen->path('M'.($x - 31).' -200 Q'.$x.' -226 '.($x + 31).' -200', 'none', '#6b4630', 6);
            $pen->path(
                'M'.
                    ($x - 38).
                    ' -236 Q'.
                    $x.
                    ' '.
                    ($look['young'] ?? false ? -262 : -254).
                    ' '.
                    ($x + 38).
                    ' -236',
                'none',
                $look['hair'],
                $look['young'] ?? false ? 9 : 14,
            );
            $pen->disc($side * 98, -118, 32, '#c8674a', 0.22);
        }
        $pen->path('M-4 -196 Q-26 -132 -24 -124 Q0 -104 26 -122', 'none', '#9c6546', 7);
        $smile = $look['smile'] ?? 8;
        $pen->path('M-46 -62 Q0 '.(-62 + 2.2 * $smile).' 46 -62', 'none', '#7b3a2c', 9);
    }
}
