<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix\Beat;

/**
 * Tempo, beats and bars of a piece out of its onsets. The tempo by autocorrelation under a preference for what people
 * tap, the beats by dynamic programming (D. Ellis, "Beat tracking by dynamic programming", Journal of New Music
 * Research 36, 2007); both are then fitted to each other by least squares.
 */
final class TempoMeter
{
    private const SLOWEST = 50.0;

    private const FASTEST = 210.0;

    /** What people tap most, and how far from it they still do, in octaves. */
    private const USUAL = 112.0;

    private const SPREAD = 0.9;

    /** How much beats hold to their distance, against how strong what begins at them is. */
    private const TIGHT = 120.0;

    /** Another octave is asked for from these tempos, and by these shares of what begins. */
    private const TWICE = 95.0;

    private const HALF = 100.0;

    private const ALIKE = 0.6;

    private const OFF = 0.5;

    private const KEEPS = 3.0;

    private const LEAST_FRAMES = 400;

    /** Noise is like itself by chance: the less so, the longer it is heard, by the root of that. */
    private const LEAST_CERTAINTY = 0.1;

    private const BY_CHANCE = 6.0;

    /**
     * @param  list<float>  $onsets  one every 10 ms, as OnsetMeter has them
     * @param  list<float>  $low  those of the low bands alone, which mark bars; none where they are not known
     * @return Rhythm|null null where nothing beats, or it is heard too short to tell
     */
    public static function of(array $onsets, array $low = []): ?Rhythm
    {
        $frames = count($onsets);
        $strengths = self::levelled($onsets);
        if ($frames < self::LEAST_FRAMES || max([0.0, ...$strengths]) <= 0.0) {
            return null;
        }
        [$period, $certainty] = self::period($strengths);
        if ($certainty < max(self::LEAST_CERTAINTY, self::BY_CHANCE / sqrt($frames))) {
            return null;
        }
        $beats = self::beats($strengths, $period);
        if ($beats === [] || count($beats) < 4) {
            return null;
        }
        $other = self::otherOctave($strengths, $beats, $period);
        if ($other !== $period) {
            [$period, $beats] = [$other, self::beats($strengths, $other) ?: $beats];
        }
        [$period, $beats] = self::fitted($beats, $period);
        $marks = self::levelled($low, INF);
        // Without a bass there is nothing far down that keeps to the beat.
        [$perBar, $first] = self::meter(
            self::onBeats($marks, $beats) >= self::KEEPS ? $marks : self::levelled($onsets, INF),
            $beats,
        );

        return new Rhythm(
            60_000 / ($period * OnsetMeter::HOP_MS),
            // What begins in a frame begins, on average, in its middle.
            array_map(static fn (float $at): int => max(0, (int) round(OnsetMeter::HOP_MS * $at)), $beats),
            $perBar,
            $first,
            min(1.0, $certainty),
        );
    }

    /**
     * What stands out from the second around it, over the spread of all.
     *
     * @param  list<float>  $onsets
     * @return list<float>
     */
    private static function levelled(array $onsets, float $most = 4.0): array
    {
        $sums = [0.0];
        foreach ($onsets as $i => $onset) {
            $sums[] = $sums[$i] + $onset;
        }
        $count = count($onsets);
        $found = [];
        foreach ($onsets as $i => $onset) {
            [$from, $until] = [max(0, $i - 50), min($count, $i + 50)];
            $found[] = max(0.0, $onset - ($sums[$until] - $sums[$from]) / ($until - $from));
        }
        $power = sqrt(array_sum(array_map(static fn (float $one): float => $one * $one, $found)) / max(1, $count));
        if ($power < 1e-6) {
            return array_fill(0, $count, 0.0);
        }

        return array_map(static fn (float $one): float => min($most, $one / $power), $found);
    }

