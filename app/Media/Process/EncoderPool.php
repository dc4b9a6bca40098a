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
        /** @var array<int, RunningWork> $running */
        $running = [];
        /** @var array<string, int> $frames by the key of the work */
        $frames = [];
        $done = [];
        try {
            while ($works !== [] || $running !== []) {
                $isAsked = $works !== [] && $way?->isAsked() === true;
                if ($isAsked && $running === []) {
                    throw HandedBack::forOthers();
                }
                while (! $isAsked && $works !== []) {
                    $slot = $this->slots->take();
                    $next = $this->next($works, $slot, $running === [], $frames);
                    if ($next?->slot !== $slot) {
                        $this->slots->give($slot);
                    }
                    if ($next === null) {
                        break;
                    }
                    $running[] = $next;
                    $next->start();
                }
                $before = count($done);
                foreach ($running as $i => $work) {
                    $frames[$work->work->key] = $work->frames();
                    $work->beat();
                    if ($this->isOver($work)) {
                        $work->end();
                        unset($running[$i]);
                        $this->slots->give($work->slot);
                        $done[] = $work->work->key;
                        $made === null || $made();
                    }
                }
                $tick(array_sum($frames));
                // Where one has ended another may begin at once.
                if (count($done) === $before) {
                    usleep($running === [] && $works !== [] ? self::PATIENT_MICROSECONDS : self::POLL_MICROSECONDS);
                }
            }
        } finally {
            foreach ($running as $work) {
                $work->stop();
                $this->slots->give($work->slot);
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
     * The first that nobody else is at, of those that are light where there is no slot; what was made meanwhile is
     * dropped.
     *
     * @param  list<EncoderWork>  $works
     * @param  array<string, int>  $frames  that are done, by the key of the work
     */
    private function next(array &$works, ?int $slot, bool $isIdle, array &$frames): ?RunningWork
    {
        $others = [];
        $next = null;
        while ($next === null && $works !== []) {
            $work = array_shift($works);
            $claim = $work->isLight || $slot !== null ? $this->claims->claim($work, $isIdle) : null;
            if ($claim === null) {
                $others[] = $work;
            } elseif (($work->isThere)()) {
                $claim->release(isMade: true);
                $frames[$work->key] = $work->frames;
            } else {
                $next = new RunningWork($work, $claim, $work->isLight ? null : $slot);
            }
        }
        $works = [...$others, ...$works];

        return $next;
    }
}
