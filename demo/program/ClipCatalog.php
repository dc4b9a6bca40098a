<?php

declare(strict_types=1);

namespace RapidReel\Demo;

use Closure;

/** The clips of Lamplight Log. */
final class ClipCatalog
{
    /** @return list<Clip> */
    public static function all(): array
    {
        return [...self::afloat(), ...self::ashore()];
    }

    /** @return list<Clip> */
    private static function afloat(): array
    {
        $w = Clip::WIDTH;
        $boat = new Subject('boat', fn (Pen $pen) => Harbour::sailboat($pen), 700, 1, [226, 316, 0, -138], 1.25);
        $red = new Subject(
            'boat',
            fn (Pen $pen) => Harbour::sailboat($pen, '#b3472d', '#27333a'),
            700,
            1,
            [226, 316, 0, -138],
            0.95,
        );
        $steamer = new Subject('steamer', fn (Pen $pen) => Harbour::steamer($pen), 900, 1, [472, 290, 0, -120], 1.15);
        $row = new Subject('rowing boat', Harbour::rowboat(...), 420, 48, [254, 140, 0, -46], 1.2);

        return [
            new Clip(
                'boat-crosses-the-bay',
                ['boat', 'sail', 'sailing', 'bay', 'sea', 'lighthouse', 'evening', 'harbour', 'crossing', 'ship'],
                $boat,
                new Motion([260, 800], [1660, 808], 5.5, [0, 9], [4, 2.6], 3.2, 2.9),
                self::coast(Mood::Dusk, 0.56, fn (Pen $pen) => self::rock($pen, Mood::Dusk, 1210, 640, 0.78)),
                self::swell(Mood::Dusk, 0.76),
            ),
            new Clip(
                'red-sail-at-dawn',
                ['boat', 'sail', 'dawn', 'morning', 'sea', 'fisherman', 'fishing', 'return', 'home', 'ship'],
                $red,
                new Motion([1600, 742], [380, 752], 5, [0, 7], [4, 2.4], 3, 2.7),
                self::coast(
                    Mood::Dawn,
                    0.55,
                    fn (Pen $pen) => $pen->at(560, 640, fn (Pen $pen) => Harbour::cottage($pen), 0.7),
                ),
                self::swell(Mood::Dawn, 0.74),
            ),
            new Clip(
                'steamer-by-night',
                ['steamer', 'ship', 'night', 'lights', 'passengers', 'sea', 'dark', 'ferry', 'crew', 'voyage'],
                $steamer,
                new Motion([280, 730], [1640, 724], 6, [0, 5], [4, 3.4], 1.1, 3.6),
                self::coast(Mood::Night, 0.57, fn (Pen $pen) => self::rock($pen, Mood::Night, 960, 640, 0.62)),
                self::swell(Mood::Night, 0.72),
            ),
            new Clip(
                'boat-in-the-storm',
                ['storm', 'boat', 'wave', 'wind', 'danger', 'wreck', 'gale', 'sea', 'sailor', 'ship'],
                $red,
                new Motion([520, 690], [1420, 720], 5, [40, 62], [3.3, 2.2], 17, 2.2),
                self::coast(Mood::Storm, 0.5),
                self::swell(Mood::Storm, 0.7, 46),
            ),
            new Clip(
                'rowing-through-fog',
                ['fog', 'rowing', 'boat', 'oar', 'mist', 'quiet', 'keeper', 'alone', 'water', 'silence'],
                $row,
                new Motion([500, 760], [1440, 748], 6, [14, 4], [1.6, 3.1]),
                self::coast(Mood::Fog, 0.5, fn (Pen $pen) => self::rock($pen, Mood::Fog, 1000, 560, 0.66, false)),
                self::swell(Mood::Fog, 0.76),
            ),
            new Clip(
                'rowing-at-night',
                ['rowing', 'boat', 'night', 'rescue', 'oar', 'moon', 'sea', 'brave', 'save', 'survivor'],
                $row,
                new Motion([1500, 770], [470, 762], 5.5, [14, 6], [1.6, 2.8]),
                self::coast(Mood::Night, 0.54),
                self::swell(Mood::Night, 0.76),
            ),
            new Clip(
                'bell-buoy',
                ['buoy', 'bell', 'sea', 'sound', 'warning', 'signal', 'channel', 'ring', 'rock', 'reef'],
                new Subject('buoy', fn (Pen $pen) => Harbour::buoy($pen), 700, 1, [124, 270, 0, -102], 1.5),
                new Motion([700, 800], [1240, 806], 5, [60, 20], [5.2, 2.4], 13, 2.8),
                self::coast(Mood::Dusk, 0.5),
                self::swell(Mood::Dusk, 0.77),
            ),
            new Clip(
                'letter-in-a-bottle',
                ['bottle', 'letter', 'message', 'sea', 'drift', 'found', 'shore', 'paper', 'note', 'tide'],
                new Subject('bottle', fn (Pen $pen) => Harbour::bottle($pen), 560, 1, [210, 66, 6, -4], 1.7),
                new Motion([420, 810], [1500, 790], 5.5, [0, 22], [4, 2.6], 9, 2.6),
                self::coast(Mood::Day, 0.46),
                self::swell(Mood::Day, 0.78),
            ),
            new Clip(
                'whale-in-the-bay',
                ['whale', 'fin', 'sea', 'deep', 'animal', 'bay', 'surprise', 'giant', 'water', 'breath'],
                new Subject('whale', Harbour::whale(...), 560, 60, [430, 220, 0, -86], 1.3),
                new Motion([420, 780], [1500, 772], 5.5, [0, 12], [4, 3.4], 2.5, 3.4),
                self::coast(Mood::Day, 0.5, fn (Pen $pen) => self::rock($pen, Mood::Day, 1300, 560, 0.5, false)),
                self::swell(Mood::Day, 0.75),
            ),
            new Clip(
                'gull-over-the-cliff',
                ['gull', 'bird', 'cliff', 'sky', 'wing', 'coast', 'wind', 'flight', 'freedom', 'lighthouse'],
                new Subject('gull', Harbour::gull(...), 420, 24, [262, 150, 0, 0], 1.1),
                new Motion([320, 470], [1620, 330], 5, [0, 34], [4, 2.9], 5, 2.3),
                self::coast(Mood::Day, 0.62, function (Pen $pen): void {
                    (new Coast($pen, Mood::Day, 0.62))->cliff(0.36, 0.78, 0.66);
                    $pen->at(1090, 740, fn (Pen $pen) => Harbour::lighthouse($pen, Mood::Day), 0.92);
                }),
            ),
            new Clip(
                'gull-in-the-gale',
                ['gull', 'bird', 'storm', 'wind', 'grey', 'wing', 'weather', 'sky', 'gale', 'wave'],
                new Subject('gull', Harbour::gull(...), 420, 18, [262, 150, 0, 0], 0.95),
                new Motion([1480, 380], [520, 470], 5, [70, 40], [2.6, 1.9], 9, 1.9),
                self::coast(Mood::Storm, 0.6, fn (Pen $pen) => self::rock($pen, Mood::Storm, 960, 690, 0.9)),
                self::swell(Mood::Storm, 0.82, 40),
            ),
            new Clip(
                'pilot-boat-under-the-beam',
                ['beam', 'light', 'lighthouse', 'night', 'ship', 'pilot', 'signal', 'guide', 'lamp', 'flash'],
                $boat,
                new Motion([1560, 800], [420, 812], 5, [0, 8], [4, 2.5], 3, 2.8),
                self::coast(Mood::Night, 0.58, function (Pen $pen) use ($w): void {
                    Harbour::beam($pen, $w * 0.5, 352, 1150, 12);
                    Harbour::beam($pen, $w * 0.5, 352, 1150, 176, 0.4);
                    self::rock($pen, Mood::Night, $w * 0.5, 660, 0.86);
                }), self::swell(Mood::Night, 0.77)),
        ];
    }

