<?php

declare(strict_types=1);

namespace RapidReel\Plan\Pace;

use RapidReel\Voice\Speech\WordTiming;

/**
 * Cuts a scene into shots at word boundaries. To a cadence: of all ways to do so the one that costs least, found
 * exactly by dynamic programming. A shot costs what it is off the cadence by; a change in a pause of the voice costs
 * less than one in the midst of speech. Without one: as few shots as the longest allows, evenly.
 */
final readonly class ShotPlanner
{
    /** A scene that lasts longer is cut (common practice: a new picture every 2 to 3 s, no published source). */
    public const LONGEST_MS = 3_000;

    /** No shot is made shorter by a cut. */
    public const SHORTEST_MS = 1_200;

    /** What a shot that is too long, or has too few or too many words, costs beside what it is off by. */
    private const OUTSIDE = 5_000.0;

    /** What a pause saves at most. */
    private const PAUSE = 250.0;

    /** What words off the middle of their range cost, squared and over the middle. */
    private const WORDS_OFF = 500.0;

    private Cadence $cadence;

    public function __construct(
        private int $longestMs = self::LONGEST_MS,
        private int $shortestMs = self::SHORTEST_MS,
        ?Cadence $cadence = null,
    ) {
        $this->cadence = $cadence ?? Cadence::longest();
    }

    /**
     * @param  list<WordTiming>  $words  times from the scene's start
     * @param  list<int>  $fixed  words at which a shot begins whatever its length, rising
     * @param  array<int, int>  $spans  words that a shot is held over at least, by the word that it begins at
     * @return array<int, int> where every shot after the first begins in ms, by the number of its first word, rising
     */
    public function changes(array $words, int $sceneMs, array $fixed = [], array $spans = []): array
    {
        $fixed = array_values(array_filter($fixed, static fn (int $word): bool => $word > 0 && $word < count($words)));
        $changes = [];
        foreach ([0, ...$fixed] as $i => $first) {
            if ($first > 0) {
                $changes[$first] = $words[$first]->startMs;
            }
            $end = $fixed[$i] ?? count($words);
            $held = min($end, $first + ($spans[$first] ?? 0));
            $found = $this->cadence->kind === CadenceKind::Longest
                ? $this->few($words, $first, $end, $sceneMs, $held)
                : $this->between($words, $first, $end, $sceneMs, $held);
            foreach ($found as $word) {
                $changes[$word] = $words[$word]->startMs;
            }
        }
        ksort($changes);

        return $changes;
    }

    /**
     * What a way to cut costs: the least of all is what changes() finds.
     *
     * @param  list<WordTiming>  $words
     * @param  list<int>  $changes  words at which a shot begins after the first of the stretch, rising
     * @param  int  $first  word that the stretch begins at
     * @param  int|null  $end  the word after it; null for the end of the scene
     * @return float INF where a change makes a shot too short
     */
    public function cost(array $words, int $sceneMs, array $changes, int $first = 0, ?int $end = null): float
    {
        $end ??= count($words);
        $ideal = $this->ideal();
        $cost = 0.0;
        $edges = [$first, ...$changes, $end];
        foreach (array_slice($edges, 1) as $i => $next) {
            $cost += $this->shot($words, $sceneMs, $edges[$i], $next, $ideal, $changes === [])
                + ($next === $end ? 0.0 : $this->change($words, $next));
        }

        return $cost;
    }

    /**
     * As few shots as the longest allows, one after the other, each as near as can be to an even share of what is left.
     *
     * @param  list<WordTiming>  $words
     * @param  int  $held  no shot begins before this word
     * @return list<int> words at which a shot begins, rising
     */
    private function few(array $words, int $first, int $end, int $sceneMs, int $held): array
    {
        $at = $this->at($words, $sceneMs, $first);
        $until = $this->at($words, $sceneMs, $end);
        $changes = [];
        while ($until - $at > $this->longestMs) {
            $even = intdiv($until - $at, (int) ceil(($until - $at) / $this->longestMs));
            $best = [INF, 0, 0];
            for ($word = max($first + 1, $held, 1); $word < $end; $word++) {
                $length = $words[$word]->startMs - $at;
                if ($length < $this->shortestMs || $until - $words[$word]->startMs < $this->shortestMs) {
                    continue;
                }
                $pause = $words[$word]->startMs - ($words[$word - 1] ?? $words[$word])->endMs;
                $cost = abs($length - $even) - min(self::PAUSE, 2 * $pause)
                    + ($length > $this->longestMs ? self::OUTSIDE + $length : 0);
                $best = $cost < $best[0] ? [$cost, $word, $words[$word]->startMs] : $best;
            }
            if ($best[1] === 0) {
                break;
            }
            $changes[] = $best[1];
            $at = $best[2];
        }

        return $changes;
    }

    /**
     * @param  list<WordTiming>  $words
     * @param  int  $held  no shot begins before this word
     * @return list<int> words at which a shot begins, rising
     */
    private function between(array $words, int $first, int $end, int $sceneMs, int $held): array
    {
        $ideal = $this->ideal();
        /** @var array<int, float> $costs of the best way up to a word */
        $costs = [$first => 0.0];
        $from = [];
        for ($next = $first + 1; $next <= $end; $next++) {
            $costs[$next] = INF;
            $change = $next === $end ? 0.0 : $this->change($words, $next);
            for ($begin = $next - 1; $begin >= $first; $begin--) {
                if ($costs[$begin] === INF || ($begin === $first && $next < $held)) {
                    continue;
                }
                $isWhole = $begin === $first && $next === $end;
                $cost = $costs[$begin] + $change + $this->shot($words, $sceneMs, $begin, $next, $ideal, $isWhole);
                if ($cost < $costs[$next]) {
                    $costs[$next] = $cost;
                    $from[$next] = $begin;
                }
            }
        }
        $changes = [];
        for ($at = $end; ($from[$at] ?? $first) > $first; $at = $from[$at]) {
            $changes[] = $from[$at];
        }

        return array_reverse($changes);
    }

    /**
     * @param  list<WordTiming>  $words
     * @param  bool  $isWhole  whether nothing is cut off it
     */
    private function shot(array $words, int $sceneMs, int $begin, int $end, float $ideal, bool $isWhole): float
    {
        $length = $this->at($words, $sceneMs, $end) - $this->at($words, $sceneMs, $begin);
        if (! $isWhole && $length < $this->shortestMs) {
            return INF;
        }
        if ($this->cadence->kind === CadenceKind::Words) {
            $count = $end - $begin;
            $outside = max(0, $this->cadence->fewest - $count, $count - $this->cadence->most);

            return self::WORDS_OFF * ($count - $ideal) ** 2 / $ideal + ($outside > 0 ? self::OUTSIDE * $outside : 0.0);
        }

        return ($length - $ideal) ** 2 / $ideal;
    }

    /**
     * What a change before a word costs.
     *
     * @param  list<WordTiming>  $words
     */
    private function change(array $words, int $word): float
    {
        $before = $words[max(0, $word - 1)];
        $pause = min(self::PAUSE, 2.0 * max(0, $words[$word]->startMs - $before->endMs));

        return self::PAUSE - $pause;
    }

    /** What a shot has at best: ms, or words. */
    private function ideal(): float
    {
        return $this->cadence->kind === CadenceKind::Words
            ? ($this->cadence->fewest + $this->cadence->most) / 2
            : 1000 * $this->cadence->seconds;
    }

    /**
     * When a shot that begins at a word does so, in ms.
     *
     * @param  list<WordTiming>  $words
     */
    private function at(array $words, int $sceneMs, int $word): int
    {
        return match (true) {
            $word <= 0 => 0,
            $word >= count($words) => $sceneMs,
            default => $words[$word]->startMs,
        };
    }
}
