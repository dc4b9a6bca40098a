<?php

declare(strict_types=1);

namespace RapidReel\Plan\Pace;

use RapidReel\Base\FrameGrid;
use RapidReel\Text\Script\Leaning;

/**
 * Brings a short to a length, to the frame, by the least change that does it: what is found in pauses inside scenes is
 * spent first, then gaps between them, the tempo of the speech, and last of all sentences. Of each no more is taken
 * than is needed once all that is spent before it has gone to its limit; a few frames that are left over stand after
 * the last word.
 */
final readonly class Tightener
{
    /** Longer pauses are cut to no more, whatever is set. */
    private const LONGEST_PAUSE_MS = 3_000;

    /** So much more or less may stand after the last word. */
    private const TAIL_MS = 600;

    private const LEAST_TAIL_MS = 200;

    private FrameGrid $grid;

    /**
     * @param  non-empty-list<PacedScene>  $scenes
     * @param  Leaning|null  $leaning  which of them are needed by others
     */
    public function __construct(
        private array $scenes,
        private PaceValues $now,
        private PaceLimits $limits,
        int $fps,
        private ?Leaning $leaning = null,
    ) {
        $this->grid = new FrameGrid($fps);
    }

    /** How long it is with other values, in ms. */
    public function lengthMs(PaceValues $values): int
    {
        return $this->grid->msOf($this->frames($values, []));
    }

    public function tighten(int $targetMs): PacePlan
    {
        $target = $this->grid->frameOf($targetMs);
        // A frame that ends after the target is one too many.
        $target -= $this->grid->msOf($target) > $targetMs ? 1 : 0;
        if ($this->frames($this->now, []) <= $target) {
            return $this->plan($targetMs, $this->now, [], [], false);
        }
        $tightest = new PaceValues(
            min($this->now->deadAirMs ?? self::LONGEST_PAUSE_MS, $this->limits->leastDeadAirMs),
            min($this->now->gapMs, $this->limits->leastGapMs),
            max($this->now->tempo, $this->limits->fastest),
            $this->now->tailMs,
        );
        $dropped = $this->leastNeeded($tightest, $target);
        $isOut = $dropped === null;
        $dropped ??= $this->droppable();

        return $this->plan(
            $targetMs,
            $isOut ? $tightest : $this->relaxed($tightest, $dropped, $target),
            $dropped,
            $this->steps($tightest, $target),
            false,
        );
    }

    /**
     * What is left out, as little as will do: a scene that others lean on stays as long as they do, unless nothing else
     * would do.
     *
     * @return list<int>|null
     */
    private function leastNeeded(PaceValues $tightest, int $target): ?array
    {
        $may = $this->droppable();
        $wanted = $this->frames($tightest, []) - $target;
        $first = $found = LeastNeeded::of($this->scenes, $may, $this->each($tightest), $wanted);
        while ($found !== null && ($missed = $this->leaning?->missed($found) ?? []) !== []) {
            $may = array_values(array_diff($may, $missed));
            $found = LeastNeeded::of($this->scenes, $may, $this->each($tightest), $wanted);
        }

        return $found ?? $first;
    }

    public function stretch(int $targetMs): PacePlan
    {
        $target = $this->grid->frameOf($targetMs);
        // A frame that ends before the target is not there yet.
        $target += $this->grid->msOf($target) < $targetMs ? 1 : 0;
        if ($this->frames($this->now, []) >= $target) {
            return $this->plan($targetMs, $this->now, [], [], true);
        }
        $loosest = new PaceValues(
            $this->now->deadAirMs === null ? null : max($this->now->deadAirMs, $this->limits->mostDeadAirMs),
            max($this->now->gapMs, $this->limits->mostGapMs),
            min($this->now->tempo, $this->limits->slowest),
            $this->now->tailMs,
        );
        $steps = $this->steps($loosest, $target);
        if ($this->frames($loosest, []) < $target) {
            return $this->plan($targetMs, $this->lasting($loosest, [], $target), [], $steps, true);
        }
        $values = $loosest;
        $holds = fn (PaceValues $values): bool => $this->frames($values, []) >= $target;
        $values = $values->with(tempo: self::last(
            $loosest->tempo, $this->now->tempo, static fn (int $tempo): bool => $holds($values->with(tempo: $tempo)),
        ));
        $values = $values->with(gapMs: self::first(
            $this->now->gapMs, $loosest->gapMs, static fn (int $ms): bool => $holds($values->with(gapMs: $ms)),
        ));
        if ($this->now->deadAirMs !== null) {
            $values = $values->with(deadAirMs: self::first(
                $this->now->deadAirMs,
                (int) $loosest->deadAirMs,
                static fn (int $ms): bool => $holds($values->with(deadAirMs: $ms)),
            ));
        }

        return $this->plan(
            $targetMs,
            $this->lasting($values, [], $target),
            [],
            $steps,
            true,
        );
    }

    /**
     * The same with each kind of change taken back as far as the target allows, the dearest first.
     *
     * @param  list<int>  $dropped
     */
    private function relaxed(PaceValues $tightest, array $dropped, int $target): PaceValues
    {
        $fits = fn (PaceValues $values): bool => $this->frames($values, $dropped) <= $target;
        $values = $tightest->with(tempo: self::first(
            $this->now->tempo,
            $tightest->tempo,
            static fn (int $tempo): bool => $fits($tightest->with(tempo: $tempo)),
        ));
        // Where a whole sentence had to go for little, what is left over is given to the gaps.
        $most = $dropped === [] ? $this->now->gapMs : max($this->now->gapMs, $this->limits->mostGapMs);
        $values = $values->with(gapMs: self::last(
            $tightest->gapMs,
            $this->now->gapMs,
            static fn (int $ms): bool => $fits($values->with(gapMs: $ms)),
        ));
        $values = $values->with(deadAirMs: self::last(
            (int) $tightest->deadAirMs,
            $this->now->deadAirMs ?? self::LONGEST_PAUSE_MS,
            static fn (int $ms): bool => $fits($values->with(deadAirMs: $ms)),
        ));
        if ($values->gapMs === $this->now->gapMs) {
            $values = $values->with(gapMs: self::last(
                $values->gapMs,
                $most,
                static fn (int $ms): bool => $fits($values->with(gapMs: $ms)),
            ));
        }

        if ($this->now->deadAirMs === null && $values->deadAirMs === self::LONGEST_PAUSE_MS) {
            $values = new PaceValues(null, $values->gapMs, $values->tempo, $values->tailMs);
        }

        return $this->lasting($values, $dropped, $target);
    }

    /**
     * The same with as much after the last word as makes it end on the target, as far as that is sensible.
     *
     * @param  list<int>  $dropped
     */
    private function lasting(PaceValues $values, array $dropped, int $target): PaceValues
    {
        return $values->with(tailMs: self::first(
            $this->frames($values, $dropped) <= $target
                ? $values->tailMs
                : min(self::LEAST_TAIL_MS, $values->tailMs),
            $values->tailMs + self::TAIL_MS,
            fn (int $ms): bool => $this->frames($values->with(tailMs: $ms), $dropped) >= $target,
        ));
    }

    /**
     * What each kind of change would bring at most, spent in order.
     *
     * @return array<string, int> frames by kind
     */
    private function steps(PaceValues $far, int $target): array
    {
        $values = $this->now;
        $most = [];
        $before = $this->frames($values, []);
        foreach ([
            PaceStepKind::Pauses->value => static fn (PaceValues $one): PaceValues => new PaceValues(
                $far->deadAirMs, $one->gapMs, $one->tempo, $one->tailMs,
            ),
            PaceStepKind::Gaps->value => static fn (PaceValues $one): PaceValues => $one->with(gapMs: $far->gapMs),
            PaceStepKind::Tempo->value => static fn (PaceValues $one): PaceValues => $one->with(tempo: $far->tempo),
        ] as $kind => $change) {
            $values = $change($values);
            $after = $this->frames($values, []);
            $most[$kind] = $before - $after;
            $before = $after;
        }
        if ($target < $this->frames($this->now, [])) {
            $most[PaceStepKind::Sentences->value] = array_sum(
                array_intersect_key($this->each($far), array_flip($this->droppable())),
            );
        }

        return $most;
    }

    /**
     * @param  list<int>  $dropped
     * @param  array<string, int>  $most  frames by kind
     */
    private function plan(int $targetMs, PaceValues $values, array $dropped, array $most, bool $isLonger): PacePlan
    {
        $before = $this->frames($this->now, []);
        $stages = [
            PaceStepKind::Pauses->value => [
                $this->pause($this->now->deadAirMs), $this->pause($values->deadAirMs),
                new PaceValues($values->deadAirMs, $this->now->gapMs, $this->now->tempo, $this->now->tailMs), [],
            ],
            PaceStepKind::Gaps->value => [
                "{$this->now->gapMs} ms", "{$values->gapMs} ms",
                new PaceValues($values->deadAirMs, $values->gapMs, $this->now->tempo, $this->now->tailMs), [],
            ],
            PaceStepKind::Tempo->value => [
                "{$this->now->tempo} %", "{$values->tempo} %",
                new PaceValues($values->deadAirMs, $values->gapMs, $values->tempo, $this->now->tailMs), [],
            ],
            PaceStepKind::Sentences->value => [
                'none', $dropped === [] ? 'none' : (string) count($dropped),
                new PaceValues($values->deadAirMs, $values->gapMs, $values->tempo, $this->now->tailMs), $dropped,
            ],
            PaceStepKind::Tail->value => ["{$this->now->tailMs} ms", "{$values->tailMs} ms", $values, $dropped],
        ];
        $steps = [];
        $at = $before;
        foreach ($stages as $kind => [$from, $to, $then, $gone]) {
            $frames = $this->frames($then, $gone);
            if (isset($most[$kind]) || $from !== $to) {
                $ms = $this->grid->msOf($at) - $this->grid->msOf($frames);
                $steps[] = new PaceStep(
                    PaceStepKind::from($kind), $from, $to, $ms, $this->signed($most[$kind] ?? $at - $frames),
                );
            }
            $at = $frames;
        }

        return new PacePlan(
            $this->grid->msOf($before),
            $targetMs,
            $this->grid->msOf($at),
            $values,
            $steps,
            $dropped,
            $isLonger,
            new PaceRemarks($isLonger ? 'as no words are made up' : $this->limits->mayDrop->keeps()),
        );
    }

    private function signed(int $frames): int
    {
        return $frames < 0 ? -$this->grid->msOf(-$frames) : $this->grid->msOf($frames);
    }

    private function pause(?int $ms): string
    {
        return $ms === null || $ms >= self::LONGEST_PAUSE_MS ? 'left as they are' : "$ms ms";
    }

    /** @param  list<int>  $dropped */
    private function frames(PaceValues $values, array $dropped): int
    {
        return array_sum(array_diff_key($this->each($values, $dropped), array_flip($dropped)));
    }

    /**
     * @param  list<int>  $dropped
     * @return array<int, int> frames of each scene
     */
    private function each(PaceValues $values, array $dropped = []): array
    {
        $last = count($this->scenes) - 1;
        while ($last > 0 && in_array($last, $dropped, true)) {
            $last--;
        }
        $frames = [];
        foreach ($this->scenes as $number => $scene) {
            $after = $number === $last ? $values->tailMs : $scene->gapMs($values);
            $frames[$number] = max(1, $this->grid->frameOf($scene->speechMs($values) + $after));
        }

        return $frames;
    }

    /** @return list<int> numbers of the scenes that may go; never the first, which is the hook */
    private function droppable(): array
    {
        $numbers = [];
        foreach ($this->scenes as $number => $scene) {
            $mayGo = $scene->isOptional || ($scene->mayGo && $this->limits->mayDrop === MayDrop::Any);
            if ($number > 0 && $mayGo && $this->limits->mayDrop !== MayDrop::None) {
                $numbers[] = $number;
            }
        }

        return $numbers;
    }

    /**
     * The smallest number that holds, where all greater ones do.
     *
     * @param  callable(int): bool  $holds
     */
    private static function first(int $from, int $to, callable $holds): int
    {
        while ($from < $to) {
            $middle = intdiv($from + $to, 2);
            $holds($middle) ? $to = $middle : $from = $middle + 1;
        }

        return $from;
    }

    /**
     * The greatest number that holds, where all smaller ones do.
     *
     * @param  callable(int): bool  $holds
     */
    private static function last(int $from, int $to, callable $holds): int
    {
        while ($from < $to) {
            $middle = intdiv($from + $to + 1, 2);
            $holds($middle) ? $from = $middle : $to = $middle - 1;
        }

        return $from;
    }
}
