<?php

declare(strict_types=1);

return [
    // The demo shows its account on the sign-in page.
    'demo' => (bool) env('REEL_DEMO', false),
    'demo_account' => ['email' => 'keeper@lamplight.example', 'password' => 'lamplight'],
    // Whether the demo begins with a batch of all its scripts.
    'demo_batch' => (bool) env('REEL_DEMO_BATCH', true),
    'demo_footage' => env('REEL_DEMO_FOOTAGE', base_path('demo/drawn')),

    // Further names that this machine is asked by, with commas between.
    'hosts' => env('REEL_HOSTS', ''),
    // Addresses of servers that stand before this one, with commas between: they are believed for whom they ask.
    'proxies' => env('REEL_PROXIES', ''),
    // Whether mail is set up, so that a forgotten password can be given anew by it (MAIL_MAILER and the like).
    'mail' => ! in_array(env('MAIL_MAILER', 'log'), ['log', 'array'], true),
    // Whether the web server sends files once the application has said yes; see docs/deploy.
    'accel' => (bool) env('REEL_ACCEL', false),

    'fonts' => resource_path('fonts'),
    'emoji' => resource_path('data/emoji'),

    // Whether what pages show of a short is made as soon as it is planned, and not first when somebody looks.
    'proofs' => (bool) env('REEL_PROOFS', true),

    // The published cascade that faces are found by; without it none are looked for.
    'faces' => env('REEL_FACES', '/usr/share/opencv4/lbpcascades/lbpcascade_frontalface.xml'),

    // Makes pictures of drawings.
    'svg' => env('REEL_SVG', 'rsvg-convert'),

    'ffmpeg' => env('REEL_FFMPEG', 'ffmpeg'),
    'flite' => env('REEL_FLITE', 'flite'),
    // Voices of other makers, if there is such a file: see docs/voices.md.
    'voices' => env('REEL_VOICES', base_path('voices.json')),
    // Places that shorts can be brought to, if there is such a file: see docs/outlets.md.
    'outlets' => env('REEL_OUTLETS', base_path('outlets.json')),
    // A writing service by its address, if there is one: see docs/writing-service.openapi.json.
    'writer' => env('REEL_WRITER', ''),
    'writer_key' => env('REEL_WRITER_KEY', ''),
    // Who translates: a service by its address (see docs/translation-service.openapi.json), or a program with its
    // arguments as a JSON list; where neither is, the phrase book that ships.
    'translator' => env('REEL_TRANSLATOR', ''),
    'translator_key' => env('REEL_TRANSLATOR_KEY', ''),
    'translator_command' => env('REEL_TRANSLATOR_COMMAND', ''),
    'ffprobe' => env('REEL_FFPROBE', 'ffprobe'),
    // How many encoders run at once on this machine, however many workers there are.
    'encoders' => (int) env('REEL_ENCODERS', 0),

    // Other machines that make what this one orders: see docs/machines.md.
    'farm' => [
        // Where orders lie for them, as redis://:password@host:port; empty where there are none.
        'redis' => env('REEL_FARM_REDIS', ''),
        // How names in Redis begin.
        'prefix' => env('REEL_FARM_PREFIX', 'rapid-reel'),
        // The disk that all see: empty where that is this machine's media folder, else s3.
        'disk' => env('REEL_FARM_DISK', ''),
        // Where they lie for this machine, which helps another.
        'helper' => env('REEL_HELPER_REDIS', ''),
        // Whether this machine makes what others could make, while there are some.
        'takes_part' => (bool) env('REEL_FARM_TAKES_PART', true),
    ],

    // Where finished files are moved to by age: a folder that is there, or s3; empty where they stay. See
    // docs/operation.md.
    'finished' => env('REEL_FINISHED', ''),

    // Work waits while less than this is free on the disk of the media or of the database.
    'least_free_bytes' => (int) env('REEL_LEAST_FREE', 256 * 1024 * 1024),

    'upload' => [
        'clip_bytes' => 1024 * 1024 * 1024,
        'still_bytes' => 60 * 1024 * 1024,
        'script_bytes' => 2 * 1024 * 1024,
        'clip_seconds' => 600,
        'recording_seconds' => 1200,
        'recording_bytes' => 300 * 1024 * 1024,
        'still_pixels' => 60_000_000,
        'side_pixels' => 16_000,
    ],
    'most_scripts' => 500,
];
