<?php

declare(strict_types=1);

return [
    'default' => 'media',
    'disks' => [
        // Media go out by routes that ask who is there.
        'local' => ['driver' => 'local', 'root' => storage_path('media'), 'serve' => false],
        'media' => ['driver' => 'local', 'root' => storage_path('media'), 'throw' => true],
        // A bucket that other machines see, and that finished shorts may be moved to: see docs/machines.md.
        's3' => [
            'driver' => 's3',
            'key' => env('REEL_S3_KEY'),
            'secret' => env('REEL_S3_SECRET'),
            'region' => env('REEL_S3_REGION', 'us-east-1'),
            'bucket' => env('REEL_S3_BUCKET'),
            'endpoint' => env('REEL_S3_ENDPOINT'),
            'use_path_style_endpoint' => (bool) env('REEL_S3_PATH_STYLE', true),
            // What is away is made here: nobody waits for it long.
            'retries' => 1,
            'http' => ['connect_timeout' => 3, 'timeout' => 300],
            'throw' => true,
        ],
    ],
];
