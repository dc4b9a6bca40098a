<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'lenient'),
    'files' => storage_path('framework/sessions'),
    'lifetime' => 60 * 24 * 7,
    'cookie' => 'rapid_reel_session',
    'http_only' => true,
    'same_site' => 'lax',
    'secure' => env('SESSION_SECURE_COOKIE'),
];
