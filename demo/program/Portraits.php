<?php

declare(strict_types=1);

namespace RapidReel\Demo;

use Closure;

/** Stills that show a drawn face. All of them are invented. */
final class Portraits
{
    /** @return list<Still> */
    public static function all(): array
    {
        return [
            Still::portrait(
                'old-keeper',
                ['keeper', 'old', 'man', 'beard', 'face', 'watch', 'wise', 'grandfather', 'years', 'alone'],
                ['skin' => Mood::SKIN, 'hair' => '#e3ddcd', 'coat' => '#27414d', 'beard' => true, 'cap' => true],
                self::by(Mood::Dusk),
                true,
                0.5,
                1.35,
            ),
            Still::portrait(
                'keepers-daughter',
                ['daughter', 'girl', 'young', 'woman', 'face', 'child', 'brave', 'sister', 'light'],
                [
                    'skin' => '#e2b48b',
                    'hair' => '#8a3f24',
                    'coat' => '#3d6a5c',
                    'long' => true,
                    'smile' => 12,
                    'young' => true,
                ],
                self::by(Mood::Dawn),
                true,
                0.5,
                1.25,
            ),
            Still::portrait(
                'captain',
                ['captain', 'ship', 'sailor', 'man', 'face', 'order', 'crew', 'stern', 'command'],
                [
                    'skin' => '#b98259',
                    'hair' => '#2b211b',
                    'coat' => '#1c2f45',
                    'beard' => true,
                    'cap' => true,
                    'smile' => 2,
                ],
                self::by(Mood::Storm),
                false,
                0.57,
                0.9,
            ),
            Still::portrait(
                'widow-at-the-window',
                ['widow', 'woman', 'wife', 'mother', 'wait', 'face', 'sad', 'grief', 'love', 'letter'],
                ['skin' => '#e6bf9b', 'hair' => '#3b2f35', 'coat' => '#2a2430', 'long' => true, 'smile' => 1],
                self::by(Mood::Fog),
                true,
                0.5,
                1.3,
            ),
            Still::portrait(
                'apprentice',
                ['boy', 'apprentice', 'young', 'son', 'face', 'learn', 'first', 'brother', 'afraid'],
                ['skin' => '#dca57b', 'hair' => '#5a3a22', 'coat' => '#5b3b33', 'smile' => 9, 'young' => true],
                self::by(Mood::Day),
                false,
                0.43,
                0.88,
            ),
            Still::portrait(
                'harbour-pilot',
                ['pilot', 'woman', 'harbour', 'face', 'skill', 'guide', 'sailor', 'smile', 'legend', 'expert'],
                [
                    'skin' => '#9c6a47',
                    'hair' => '#1d1714',
                    'coat' => '#7a3a2a',
                    'cap' => true,
                    'long' => true,
                    'smile' => 11,
                    'young' => true,
                ],
                self::by(Mood::Dusk),
                false,
                0.54,
                0.92,
            ),
        ];
    }

    private static function by(Mood $mood): Closure
    {
        return static function (Pen $pen) use ($mood): void {
            (new Coast($pen, $mood, 0.62))->sky(true, 0.24)->hills(2, 0.12)->sea();
            $pen->at(
                $pen->width * 0.84,
                $pen->height * 0.65,
                fn (Pen $pen) => Harbour::lighthouse($pen, $mood),
                $pen->height / 1600,
            );
        };
    }
}
