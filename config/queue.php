<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database',
            'connection' => null,
            'table' => 'jobs',
            'queue' => 'renders',
            // A job that works keeps its reservation fresh (App\Jobs\KeepsReservation), so one that has been silent for
            // this long lost its worker and is taken up by another.
            'retry_after' => 20,
            'after_commit' => true,
        ],
    ],
    'batching' => ['database' => 'sqlite', 'table' => 'job_batches'],
    'failed' => ['driver' => 'database-uuids', 'database' => 'sqlite', 'table' => 'failed_jobs'],
];
