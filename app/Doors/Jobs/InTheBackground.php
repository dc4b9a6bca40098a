<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Ground\Work\Urgency;
use Closure;
use Illuminate\Contracts\Queue\ShouldQueue;

/** Work that nobody sits before: programs that it starts leave the processor to others. */
final readonly class InTheBackground
{
    public function __construct(private Urgency $urgency)
    {
    }

    public function handle(ShouldQueue $job, Closure $next): mixed
    {
        return $this->urgency->background(static fn (): mixed => $next($job));
    }
}