    /** @return list<Clip> */
    private static function ashore(): array
    {
        $walker = new Subject('keeper', People::walker(...), 560, 30, [110, 246, 14, -120], 1.25);
        $plain = new Subject(
            'harbour master',
            fn (Pen $pen, float $phase) => People::walker($pen, $phase, false, '#5b3b33'),
            560,
            30,
            [80, 246, 2, -120],
            1.3,
        );

        return [
            new Clip(
                'keeper-on-the-gallery',
                ['keeper', 'lantern', 'gallery', 'lighthouse', 'night', 'watch', 'walk', 'man', 'tower', 'duty'],
                $walker,
                new Motion([480, 846], [1430, 846], 5.5),
                function (Pen $pen): void {
                    (new Coast($pen, Mood::Night, 0.6))->sky(true, 0.2)->hills()->sea();
                    $pen->rect(780, 0, 420, 850, $pen->gradient(['#fff0c4', Mood::LAMP]), 0, 0.92)->glow(
                        990,
                        330,
                        620,
                        Mood::LAMP,
                        0.55,
                    );
                    foreach ([780, 885, 990, 1095, 1200] as $x) {
                        $pen->line($x, 0, $x, 850, Mood::INK, 12);
                    }
                    foreach ([160, 420, 680] as $y) {
                        $pen->line(780, $y, 1200, $y, Mood::INK, 7);
                    }
                    $pen->rect(0, 846, 1920, 234, $pen->gradient(['#24323a', '#0d161c']))->rect(
                        0, 846, 1920, 12, '#5d8b8c', 0, 0.6,
                    );
                },
                function (Pen $pen): void {
                    for ($x = -60; $x < $pen->width; $x += 96) {
                        $pen->line($x, 742, $x, 1080, Mood::INK, 9);
                    }
                    $pen->line(-60, 742, $pen->width, 742, Mood::INK, 15)
                        ->line(-60, 738, $pen->width, 738, Mood::BRASS, 4, 0.7)
                        ->line(-60, 900, $pen->width, 900, Mood::INK, 8);
                },
            ),
            new Clip(
                'lantern-on-the-cliff-path',
                ['lantern', 'cliff', 'path', 'night', 'keeper', 'walk', 'climb', 'dark', 'stairs', 'secret'],
                $walker,
                new Motion([360, 830], [1560, 640], 6, [0, 3], [4, 0.5]),
                function (Pen $pen): void {
                    (new Coast($pen, Mood::Night, 0.58))->sky(true, 0.74)->hills()->sea();
                    $pen->shape(
                        [[0, 880], [360, 826], [960, 738], [1560, 636], [1920, 590], [1920, 1080], [0, 1080]],
                        '#0b1b24',
                    );
                    $pen->path('M0 882 L360 828 L960 740 L1560 638 L1920 592', 'none', '#5d8b8c', 4, 0.6);
                    $pen->at(1000, 732, fn (Pen $pen) => Harbour::lighthouse($pen, Mood::Night), 1.25);
                },
            ),
            new Clip(
                'dog-on-the-pier',
                ['dog', 'pier', 'run', 'harbour', 'wait', 'loyal', 'animal', 'quay', 'friend', 'faithful'],
                new Subject('dog', People::dog(...), 420, 15, [190, 124, 6, -58], 1.5),
                new Motion([300, 812], [1640, 812], 5),
                self::coast(Mood::Dawn, 0.52, fn (Pen $pen) => Harbour::quay($pen, 0, 1920, 806, 274)),
            ),
            new Clip(
                'harbour-master-on-the-quay',
                ['harbour', 'master', 'quay', 'town', 'walk', 'man', 'coat', 'morning', 'village', 'houses'],
                $plain,
                new Motion([1520, 836], [430, 836], 5.5),
                function (Pen $pen): void {
                    (new Coast($pen, Mood::Dawn, 0.5))->sky()->hills(2, 0.14)->sea(3);
                    foreach ([140, 430, 720, 1000, 1290, 1580, 1830] as $i => $x) {
                        $pen->at($x, 720 - 16 * ($i % 3), fn (Pen $pen) => Harbour::cottage($pen, $i % 2 === 0), 1.5);
                    }
                    Harbour::quay($pen, 0, 1920, 700, 136, '#8a7c68');
                    $pen->rect(0, 830, 1920, 250, $pen->gradient(['#6f6656', '#3a3a38']))->rect(
                        0,
                        830,
                        1920,
                        8,
                        '#b9aa8a',
                    );
                },
            ),
            new Clip(
                'child-with-a-kite',
                ['child', 'boy', 'kite', 'beach', 'sand', 'play', 'run', 'day', 'daughter', 'summer'],
                new Subject('child', People::child(...), 560, 18, [96, 196, 6, -92], 1.35),
                new Motion([420, 890], [1500, 880], 5),
                function (Pen $pen): void {
                    (new Coast($pen, Mood::Day, 0.5))->sky()->hills()->sea(3);
                    $pen->path('M0 760 Q600 700 1920 770 L1920 1080 L0 1080 Z', $pen->gradient(['#e3cb9b', '#b8965f']));
                    $pen->path('M930 300 l80 -100 l56 116 l-92 84 Z', Mood::RUST)->path(
                        'M974 400 q40 60 -10 120 q-40 60 20 120',
                        'none',
                        Mood::PAPER,
                        5,
                    );
                },
            ),
            new Clip(
                'lamp-swings-in-the-cabin',
                ['lamp', 'swing', 'cabin', 'storm', 'ship', 'inside', 'oil', 'flame', 'light', 'room'],
                new Subject('lamp', fn (Pen $pen) => Harbour::hangingLamp($pen), 1500, 1, [130, 200, 0, 270], 1.35),
                new Motion([960, 60], [960, 60], 5, [0, 0], [4, 4], 24, 3.0),
                fn (Pen $pen) => self::cabin($pen),
            ),
            new Clip(
                'flags-go-up',
                ['flag', 'signal', 'mast', 'code', 'hoist', 'message', 'warning', 'sky', 'navy', 'letters'],
                new Subject('flags', fn (Pen $pen) => Harbour::flags($pen), 1300, 1, [94, 424, 46, 210], 1.3),
                new Motion([962, 640], [962, 110], 5, [0, 0], [4, 4], 2.5, 1.7),
                self::coast(Mood::Day, 0.66, function (Pen $pen): void {
                    $pen->rect(944, 60, 14, 900, '#5b4632')->line(700, 180, 1210, 180, '#5b4632', 10);
                    (new Coast($pen, Mood::Day, 0.66))->cliff(0.18, 0.86, 0.84, 4);
                })),
        ];
    }

