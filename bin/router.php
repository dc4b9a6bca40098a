<?php

declare(strict_types=1);

// For PHP's own web server: of public/ it gives out the built pages and nothing else, and runs no script but index.php,
// whatever lies there.

$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$given = '~^/(?:build/(?:[A-Za-z0-9_-]+/)*[A-Za-z0-9_-][A-Za-z0-9._-]*\.(?:js|css|map|wasm|woff2|ttf|svg|png)'
    .'|icon\.svg)$~D';
if (preg_match($given, $path) === 1 && is_file(__DIR__.'/../public'.$path)) {
    return false;
}

$_SERVER['SCRIPT_NAME'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = __DIR__.'/../public/index.php';
unset($_SERVER['PATH_INFO']);
require __DIR__.'/../public/index.php';