    /**
     * @param  list<float>  $strengths
     * @return array{float, float} frames from beat to beat, and how sure that is, 0…1
     */
    private static function period(array $strengths): array
    {
        $count = count($strengths);
        // A little wider than a frame: no two beats lie equally in theirs.
        $smooth = [];
        foreach ($strengths as $i => $one) {
            $smooth[] = 0.25 * ($strengths[$i - 1] ?? 0.0) + 0.5 * $one + 0.25 * ($strengths[$i + 1] ?? 0.0);
        }
        $mean = array_sum($smooth) / $count;
        $smooth = array_map(static fn (float $one): float => $one - $mean, $smooth);
        $longest = (int) ceil(4 * 6_000 / self::SLOWEST);
        $alike = [];
        for ($lag = 0; $lag <= min($longest, intdiv($count, 2)); $lag++) {
            $sum = 0.0;
            for ($i = $lag; $i < $count; $i++) {
                $sum += $smooth[$i] * $smooth[$i - $lag];
            }
            $alike[] = $sum / ($count - $lag);
        }
        $at = static function (float $lag) use ($alike): float {
            $i = (int) floor($lag);

            return isset($alike[$i + 1]) ? $alike[$i] + ($lag - $i) * ($alike[$i + 1] - $alike[$i]) : 0.0;
        };
        $best = [0.0, 0.0, 0.0];
        for ($bpm = self::SLOWEST; $bpm <= self::FASTEST; $bpm *= 1.002) {
            $lag = 6_000 / $bpm;
            // What beats is like itself after two, three and four beats too.
            $score = ($at($lag) + 0.5 * $at(2 * $lag) + 0.25 * $at(3 * $lag) + 0.25 * $at(4 * $lag)) / 2;
            $score *= exp(-0.5 * (log($bpm / self::USUAL, 2) / self::SPREAD) ** 2);
            if ($score > $best[1]) {
                $best = [$lag, $score, $at($lag)];
            }
        }

        return [$best[0], $alike[0] > 0 ? max(0.0, $best[2] / $alike[0]) : 0.0];
    }

    /**
     * The row of beats that is strongest at the least change of distance, by dynamic programming.
     *
     * @param  list<float>  $strengths
     * @return list<int> frames
     */
    private static function beats(array $strengths, float $period): array
    {
        $scores = $before = [];
        [$near, $far] = [(int) round($period / 2), (int) round(2 * $period)];
        $costs = [];
        for ($back = $near; $back <= $far; $back++) {
            $costs[$back] = self::TIGHT * log($back / $period) ** 2;
        }
        foreach ($strengths as $i => $strength) {
            $best = 0.0;
            $from = null;
            for ($back = $near; $back <= min($far, $i); $back++) {
                $score = $scores[$i - $back] - $costs[$back];
                if ($score > $best) {
                    [$best, $from] = [$score, $i - $back];
                }
            }
            $scores[] = $strength + $best;
            $before[] = $from;
        }
        $last = count($scores) - 1;
        $at = null;
        for ($i = max(0, $last - (int) round($period)); $i <= $last; $i++) {
            $at = $at === null || $scores[$i] > $scores[$at] ? $i : $at;
        }
        $beats = [];
        while ($at !== null) {
            array_unshift($beats, $at);
            $at = $before[$at];
        }

        return $beats;
    }

    /**
     * Twice as fast where nearly as much begins halfway between the beats as on them, half as fast where next to
     * nothing begins on every other one.
     *
     * @param  list<float>  $strengths
     * @param  non-empty-list<int>  $beats
     */
    private static function otherOctave(array $strengths, array $beats, float $period): float
    {
        $even = $odd = $between = [];
        foreach ($beats as $i => $beat) {
            $between[] = self::around($strengths, $beat + (int) round($period / 2), 2);
            if ($i % 2 === 0) {
                $even[] = self::around($strengths, $beat, 2);
            } else {
                $odd[] = self::around($strengths, $beat, 2);
            }
        }
        // Weak ones among them: that bars begin more strongly says nothing of what lies between beats.
        $bpm = 6_000 / $period;
        // Both in the middle and among the weak: one loud beat in four is no reason.
        $isOff = true;
        foreach ([0.5, 0.3] as $share) {
            [$evens, $odds] = [self::share($share, $even), self::share($share, $odd)];
            $isOff = $isOff && min($evens, $odds) < self::OFF * max($evens, $odds);
        }

        return match (true) {
            self::share(0.3, $between) > self::ALIKE * self::share(0.3, [...$even, ...$odd])
                && $bpm <= self::TWICE => $period / 2,
            $isOff && $bpm >= self::HALF => 2 * $period,
            default => $period,
        };
    }

