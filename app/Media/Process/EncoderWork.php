<?php

declare(strict_types=1);

namespace App\Media\Process;

use Closure;
use Generator;
use Symfony\Component\Process\Process;

/** A file to be made by outside programs, one after the other, under a key of all that makes it what it is. */
final readonly class EncoderWork
{
    /**
     * @param  string  $doing  what it does, as the begin of a sentence
     * @param  Closure(): bool  $isThere  whether it was made before
     * @param  Closure(): Generator<int, Process, Process, mixed>  $steps  yields its programs and is given each back
     *   when it has ended well
     * @param  string  $order  what is to be made, as JSON, to be looked at where it fails; empty where there is none
     * @param  int  $frames  that it comes to; 0 where it makes no pictures
     * @param  int  $pixels  of all of them
     * @param  bool  $isLight  whether its programs take so little of a machine that it waits for no slot
     */
    public function __construct(
        public string $key,
        public string $doing,
        public Closure $isThere,
        public Closure $steps,
        public string $order = '',
        public int $frames = 0,
        public int $pixels = 0,
        public bool $isLight = false,
    ) {
    }
}
