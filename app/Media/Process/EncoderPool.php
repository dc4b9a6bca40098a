<?php

declare(strict_types=1);

namespace App\Media\Process;

use App\Ground\Work\GivingWay;
use App\Ground\Work\HandedBack;
use App\Media\Store\StrangePlace;

/**
 * Runs works side by side, one to a slot; what is light needs none. What another process is making at this moment is
 * not made twice: it is waited for, and taken as it is.
 */
final readonly class EncoderPool
{
    private const POLL_MICROSECONDS = 15_000;

    /** While all that is left is being made by others. */
    private const PATIENT_MICROSECONDS = 150_000;

    public function __construct(
        private EncoderSlots $slots,
        private Claims $claims,
        private FailedOrders $failed,
    ) {
    }

    /** How many works can be under way at once. */
    public function width(): int
    {
        return $this->slots->count;
    }

    /**
     * @param  list<EncoderWork>  $works  started in this order
     * @param  callable(int): void  $tick  told the number of frames that all programs have told of; may throw to call
     *   all off
     * @param  callable(): void|null  $made  told whenever a work is done
     * @param  GivingWay|null  $way  whether others are to come in between: no work is begun then, and none broken off
     * @return list<string> keys of what was made here; the others were there, or made elsewhere meanwhile
     *
     * @throws ToolFailed
     * @throws HandedBack once it has given way
     * @throws StrangePlace
     */
    public function run(array $works, callable $tick, ?callable $made = null, ?GivingWay $way = null): array
    {
        /** @var array<int, RunningWork> $running by slot; those that need none by negative numbers */
        $running = [];
        $light = array_values(array_filter($works, static fn (EncoderWork $work): bool => $work->isLight));
        $works = array_values(array_filter($works, static fn (EncoderWork $work): bool => ! $work->isLight));
        /** @var array<string, int> $frames by the key of the work */
        $frames = [];
        $done = [];
        try {
            while ($light !== [] || $works !== [] || $running !== []) {
                $isAsked = ($light !== [] || $works !== []) && $way?->isAsked() === true;
                if ($isAsked && $running === []) {
                    throw HandedBack::forOthers();
                }
                while (! $isAsked && $light !== []) {
                    $next = $this->next($light, $running === [], $frames);
                    if ($next === null) {
                        break;
                    }
                    $running[min([0, ...array_keys($running)]) - 1] = $next;
                    $next->start();
                }
                while (! $isAsked && $works !== [] && ($slot = $this->slots->take()) !== null) {
                    $next = $this->next($works, $running === [], $frames);
                    if ($next === null) {
                        $this->slots->give($slot);
                        break;
                    }
                    $running[$slot] = $next;
                    $next->start();
                }
                $hasEnded = false;
                foreach ($running as $slot => $work) {
                    $frames[$work->work->key] = $work->frames();
                    $work->beat();
                    if ($this->isOver($work)) {
                        $hasEnded = true;
                        $work->end();
                        unset($running[$slot]);
                        $this->slots->give($slot);
                        $done[] = $work->work->key;
                        $made === null || $made();
                    }
                }
                $tick(array_sum($frames));
                if (! $hasEnded) {
                    usleep($running === [] ? self::PATIENT_MICROSECONDS : self::POLL_MICROSECONDS);
                }
            }
        } finally {
            foreach ($running as $slot => $work) {
                $work->stop();
                $this->slots->give($slot);
            }
        }

        return $done;
    }

    /**
     * What failed is kept as it was ordered, so that it can be made again by hand.
     *
     * @throws ToolFailed
     * @throws StrangePlace
     */
    private function isOver(RunningWork $work): bool
    {
        try {
            return $work->isOver();
        } catch (ToolFailed $problem) {
            $this->failed->keep($work->work, $problem->getMessage());

            throw $problem;
        }
    }

    /**
     * The first that nobody else is at; those that were made meanwhile are dropped.
     *
     * @param  list<EncoderWork>  $works
     * @param  array<string, int>  $frames  that are done, by the key of the work
     */
    private function next(array &$works, bool $isIdle, array &$frames): ?RunningWork
    {
        $others = [];
        $next = null;
        while ($next === null && $works !== []) {
            $work = array_shift($works);
            $claim = $this->claims->claim($work, $isIdle);
            if ($claim === null) {
                $others[] = $work;
            } elseif (($work->isThere)()) {
                $claim->release(isMade: true);
                $frames[$work->key] = $work->frames;
            } else {
                $next = new RunningWork($work, $claim);
            }
        }
        $works = [...$others, ...$works];

        return $next;
    }
}
