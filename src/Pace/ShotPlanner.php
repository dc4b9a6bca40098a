<?php

declare(strict_types=1);

namespace RapidReel\Pace;

use RapidReel\Voice\WordTiming;

/**
 * Cuts a scene into shots at word boundaries, near even lengths, preferring a pause in the voice.
 */
final readonly class ShotPlanner
{
    /**
     * @param  int  $longestMs  a scene that lasts longer is cut (common practice: a new picture every 2 to 3 s, no published source)
     * @param  int  $shortestMs  no shot is made shorter by a cut
     */
    public function __construct(
        private int $longestMs = 3_000,
        private int $shortestMs = 1_200,
    ) {
    }

    /**
     * @param  list<WordTiming>  $words  times from the scene's start
     * @return array<int, int> where every shot after the first begins in ms, by the number of its first word, rising
     */
    public function cuts(array $words, int $sceneMs): array
    {
        $cuts = [];
        $at = 0;
        while ($sceneMs - $at > $this->longestMs) {
            $shots = (int) ceil(($sceneMs - $at) / $this->longestMs);
            $cut = $this->nextCut($words, $at, intdiv($sceneMs - $at, $shots), $sceneMs);
            if ($cut === null) {
                break;
            }
            $at = $words[$cut]->startMs;
            $cuts[$cut] = $at;
        }

        return $cuts;
    }

    /**
     * @param  list<WordTiming>  $words
     */
    private function nextCut(array $words, int $at, int $ideal, int $sceneMs): ?int
    {
        $best = null;
        $bestCost = INF;
        foreach ($words as $i => $word) {
            $length = $word->startMs - $at;
            if ($i === 0 || $length < $this->shortestMs || $sceneMs - $word->startMs < $this->shortestMs) {
                continue;
            }
            $pause = $word->startMs - $words[$i - 1]->endMs;
            $cost = abs($length - $ideal) - min(250, 2 * $pause) + ($length > $this->longestMs ? 5_000 + $length : 0);
            if ($cost < $bestCost) {
                $best = $i;
                $bestCost = $cost;
            }
        }

        return $best;
    }
}
