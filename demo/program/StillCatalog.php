<?php

declare(strict_types=1);

namespace RapidReel\Demo;

use Closure;

/** The stills of Lamplight Log: places, wide and upright. */
final class StillCatalog
{
    /** @return list<Still> */
    public static function all(): array
    {
        return [...self::places(), ...Keepsakes::all(), ...Portraits::all(), ...self::apart()];
    }

    /**
     * What is chosen by hand: to stand before shorts, after them, and behind subjects.
     *
     * @return list<Still>
     */
    private static function apart(): array
    {
        return [
            Still::upright('opening-lamp', ['opening', 'lamp', 'tower', 'night', 'beam'], function (Pen $pen): void {
                (new Coast($pen, Mood::Night, 0.82))->sky(true, 0.2)->sea();
                Harbour::beam($pen, 600, 700, 1300, 8);
                Harbour::beam($pen, 600, 700, 1300, 172);
                $pen->at(600, 1560, fn (Pen $pen) => Harbour::lighthouse($pen, Mood::Night), 2.5);
            }),
            Still::upright('ending-dawn', ['ending', 'dawn', 'boat', 'sail', 'sea'], function (Pen $pen): void {
                (new Coast($pen, Mood::Dawn, 0.7))->sky(true, 0.5)->hills()->sea();
                $pen->at(600, 1500, fn (Pen $pen) => Harbour::sailboat($pen), 2.2);
            }),
            Still::upright('behind-night-sea', ['behind', 'night', 'sea', 'moon', 'stars'], function (Pen $pen): void {
                (new Coast($pen, Mood::Night, 0.5))->sky(true, 0.3)->hills(2, 0.16)->sea();
            }),
        ];
    }

