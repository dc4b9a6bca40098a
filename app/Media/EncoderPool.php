<?php

declare(strict_types=1);

namespace App\Media;

use Generator;
use Symfony\Component\Process\Process;

/**
 * Runs works side by side, one to a slot. A work is a generator that yields the programs it needs, one after the other,
 * and is given each back when it has ended well.
 */
final readonly class EncoderPool
{
    private const POLL_MICROSECONDS = 15_000;

    public function __construct(private EncoderSlots $slots)
    {
    }

    /** How many works can be under way at once. */
    public function width(): int
    {
        return $this->slots->count;
    }

    /**
     * @param  list<Generator<int, Process, Process, void>>  $works  started in this order
     * @param  callable(int): void  $tick  told the number of frames that all programs have told of; may throw to call
     *   all off
     *
     * @throws ToolFailed
     */
    public function run(array $works, callable $tick): void
    {
        /** @var array<int, Generator<int, Process, Process, void>> $running by slot */
        $running = [];
        /** @var array<int, int> $frames by the number of the program */
        $frames = [];
        try {
            while ($works !== [] || $running !== []) {
                while ($works !== [] && ($slot = $this->slots->take()) !== null) {
                    $work = array_shift($works);
                    $running[$slot] = $work;
                    $this->goOn($running, $slot);
                }
                foreach ($running as $slot => $work) {
                    $process = $work->current();
                    if (preg_match_all('/^frame=(\d+)$/m', $process->getIncrementalOutput(), $matches) > 0) {
                        $frames[spl_object_id($work)] = (int) end($matches[1]);
                    }
                    if (! $process->isRunning()) {
                        if (! $process->isSuccessful()) {
                            throw ToolFailed::from($process, 'The encoder');
                        }
                        $work->send($process);
                        $this->goOn($running, $slot);
                    }
                }
                $tick(array_sum($frames));
                usleep(self::POLL_MICROSECONDS);
            }
        } finally {
            foreach ($running as $slot => $work) {
                // One that threw has no program any more.
                if ($work->valid()) {
                    $work->current()->stop(0);
                }
                $this->slots->give($slot);
            }
        }
    }

    /**
     * Starts a work's next program, or frees the slot of one that has none left.
     *
     * @param  array<int, Generator<int, Process, Process, void>>  $running
     */
    private function goOn(array &$running, int $slot): void
    {
        if ($running[$slot]->valid()) {
            $running[$slot]->current()->start();
        } else {
            unset($running[$slot]);
            $this->slots->give($slot);
        }
    }
}