    /** @return Closure(Pen): mixed */
    private static function coast(Mood $mood, float $horizon, ?Closure $with = null): Closure
    {
        return static function (Pen $pen) use ($mood, $horizon, $with): void {
            $coast = (new Coast($pen, $mood, $horizon))->sky(true, $mood === Mood::Night ? 0.3 : 0.42)->hills();
            $coast->sea();
            if ($with !== null) {
                $with($pen);
            }
        };
    }

    /** @return Closure(Pen): mixed */
    private static function swell(Mood $mood, float $from, float $high = 15): Closure
    {
        return static function (Pen $pen) use ($mood, $from, $high): void {
            Coast::wave($pen, $pen->height * $from, $high, 190, $mood->depths()[3], $mood->rim(), 0.45);
            Coast::wave($pen, $pen->height * ($from + 0.1), $high * 1.2, 250, $mood->depths()[4], $mood->rim(), 0.3);
        };
    }

    private static function rock(Pen $pen, Mood $mood, float $x, float $y, float $scale, bool $lit = true): void
    {
        $pen->at(
            $x,
            $y,
            static function (Pen $pen) use ($mood, $lit): void {
                Harbour::lighthouse($pen, $mood, $lit);
                $pen->path(
                    'M-210 40 Q-170 -26 -96 -22 Q-50 -44 0 -24 Q70 -44 110 -12 Q180 -18 220 40 Z',
                    $mood->depths()[3],
                );
                $pen->path('M-170 4 Q-120 -22 -90 -18 M60 -28 Q90 -26 112 -8', 'none', $mood->rim(), 4, 0.4);
            },
            $scale,
        );
    }

