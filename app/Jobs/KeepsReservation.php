<?php

declare(strict_types=1);

namespace App\Jobs;

use Illuminate\Queue\Jobs\DatabaseJob;
use Illuminate\Support\Facades\DB;

/**
 * A job that works for minutes tells the queue that it lives, so that the time after which a silent job is given to
 * another worker can be short: a killed one is taken up again within seconds.
 */
trait KeepsReservation
{
    private function stayReserved(): void
    {
        if ($this->job instanceof DatabaseJob) {
            DB::table('jobs')->where('id', $this->job->getJobId())->update(['reserved_at' => now()->getTimestamp()]);
        }
    }
}
