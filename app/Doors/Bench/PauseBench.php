<?php

declare(strict_types=1);

namespace App\Doors\Bench;

use RapidReel\Making\Mix\Clearness;
use RapidReel\Making\Mix\Ducking;
use RapidReel\Plan\Choice\MusicLevel;
use RapidReel\Plan\Cut\CutMusic;
use RapidReel\Plan\Cut\CutWord;
use RapidReel\Voice\Speech\WordTiming;

/** Whether music stands in long pauses as it is set, however the voice beside them rises and falls. */
final class PauseBench
{
    private const SHORTS = 40;

    private const SCENES = 7;

    private const PAUSE_MS = 2_500;

    /** Decibels under the voice, and what a pause gives back. */
    private const LEVEL = 17;

    private const LIFT = 6;

    /** Coming back and going down again take so long, in ms. */
    private const RELEASE_MS = 400;

    private const ATTACK_MS = 100;

    /** @return list<BenchRow> */
    public static function rows(): array
    {
        mt_srand(11);
        $deepest = 0.0;
        $nearest = INF;
        for ($short = 0; $short < self::SHORTS; $short++) {
            [$below, $clear] = self::short();
            $deepest = max($deepest, $below);
            $nearest = min($nearest, $clear);
        }

        return [
            BenchRow::atMost(
                sprintf('music in %d pauses of 2.5 s, at most under its level', self::SHORTS * (self::SCENES - 1)),
                $deepest,
                0.5,
                '%.1f dB',
            ),
            BenchRow::atLeast('the voice over it where somebody speaks', $nearest, Clearness::CLEAR_DB, '%.1f dB'),
        ];
    }

    /** @return array{float, float} how far it sinks under its level in a pause, and how clear the voice is, in dB */
    private static function short(): array
    {
        $words = $voice = $pauses = [];
        $at = 0;
        for ($scene = 0; $scene < self::SCENES; $scene++) {
            $length = 100 * mt_rand(6, 40);
            $words[] = new CutWord(new WordTiming('word', $at, $at + $length), $scene);
            for ($ms = 0; $ms < $length; $ms += 100) {
                $voice[] = -14.0 - mt_rand(0, 60) / 10;
            }
            $at += $length;
            if ($scene < self::SCENES - 1) {
                $pauses[] = [$at + 2 * self::RELEASE_MS, $at + self::PAUSE_MS - 4 * self::ATTACK_MS];
                array_push($voice, ...array_fill(0, intdiv(self::PAUSE_MS, 100), -70.0));
                $at += self::PAUSE_MS;
            }
        }
        $music = array_map(static fn (): float => -14.0 + mt_rand(-30, 30) / 10, $voice);
        $level = new MusicLevel(self::LEVEL, self::LIFT, self::ATTACK_MS, self::RELEASE_MS, []);
        $set = Ducking::of(new CutMusic('1', 'a', -20.0, 200_000, [], $level), $words, $at, $at);
        $kept = Clearness::kept($set, $voice, $music);
        $deepest = 0.0;
        foreach ($pauses as [$from, $until]) {
            for ($ms = $from; $ms <= $until; $ms += 50) {
                $deepest = max($deepest, $set->at($ms) - $kept->at($ms));
            }
        }
        $clear = array_filter(
            Clearness::of($kept, $voice, $music),
            static fn (?float $second): bool => $second !== null,
        );

        return [$deepest, $clear === [] ? INF : min($clear)];
    }
}