    private static function cabin(Pen $pen): void
    {
        $pen->rect(0, 0, 1920, 1080, $pen->gradient(['#3b2618', '#24160e']));
        for ($x = 0; $x < 1920; $x += 160) {
            $pen->line($x, 0, $x, 760, '#1b110b', 6)->line($x + 8, 0, $x + 8, 760, '#5d3e27', 2, 0.7);
        }
        foreach ([320, 1600] as $x) {
            $pen->disc($x, 380, 170, Mood::BRASS)->disc($x, 380, 140, $pen->gradient(Mood::Storm->sky()));
            $pen->path(
                'M'.($x - 138).' 410 q70 -40 138 0 q70 40 138 -4 q-20 110 -138 114 q-118 -6 -138 -110 Z',
                Mood::Storm->depths()[2],
            );
            for ($i = 0; $i < 8; $i++) {
                $pen->disc($x + 155 * cos($i * M_PI / 4), 380 + 155 * sin($i * M_PI / 4), 7, '#7c5a24');
            }
        }
        $pen->glow(960, 420, 880, Mood::LAMP, 0.3);
        $pen->rect(0, 0, 1920, 60, '#1b110b');
        $pen->shape([[300, 800], [1620, 800], [1820, 1080], [100, 1080]], $pen->gradient(['#8b5a33', '#4a2e1a']));
        $pen->shape([[760, 860], [1150, 850], [1200, 990], [730, 1000]], Mood::PAPER)
            ->path('M800 890 q120 40 200 -10 q90 20 150 60 M800 950 l120 -10', 'none', '#9c7b4a', 5)
            ->disc(1330, 880, 60, Mood::BRASS, 1, 30)
            ->disc(1330, 876, 48, '#f6ecd2', 1, 23);
    }
}
