<?php

declare(strict_types=1);

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', storage_path('reel.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // Web workers and queue workers write at once: readers never wait, writers wait for each other.
            'busy_timeout' => 5_000,
            // As long as a writer waits for its turn before it is told that it is not to be.
            'turn_seconds' => (float) env('REEL_TURN_SECONDS', 15),
            'journal_mode' => 'WAL',
            'synchronous' => 'NORMAL',
            'transaction_mode' => 'IMMEDIATE',
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
];