    /** @return list<Still> */
    private static function places(): array
    {
        return [
            Still::wide(
                'lighthouse-on-the-rock',
                ['lighthouse', 'rock', 'tower', 'sea', 'evening', 'light', 'reef', 'alone', 'island'],
                self::tower(Mood::Dusk, 0.5, 0.62, 1.25),
            ),
            Still::upright(
                'lighthouse-at-night',
                ['lighthouse', 'night', 'beam', 'tower', 'stars', 'light', 'dark', 'lit', 'shine'],
                function (Pen $pen): void {
                    (new Coast($pen, Mood::Night, 0.7))->sky(true, 0.22)->hills()->sea();
                    Harbour::beam($pen, 600, 620, 1300, 8);
                    Harbour::beam($pen, 600, 620, 1300, 184, 0.42);
                    (new Coast($pen, Mood::Night, 0.7))->cliff(0.12, 0.92, 0.7, 4);
                    $pen->at(600, 1450, fn (Pen $pen) => Harbour::lighthouse($pen, Mood::Night), 2.4);
                },
            ),
            Still::upright(
                'dark-tower',
                ['lighthouse', 'dark', 'out', 'tower', 'storm', 'lamp', 'failed', 'ruin', 'abandoned', 'empty'],
                function (Pen $pen): void {
                    (new Coast($pen, Mood::Storm, 0.66))->sky()->hills()->sea()->cliff(0.06, 0.86, 0.68, 3);
                    $pen->at(560, 1420, fn (Pen $pen) => Harbour::lighthouse($pen, Mood::Storm, false, '#6d4a40'), 2.5);
                    self::rain($pen);
                },
            ),
            Still::wide(
                'harbour-town',
                ['harbour', 'town', 'village', 'houses', 'street', 'people', 'quay', 'bay', 'home', 'families'],
                function (Pen $pen): void {
                    (new Coast($pen, Mood::Dusk, 0.5))->sky(true, 0.3)->hills(2, 0.2)->sea(4);
                    foreach ([120, 320, 520, 760, 980, 1190, 1420, 1640, 1830] as $i => $x) {
                        $pen->at(
                            $x,
                            700 - 34 * ($i % 3),
                            fn (Pen $pen) => Harbour::cottage($pen, $i % 4 !== 3),
                            1.25 + 0.12 * ($i % 2),
                        );
                    }
                    Harbour::quay($pen, 0, 1920, 690, 150, '#5f5148');
                    $pen->at(1280, 960, fn (Pen $pen) => Harbour::sailboat($pen), 0.9)->at(
                        560,
                        1000,
                        fn (Pen $pen) => Harbour::rowboat($pen, 0.1),
                        1.1,
                    );
                },
            ),
            Still::wide(
                'breakwater',
                ['breakwater', 'wall', 'stone', 'harbour', 'wave', 'pier', 'storm', 'entrance', 'built'],
                function (Pen $pen): void {
                    (new Coast($pen, Mood::Storm, 0.48))->sky()->hills()->sea();
                    Harbour::quay($pen, 0, 1180, 620, 260, '#4d4f4c');
                    $pen->at(1080, 622, fn (Pen $pen) => Harbour::lighthouse($pen, Mood::Storm), 0.85);
                    for ($i = 0; $i < 26; $i++) {
                        $pen->disc(
                            1200 + $pen->pick(-70, 120),
                            640 - $pen->pick(0, 330),
                            $pen->pick(6, 34),
                            '#dfe6df',
                            $pen->pick(0.2, 0.65),
                        );
                    }
                    Coast::wave($pen, 850, 40, 210, Mood::Storm->depths()[4], Mood::Storm->rim(), 0.5);
                },
            ),
            Still::wide(
                'wreck-on-the-reef',
                ['wreck', 'ship', 'reef', 'rock', 'broken', 'lost', 'storm', 'sank', 'sink', 'disaster'],
                function (Pen $pen): void {
                    (new Coast($pen, Mood::Storm, 0.5))->sky()->hills()->sea(4);
                    $pen->at(
                        980,
                        740,
                        function (Pen $pen): void {
                            $pen->line(-80, -120, -190, -520, '#2b211b', 18)
                                ->line(120, -130, 210, -400, '#2b211b', 15)
                                ->path('M-186 -500 q130 60 60 220 q-60 -30 -100 -40 Z', '#c9b68f', 'none', 0, 0.85);
                            $pen->path(
                                'M-420 -150 L380 -40 Q350 90 240 130 L-240 110 Q-390 40 -420 -150 Z',
                                $pen->gradient(['#4e2f22', '#22140e']),
                            )->path('M-120 -30 l90 -40 l60 70 l-80 80 l-110 -30 Z', '#0c1417');
                        },
                        1,
                        -9,
                    );
                    $pen->path(
                        'M380 900 L520 700 L600 760 L700 640 L820 860 Z M1180 900 L1300 720 L1420 780 L1500 690 L1620 '
                            .'900 Z',
                        '#101a1e',
                    );
                    Coast::wave($pen, 850, 34, 180, Mood::Storm->depths()[4], Mood::Storm->rim(), 0.5);
                },
            ),
            Still::upright(
                'cliff-stairs',
                ['stairs', 'steps', 'cliff', 'climb', 'path', 'rope', 'high', 'top', 'hundred'],
                function (Pen $pen): void {
                    (new Coast($pen, Mood::Dawn, 0.62))->sky()->hills()->sea()->cliff(0.3, 1.3, 0.34, 3);
                    for ($i = 0; $i < 22; $i++) {
                        $pen->rect(
                            700 + ($i % 2 === 0 ? 0 : 14) - 6 * $i + 190 * sin($i / 4),
                            1900 - 56 * $i,
                            150 - 4 * $i,
                            18,
                            '#d8c9a8',
                            4,
                            0.9,
                        );
                    }
                    $pen->at(850, 690, fn (Pen $pen) => Harbour::cottage($pen), 1.3);
                },
            ),
            Still::wide(
                'fog-bank',
                ['fog', 'mist', 'sea', 'silence', 'blind', 'ship', 'weather', 'white', 'hidden', 'ghost'],
                function (Pen $pen): void {
                    (new Coast($pen, Mood::Fog, 0.52))->sky(true, 0.5)->sea(4, false);
                    $pen->at(1010, 650, fn (Pen $pen) => Harbour::steamer($pen), 1.3);
                    foreach ([420, 520, 610, 720, 840] as $i => $y) {
                        $pen->rect(-200, $y, 2400, 80 + 14 * $i, Mood::Fog->rim(), 60, 0.34);
                    }
                },
            ),
            Still::upright(
                'stars-over-the-bay',
                ['stars', 'night', 'sky', 'navigate', 'north', 'map', 'dark', 'quiet', 'years'],
                function (Pen $pen): void {
                    (new Coast($pen, Mood::Night, 0.78))->sky(false)->hills()->sea();
                    $stars = [[280, 320], [460, 420], [620, 380], [760, 520], [960, 500], [920, 700], [740, 690]];
                    foreach ($stars as $i => [$x, $y]) {
                        $pen->glow($x, $y, 46, '#fff3cf', 0.8)->disc($x, $y, 8, '#fffaf0');
                        $next = $stars[$i + 1] ?? [760, 520];
                        $pen->line($x, $y, $next[0], $next[1], Mood::PAPER, 2.5, 0.35);
                    }
                    $pen->at(420, 1640, fn (Pen $pen) => Harbour::sailboat($pen), 1.1);
                },
            ),
            Still::wide(
                'ice-in-the-harbour',
                ['ice', 'winter', 'frozen', 'snow', 'cold', 'harbour', 'white', 'froze', 'january'],
                function (Pen $pen): void {
                    (new Coast($pen, Mood::Dawn, 0.5))->sky()->hills(2, 0.16);
                    $pen->rect(0, 540, 1920, 540, $pen->gradient(['#dfe9e6', '#8fb0b4']));
                    for ($i = 0; $i < 16; $i++) {
                        [$x, $y] = [$pen->pick(-100, 1900), $pen->pick(580, 1060)];
                        $r = 60 + ($y - 540) * 0.5;
                        $pen->shape(
                            [
                                [$x - $r, $y],
                                [$x - $r * 0.4, $y - $r * 0.22],
                                [$x + $r * 0.6, $y - $r * 0.18],
                                [$x + $r, $y + $r * 0.05],
                                [$x + $r * 0.3, $y + $r * 0.24],
                                [$x - $r * 0.6, $y + $r * 0.2],
                            ],
                            '#f3f6f0',
                            0.85,
                        );
                    }
                    $pen->at(1000, 720, fn (Pen $pen) => Harbour::sailboat($pen, '#d8d2c0', '#4b2c1c'), 1.3, -7);
                },
            ),
        ];
    }

    private static function tower(Mood $mood, float $x, float $horizon, float $scale): Closure
    {
        return static function (Pen $pen) use ($mood, $x, $horizon, $scale): void {
            (new Coast($pen, $mood, $horizon))
                ->sky(true, $x - 0.2)
                ->hills()
                ->sea();
            $pen->at(
                $pen->width * $x,
                $pen->height * ($horizon + 0.12),
                static function (Pen $pen) use ($mood): void {
                    Harbour::lighthouse($pen, $mood);
                    $pen->path(
                        'M-260 60 Q-200 -30 -110 -26 Q-60 -52 0 -28 Q80 -52 130 -16 Q210 -24 270 60 Z',
                        $mood->depths()[4],
                    );
                },
                $scale,
            );
            Coast::wave($pen, $pen->height * ($horizon + 0.16), 15, 200, $mood->depths()[3], $mood->rim(), 0.4);
        };
    }

    private static function rain(Pen $pen): void
    {
        for ($i = 0; $i < 150; $i++) {
            [$x, $y] = [$pen->pick(0, $pen->width), $pen->pick(0, $pen->height)];
            $pen->line($x, $y, $x - 16, $y + 62, '#cfd9d3', 2.5, 0.28);
        }
    }
}
