<?php

declare(strict_types=1);

namespace RapidReel\Captions\Import;

use RapidReel\Base\PlainText;
use RapidReel\Base\Subtitle\TimedCue;

/**
 * Puts captions of a file over the words that are said at their times, whatever they say themselves: those of a
 * translation, say.
 */
final class TimePlacer
{
    /** So far from its time, in ms, a word may be that a caption stands over where nothing is said in its own. */
    private const NEAR_MS = 1_000;

    /**
     * @param  list<TimedCue>  $cues  in order
     * @param  list<array{int, int, int, int}>  $said  words of the short: scene, number in the scene, begin and end in
     *                                                 ms of the short
     * @return list<PlacedCue> in order; a caption that is shown over two scenes is two, its words parted between them
     */
    public static function place(array $cues, array $said): array
    {
        $owners = [];
        $at = 0;
        foreach ($said as $i => [, , $start, $end]) {
            $middle = ($start + $end) / 2;
            while ($at < count($cues) && $cues[$at]->endMs <= $middle) {
                $at++;
            }
            if ($at < count($cues) && $cues[$at]->startMs <= $middle) {
                $owners[$i] = $at;
            }
        }
        foreach (array_diff(array_keys($cues), $owners) as $number) {
            $near = self::nearest($cues[$number], $said, $owners);
            if ($near !== null) {
                $owners[$near] = $number;
            }
        }
        ksort($owners);
        // Captions stay in the order of the file, one that was put to a near word too.
        $last = -1;
        foreach ($owners as $i => $number) {
            if ($number < $last) {
                unset($owners[$i]);
            } else {
                $last = $number;
            }
        }

        return self::parted($cues, $said, $owners);
    }

    /**
     * @param  list<array{int, int, int, int}>  $said
     * @param  array<int, int>  $owners  captions by words
     * @return int|null the word that is nearest to a caption and has none
     */
    private static function nearest(TimedCue $cue, array $said, array $owners): ?int
    {
        [$found, $least] = [null, self::NEAR_MS];
        foreach (array_diff_key($said, $owners) as $i => [, , $start, $end]) {
            $far = max($start - $cue->endMs, $cue->startMs - $end, 0);
            if ($far < $least) {
                [$found, $least] = [$i, $far];
            }
        }

        return $found;
    }

    /**
     * @param  list<TimedCue>  $cues
     * @param  list<array{int, int, int, int}>  $said
     * @param  array<int, int>  $owners
     * @return list<PlacedCue>
     */
    private static function parted(array $cues, array $said, array $owners): array
    {
        $runs = [];
        foreach ($owners as $i => $number) {
            [$scene, $word] = $said[$i];
            $last = count($runs) - 1;
            if ($last >= 0 && [$runs[$last][0], $runs[$last][1], $runs[$last][2] + $runs[$last][3]]
                === [$number, $scene, $word]) {
                $runs[$last][3]++;
            } else {
                $runs[] = [$number, $scene, $word, 1];
            }
        }
        $placed = [];
        foreach ($cues as $number => $cue) {
            $own = array_values(array_filter($runs, static fn (array $run): bool => $run[0] === $number));
            $all = array_sum(array_column($own, 3));
            $words = PlainText::words($cue->line());
            $lines = $cue->counts();
            [$passed, $given] = [0, 0];
            foreach ($own as $i => [, $scene, $word, $count]) {
                $passed += $count;
                $until = (int) round(count($words) * $passed / $all);
                if ($until > $given) {
                    $placed[] = new PlacedCue(
                        $number,
                        $scene,
                        $word,
                        $count,
                        implode(' ', array_slice($words, $given, $until - $given)),
                        count($own) === 1 && count($lines) > 1 ? $lines : [],
                        $i === 0 ? $cue->startMs : null,
                        $i === count($own) - 1 ? $cue->endMs : null,
                    );
                    $given = $until;
                }
            }
        }

        return $placed;
    }
}
