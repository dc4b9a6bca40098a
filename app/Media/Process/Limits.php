<?php

declare(strict_types=1);

namespace App\Media\Process;

/**
 * What a program may take that opens something from outside. How long it may compute is counted in its own processor
 * time, so that a verdict is the same on an idle machine and on a busy one; the clock alone ends what waits for ever.
 */
final readonly class Limits
{
    /**
     * @param  int  $cpuSeconds  processor time of each process
     * @param  int  $bytes  memory of each process
     * @param  int  $fileBytes  size of any file that it writes
     * @param  float  $wallSeconds  by the clock
     */
    public function __construct(
        public int $cpuSeconds,
        public int $bytes,
        public int $fileBytes = 1024 ** 3,
        public float $wallSeconds = 120.0,
    ) {
    }

    /** Somebody waits for what is found: a picture, a drawing, a face. */
    public static function ofAPicture(): self
    {
        return new self(cpuSeconds: 10, bytes: 1536 * 1024 ** 2, fileBytes: 256 * 1024 ** 2);
    }

    /** A program that only tells what a file is. */
    public static function ofAGlance(): self
    {
        return new self(cpuSeconds: 20, bytes: 4 * 1024 ** 3);
    }

    /** Sound, and clips that are read through while somebody waits. */
    public static function ofAReading(): self
    {
        return new self(cpuSeconds: 120, bytes: 8 * 1024 ** 3, wallSeconds: 60.0);
    }

    /** The longest clip of the largest pictures, which a worker reads. */
    public static function ofAWorker(): self
    {
        return new self(cpuSeconds: 14_400, bytes: 8 * 1024 ** 3, wallSeconds: 86_400.0);
    }
}
