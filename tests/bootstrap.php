<?php

declare(strict_types=1);

// The tests have a storage folder and a database of their own; child processes get them too. Suites that run side by
// side have a place each.
$root = dirname(__DIR__).'/var/'.(getenv('REEL_TEST_PLACE') ?: 'test');
define('TEST_PLACE', $root);
foreach (['LARAVEL_STORAGE_PATH' => "$root/storage", 'DB_DATABASE' => "$root/reel.sqlite"] as $name => $value) {
    putenv("$name=$value");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
foreach (['framework/views', 'framework/sessions', 'framework/cache/data', 'logs'] as $folder) {
    is_dir("$root/storage/$folder") || mkdir("$root/storage/$folder", 0777, true);
}

require dirname(__DIR__).'/vendor/autoload.php';
