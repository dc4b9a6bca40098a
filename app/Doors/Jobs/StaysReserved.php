<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Ground\Work\Heartbeat;
use Closure;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Queue\Jobs\DatabaseJob;
use Illuminate\Support\Facades\DB;

/**
 * A job tells the queue that it lives for as long as it works, so that the time after which a silent one is given to
 * another worker can be short: what a killed worker had is taken up again within seconds, and what is slow is never
 * done twice.
 */
final class StaysReserved
{
    public function handle(ShouldQueue $job, Closure $next): mixed
    {
        $queued = $job->job ?? null;
        if (! $queued instanceof DatabaseJob) {
            return $next($job);
        }
        $id = $queued->getJobId();
        $attempt = $queued->attempts();
        $every = max(0.25, min(5.0, (int) config('queue.connections.database.retry_after') / 4));

        return (new Heartbeat(static function () use ($id, $attempt): void {
            // Whoever was silent for too long has lost it to another. Where somebody writes for long, the next beat
            // will do.
            rescue(static fn () => DB::table('jobs')
                ->where('id', $id)
                ->where('attempts', $attempt)
                ->whereNotNull('reserved_at')
                ->update(['reserved_at' => now()->getTimestamp()]), report: false);
        }, $every))->during(static fn () => $next($job));
    }
}
