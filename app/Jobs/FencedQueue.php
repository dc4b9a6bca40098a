<?php

declare(strict_types=1);

namespace App\Jobs;

use Illuminate\Queue\DatabaseQueue;
use Illuminate\Queue\Jobs\DatabaseJobRecord;

/** The queue in the database, with orders that know whether they are still their worker's. */
final class FencedQueue extends DatabaseQueue
{
    /**
     * @param  string  $queue
     * @param  DatabaseJobRecord  $job
     */
    protected function marshalJob($queue, $job): FencedJob
    {
        return new FencedJob($this->container, $this, $this->markJobAsReserved($job), $this->connectionName, $queue);
    }
}
