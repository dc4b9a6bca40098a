<?php

declare(strict_types=1);

namespace RapidReel\Pace;

use RapidReel\Voice\WordTiming;

/**
 * Cuts a scene into shots at word boundaries, near even lengths, preferring a pause in the voice.
 */
final readonly class ShotPlanner
{
    /** A scene that lasts longer is cut (common practice: a new picture every 2 to 3 s, no published source). */
    public const LONGEST_MS = 3_000;

    /** No shot is made shorter by a cut. */
    public const SHORTEST_MS = 1_200;

    public function __construct(
        private int $longestMs = self::LONGEST_MS,
        private int $shortestMs = self::SHORTEST_MS,
    ) {
    }

    /**
     * @param  list<WordTiming>  $words  times from the scene's start
     * @param  list<int>  $fixed  words at which a shot begins whatever its length, rising
     * @return array<int, int> where every shot after the first begins in ms, by the number of its first word, rising
     */
    public function changes(array $words, int $sceneMs, array $fixed = []): array
    {
        $fixed = array_values(array_filter($fixed, static fn (int $word): bool => $word > 0 && $word < count($words)));
        $changes = [];
        foreach ([0, ...$fixed] as $i => $first) {
            $end = $fixed[$i] ?? null;
            if ($first > 0) {
                $changes[$first] = $words[$first]->startMs;
            }
            $changes += $this->between(
                $words,
                $first,
                $end,
                $first === 0 ? 0 : $words[$first]->startMs,
                $end === null ? $sceneMs : $words[$end]->startMs,
            );
        }
        ksort($changes);

        return $changes;
    }

    /**
     * @param  list<WordTiming>  $words
     * @param  int|null  $end  the word at which the next shot begins; null at the end of the scene
     * @return array<int, int>
     */
    private function between(array $words, int $first, ?int $end, int $at, int $untilMs): array
    {
        $changes = [];
        while ($untilMs - $at > $this->longestMs) {
            $shots = (int) ceil(($untilMs - $at) / $this->longestMs);
            $next = $this->next(
                array_slice($words, 0, $end, true),
                $first,
                $at,
                intdiv($untilMs - $at, $shots),
                $untilMs,
            );
            if ($next === null) {
                break;
            }
            $at = $words[$next]->startMs;
            $changes[$next] = $at;
        }

        return $changes;
    }

    /** @param  array<int, WordTiming>  $words  by their numbers */
    private function next(array $words, int $first, int $at, int $ideal, int $untilMs): ?int
    {
        $best = null;
        $bestCost = INF;
        foreach ($words as $i => $word) {
            $length = $word->startMs - $at;
            if (
                $i <= $first ||
                ! isset($words[$i - 1]) ||
                $length < $this->shortestMs ||
                $untilMs - $word->startMs < $this->shortestMs
            ) {
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
