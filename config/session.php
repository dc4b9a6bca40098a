<?php

declare(strict_types=1);

return [
    'driver' => 'file',
    'lifetime' => 60 * 24 * 7,
    'cookie' => 'rapid_reel_session',
    'http_only' => true,
    'same_site' => 'lax',
    'secure' => env('SESSION_SECURE_COOKIE'),
];
