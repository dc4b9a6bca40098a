<?php

declare(strict_types=1);

return [
    'default' => 'media',
    'disks' => [
        'media' => ['driver' => 'local', 'root' => storage_path('media'), 'throw' => true],
    ],
];
