<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Ground\Work\Urgency;
use Closure;
use Illuminate\Contracts\Queue\ShouldQueue;

/** Work that somebody sits before: it waits for no encoder that nobody waits for. */
final readonly class AtOnce
{
    public function __construct(private Urgency $urgency)
    {
    }

    public function handle(ShouldQueue $job, Closure $next): mixed
    {
        return $this->urgency->looked(static fn (): mixed => $next($job));
    }
}
