<?php

declare(strict_types=1);

namespace App\Doors\Bench;

/** What a piece of work cost: wall and processor seconds, its children's included. */
final readonly class Usage
{
    private function __construct(
        public float $wall,
        public float $processor,
    ) {
    }

    /** @param  callable(): mixed  $work */
    public static function of(callable $work): self
    {
        $before = self::processorSeconds();
        $start = microtime(true);
        $work();

        return new self(microtime(true) - $start, self::processorSeconds() - $before);
    }

    /** The largest resident size that this process or any child it waited for has had, in MiB. */
    public static function peakMemory(): float
    {
        return max((int) (getrusage(0)['ru_maxrss'] ?? 0), (int) (getrusage(1)['ru_maxrss'] ?? 0)) / 1024;
    }

    private static function processorSeconds(): float
    {
        $seconds = 0.0;
        foreach ([0, 1] as $whose) {
            $usage = getrusage($whose) ?: [];
            foreach (['utime', 'stime'] as $kind) {
                $seconds += ($usage["ru_$kind.tv_sec"] ?? 0) + ($usage["ru_$kind.tv_usec"] ?? 0) / 1_000_000;
            }
        }

        return $seconds;
    }
}
