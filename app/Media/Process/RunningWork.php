<?php

declare(strict_types=1);

namespace App\Media\Process;

use Generator;
use Symfony\Component\Process\Process;

/** A work under way: the program it has come to, started again where that was killed. */
final class RunningWork
{
    /** @var Generator<int, Process, Process, mixed> */
    private readonly Generator $steps;

    private ?Process $process = null;

    private int $failures = 0;

    private int $frames = 0;

    /** @param  int|null  $slot  that it holds; null where it needs none */
    public function __construct(
        public readonly EncoderWork $work,
        private readonly Claim $claim,
        public readonly ?int $slot,
    ) {
        $this->steps = ($work->steps)();
    }

    public function start(): void
    {
        $this->process = $this->steps->valid() ? $this->steps->current() : null;
        $this->failures = 0;
        $this->process?->start();
    }

    /** How many frames it has told of. */
    public function frames(): int
    {
        if ($this->process !== null && preg_match_all(
            '/^frame=(\d+)$/m',
            $this->process->getIncrementalOutput(),
            $matches,
        ) > 0) {
            $this->frames = (int) end($matches[1]);
        }

        return $this->frames;
    }

    /**
     * Goes on with the next program when one has ended. Whether there is none left.
     *
     * @throws ToolFailed
     */
    public function isOver(): bool
    {
        if ($this->process !== null && ! $this->process->isRunning()) {
            if ($this->process->isSuccessful()) {
                $this->steps->send($this->process);
                $this->start();
            } else {
                $this->process = MediaTools::again($this->process, ++$this->failures, $this->work->doing);
                $this->process->start();
            }
        }

        return $this->process === null;
    }

    /** Says that it is still under way. */
    public function beat(): void
    {
        $this->claim->beat();
    }

    /** Once it is over. */
    public function end(): void
    {
        $this->claim->release(isMade: true);
    }

    /** Ends what runs, in the middle of it. */
    public function stop(): void
    {
        $this->process?->stop(0);
        $this->claim->release(isMade: false);
    }
}
