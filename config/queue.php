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
            // A job that works keeps its reservation fresh (App\Doors\Jobs\StaysReserved): one that was silent for so
            // many seconds lost its worker and is taken up by another.
            'retry_after' => (int) env('REEL_RETRY_AFTER', 6),
            // In the same database as what it is about: a row and its job are written together or not at all.
            'after_commit' => false,
        ],
    ],
    'batching' => ['database' => 'sqlite', 'table' => 'job_batches'],
    'failed' => ['driver' => 'database-uuids', 'database' => 'sqlite', 'table' => 'failed_jobs'],
];
