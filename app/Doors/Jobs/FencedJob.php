<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use Illuminate\Queue\Jobs\DatabaseJob;
use Illuminate\Queue\Jobs\Job;
use Illuminate\Support\Facades\DB;

/**
 * A queued order in the hands of one worker. Whoever was silent for so long that another took it up does not take it
 * away from that one when it comes back.
 */
final class FencedJob extends DatabaseJob
{
    public function delete(): void
    {
        DB::transaction(function (): void {
            $this->isMine() ? parent::delete() : Job::delete();
        });
    }

    /** @param  int  $delay  seconds */
    public function release($delay = 0): void
    {
        DB::transaction(function () use ($delay): void {
            $this->isMine() ? parent::release($delay) : Job::release($delay);
        });
    }

    /** Back as it was: that it was begun does not count. */
    public function handBack(int $delaySeconds = 0): void
    {
        Job::release($delaySeconds);
        DB::table('jobs')
            ->where('id', $this->getJobId())
            ->where('attempts', $this->attempts())
            ->update([
                'reserved_at' => null,
                'worker' => null,
                'attempts' => max(0, $this->attempts() - 1),
                'available_at' => now()->getTimestamp() + $delaySeconds,
            ]);
    }

    private function isMine(): bool
    {
        return DB::table('jobs')->where('id', $this->getJobId())->where('attempts', $this->attempts())->exists();
    }
}