    /** @param  array<float>  $of */
    private static function share(float $share, array $of): float
    {
        sort($of);

        return $of[(int) ($share * count($of))] ?? 0.0;
    }

    /** @param  list<float>  $strengths */
    private static function around(array $strengths, int $at, int $near): float
    {
        return max([0.0, ...array_slice($strengths, max(0, $at - $near), 2 * $near + 1)]);
    }

    /**
     * Beats of a steady piece at their true distance; those of one that is not stay as they were found.
     *
     * @param  non-empty-list<int>  $beats  frames
     * @return array{float, list<float>}
     */
    private static function fitted(array $beats, float $period): array
    {
        $numbers = [0];
        foreach (array_slice($beats, 1) as $i => $beat) {
            $numbers[] = $numbers[$i] + max(1, (int) round(($beat - $beats[$i]) / $period));
        }
        $keep = array_keys($beats);
        [$slope, $start] = [$period, (float) $beats[0]];
        // Twice: what lies far off its place the first time is left out the second.
        for ($round = 0; $round < 3; $round++) {
            $n = count($keep);
            $meanX = array_sum(array_map(static fn (int $i): int => $numbers[$i], $keep)) / $n;
            $meanY = array_sum(array_map(static fn (int $i): int => $beats[$i], $keep)) / $n;
            $upper = $lower = 0.0;
            foreach ($keep as $i) {
                $upper += ($numbers[$i] - $meanX) * ($beats[$i] - $meanY);
                $lower += ($numbers[$i] - $meanX) ** 2;
            }
            if ($lower <= 0) {
                break;
            }
            [$slope, $start] = [$upper / $lower, $meanY - $upper / $lower * $meanX];
            $near = array_values(array_filter(
                array_keys($beats),
                static fn (int $i): bool => abs($start + $slope * $numbers[$i] - $beats[$i]) <= 4,
            ));
            if (count($near) < 0.6 * count($beats)) {
                return [$period, array_map(floatval(...), $beats)];
            }
            $keep = $near;
        }
        $steady = [];
        $last = $numbers[count($numbers) - 1];
        for ($number = -(int) floor($start / $slope); $number <= $last; $number++) {
            $at = $start + $slope * $number;
            if ($at >= -1) {
                $steady[] = max(0.0, $at);
            }
        }

        return [$slope, $steady];
    }

    /**
     * @param  list<float>  $strengths
     * @param  list<float>  $beats
     * @return float how much stronger it is on beats than it is on the whole
     */
    private static function onBeats(array $strengths, array $beats): float
    {
        $mean = array_sum($strengths) / max(1, count($strengths));
        $on = array_map(static fn (float $beat): float => self::around($strengths, (int) round($beat), 1), $beats);

        return $mean > 0 ? array_sum($on) / count($on) / $mean : 0.0;
    }

    /**
     * How many beats make a bar and which begins one: the beats that are strongest come back after so many.
     *
     * @param  list<float>  $strengths
     * @param  list<float>  $beats
     * @return array{int, int}
     */
    private static function meter(array $strengths, array $beats): array
    {
        $weights = array_map(
            static fn (float $beat): float => self::around($strengths, (int) round($beat), 1),
            $beats,
        );
        $best = [4, 0];
        $most = -INF;
        foreach ([4, 3] as $perBar) {
            $means = [];
            for ($first = 0; $first < $perBar; $first++) {
                $of = [];
                for ($i = $first; $i < count($weights); $i += $perBar) {
                    $of[] = $weights[$i];
                }
                $means[] = $of === [] ? 0.0 : array_sum($of) / count($of);
            }
            $first = (int) array_search(max($means), $means, true);
            // By how much it stands out; four is what there is most of.
            $stands = max($means) - (array_sum($means) - max($means)) / ($perBar - 1) - ($perBar === 3 ? 0.25 : 0.0);
            if ($stands > $most) {
                [$most, $best] = [$stands, [$perBar, $first]];
            }
        }

        return $best;
    }
}
