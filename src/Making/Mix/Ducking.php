<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix;

use RapidReel\Plan\Cut\CutMusic;
use RapidReel\Plan\Cut\CutWord;

/** The level of music, or of another sound, under a voice: down while somebody speaks, up again where nobody does. */
final class Ducking
{
    private const FADE_IN_MS = 400;

    /** It only comes back where it is up for so long. */
    public const UP_MS = 250;

    /**
     * @param  list<CutWord>  $words
     * @param  int  $lengthMs  of the short
     * @param  int  $fadeMs  moment that it begins to go out at
     * @return LevelLine in dB against the loudness of the voice
     */
    public static function of(CutMusic $music, array $words, int $lengthMs, int $fadeMs): LevelLine
    {
        $line = self::line(
            self::speech($words, $music->level->attackMs + $music->level->releaseMs + self::UP_MS),
            $music->level->under,
            $music->level->lift,
            $music->level->attackMs,
            $music->level->releaseMs,
            $lengthMs,
        );
        if ($music->level->line !== []) {
            $line = $line->plus(self::moved($music->level->line, $lengthMs));
        }

        return self::faded($line, $fadeMs, $lengthMs);
    }

    /**
     * When somebody speaks: pauses shorter than that are none.
     *
     * @param  list<CutWord>  $words
     * @return list<array{int, int}> from and until
     */
    public static function speech(array $words, int $leastPauseMs): array
    {
        $spans = [];
        foreach ($words as $word) {
            $last = count($spans) - 1;
            if ($last >= 0 && $word->timing->startMs - $spans[$last][1] < $leastPauseMs) {
                $spans[$last] = [$spans[$last][0], max($spans[$last][1], $word->timing->endMs)];
            } else {
                $spans[] = [$word->timing->startMs, $word->timing->endMs];
            }
        }

        return $spans;
    }

    /** @param  list<array{int, int}>  $speech */
    public static function line(
        array $speech,
        int $under,
        int $lift,
        int $attackMs,
        int $releaseMs,
        int $lengthMs,
    ): LevelLine {
        $down = (float) -$under;
        $up = $down + $lift;
        if ($lift === 0 || $speech === []) {
            return new LevelLine([[0, $speech === [] ? $up : $down], [$lengthMs, $speech === [] ? $up : $down]]);
        }
        $points = [];
        foreach ($speech as $i => [$from, $until]) {
            // Down by the time that the first sound is there.
            if ($from - $attackMs > 0) {
                $points[] = [$from - $attackMs, $up];
                $points[] = [$from, $down];
            } elseif ($i === 0) {
                $points[] = [0, $down];
            }
            $points[] = [$until, $down];
            if ($until + $releaseMs <= $lengthMs) {
                $points[] = [$until + $releaseMs, $up];
            }
        }
        if ($points[0][0] > 0) {
            array_unshift($points, [0, $up]);
        }

        return new LevelLine($points);
    }

    /**
     * What an operator moved: nothing at the ends, unless a point stands there.
     *
     * @param  non-empty-list<array{int, int}>  $points
     */
    private static function moved(array $points, int $lengthMs): LevelLine
    {
        $points = array_values(array_filter($points, static fn (array $point): bool => $point[0] <= $lengthMs));
        if ($points === [] || $points[0][0] > 0) {
            array_unshift($points, [0, 0]);
        }
        if ($points[count($points) - 1][0] < $lengthMs) {
            $points[] = [$lengthMs, 0];
        }

        return new LevelLine(array_map(static fn (array $point): array => [$point[0], (float) $point[1]], $points));
    }

    private static function faded(LevelLine $line, int $fadeMs, int $lengthMs): LevelLine
    {
        $in = min(self::FADE_IN_MS, $fadeMs);
        $points = [[0, LevelLine::SILENT]];
        if ($in > 0) {
            // As loud as a straight fade of the samples would have it halfway.
            $points[] = [intdiv($in, 2), $line->at($in) - 6.0];
            $points[] = [$in, $line->at($in)];
        }
        foreach ($line->points as $point) {
            if ($point[0] > $in && $point[0] < $fadeMs) {
                $points[] = $point;
            }
        }
        $from = $line->at($fadeMs);
        $long = $lengthMs - $fadeMs;
        $points[] = [$fadeMs, $from];
        // Evenly in samples, not in dB: else it would be gone halfway.
        foreach ([0.25, 0.5, 0.75, 0.9] as $share) {
            $at = $fadeMs + (int) ($share * $long);
            $points[] = [$at, min($from, $line->at($at)) + 20 * log10(1 - $share)];
        }
        $points[] = [$lengthMs, LevelLine::SILENT];

        return new LevelLine($points);
    }
}
