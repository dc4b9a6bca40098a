<?php

declare(strict_types=1);

return [
    'default' => 'media',
    'disks' => [
        // Media go out by routes that ask who is there.
        'local' => ['driver' => 'local', 'root' => storage_path('media'), 'serve' => false],
        'media' => ['driver' => 'local', 'root' => storage_path('media'), 'throw' => true],
    ],
];
