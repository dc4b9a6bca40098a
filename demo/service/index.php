<?php

declare(strict_types=1);

/*
 * A small publishing service, to stand in for a real one: docs/publishing-service.openapi.json. Run by PHP's own web
 * server: REEL_SERVICE_STORE=folder php -S 127.0.0.1:8082 demo/service/index.php
 *
 * REEL_SERVICE_FAULTS=0.2 has a fifth of all requests fail, in every way there is.
 */

use RapidReel\Demo\Service\Answer;
use RapidReel\Demo\Service\Faults;
use RapidReel\Demo\Service\Pages;
use RapidReel\Demo\Service\Posts;
use RapidReel\Demo\Service\SignIn;
use RapidReel\Demo\Service\Store;

require __DIR__.'/../../vendor/autoload.php';

const A_MINUTE = 6_000;

$store = new Store(getenv('REEL_SERVICE_STORE') ?: sys_get_temp_dir().'/publishing-stand-in');
$signIn = new SignIn($store);
$posts = new Posts(
    $store, 'http://'.($_SERVER['HTTP_HOST'] ?? '127.0.0.1'),
    getenv('REEL_SERVICE_WORKS') === false ? 2.0 : (float) getenv('REEL_SERVICE_WORKS'),
);
$method = $_SERVER['REQUEST_METHOD'];
$path = (string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH);
/** @var array<string, string> $query */
$query = array_filter($_GET, is_string(...));
/** @var array<string, string> $form */
$form = array_filter($_POST, is_string(...));

$send = static function (Answer $answer): never {
    http_response_code($answer->status);
    foreach ($answer->headers as $name => $value) {
        header("$name: $value");
    }
    echo $answer->body;

    exit;
};

// What a person sees, and signing in.
if (preg_match('#^/files/(v[0-9a-f]{12})\.(mp4|jpg)$#D', $path, $found) === 1) {
    $file = "$store->folder/files/$found[1].$found[2]";
    if (! is_file($file)) {
        $send(new Answer(404, '', []));
    }
    header('Content-Type: '.($found[2] === 'mp4' ? 'video/mp4' : 'image/jpeg'));
    readfile($file);

    exit;
}
$public = match (true) {
    $method === 'GET' && $path === '/' => new Answer(200, Pages::wall($store->all(
        "SELECT * FROM posts WHERE state IN ('public', 'draft', 'processing') ORDER BY finished DESC LIMIT 200",
    )), Pages::HTML),
    $method === 'GET' && preg_match('#^/watch/(v[0-9a-f]{12})$#D', $path, $found) === 1 => new Answer(
        200, Pages::wall($store->all('SELECT * FROM posts WHERE id = ?', [$found[1]])), Pages::HTML,
    ),
    $method === 'GET' && $path === '/authorize' => $signIn->page($query),
    $method === 'POST' && $path === '/authorize' => $signIn->decided($form),
    $method === 'POST' && $path === '/token' => $signIn->token($form),
    $method === 'POST' && $path === '/revoke' => $signIn->revoke($form),
    default => null,
};
if ($public !== null) {
    $send($public);
}

if ($path === '/favicon.ico') {
    $send(new Answer(404, '', []));
}

// What programs ask.
if (! $signIn->isIn($_SERVER['HTTP_AUTHORIZATION'] ?? '')) {
    $send(Answer::refused(401, 'Nobody is signed in by this token.'));
}
$minute = intdiv(time(), 60);
$store->run('INSERT INTO counts VALUES (?, 1) ON CONFLICT (minute) DO UPDATE SET requests = requests + 1', [$minute]);
if ((int) ($store->one('SELECT requests FROM counts WHERE minute = ?', [$minute])['requests'] ?? 0)
    > (int) (getenv('REEL_SERVICE_A_MINUTE') ?: A_MINUTE)) {
    $send(new Answer(429, '{"error": "Too many requests."}', [
        'Content-Type' => 'application/json', 'Retry-After' => (string) (60 - time() % 60),
    ]));
}
$fault = Faults::drawn((float) (getenv('REEL_SERVICE_FAULTS') ?: 0));
match ($fault) {
    Faults::Refuses => $send(Answer::refused(403, 'Not today.')),
    Faults::AnswersNonsense => $send(new Answer(200, '<html>Back soon</html>', Pages::HTML)),
    Faults::TooMany => $send(new Answer(429, '{"error": "Too many."}', ['Retry-After' => '1'])),
    Faults::Breaks => $send(Answer::refused(500, 'Something broke.')),
    default => null,
};
$body = (string) file_get_contents('php://input');
$told = json_decode($body, true);
$told = is_array($told) ? $told : [];
$answer = match (true) {
    $method === 'GET' && $path === '/me' => Answer::json(200, ['name' => 'Lamplight Log']),
    $method === 'GET' && $path === '/posts' => $posts->find($query['key'] ?? ''),
    $method === 'POST' && $path === '/posts' => $posts->begin($told),
    $method === 'GET' && preg_match('#^/posts/(v[0-9a-f]{12})$#D', $path, $found) === 1 => $posts->told('id',
        $found[1], 200),
    $method === 'PATCH' && preg_match('#^/posts/(v[0-9a-f]{12})/file$#D', $path,
        $found) === 1 => $posts->piece($found[1], (int) ($_SERVER['HTTP_UPLOAD_OFFSET'] ?? 0), $body),
    $method === 'PUT' && preg_match('#^/posts/(v[0-9a-f]{12})/cover$#D', $path,
        $found) === 1 => $posts->cover($found[1], $body),
    $method === 'POST' && preg_match('#^/posts/(v[0-9a-f]{12})/finish$#D', $path,
        $found) === 1 => $posts->finish($found[1]),
    $method === 'GET' && $path === '/results' => $posts->results(array_values(array_filter(
        explode(',', $query['ids'] ?? ''),
    ))),
    default => Answer::refused(404, 'There is nothing of that kind here.'),
};
if ($fault?->isDone()) {
    if ($fault === Faults::Hangs) {
        usleep((int) (1_000_000 * (float) (getenv('REEL_SERVICE_HANGS') ?: 60)));
    }
    // More is promised than comes.
    header('Content-Type: application/json');
    header('Content-Length: 5000');
    echo $fault === Faults::ClosesInTheMiddle ? substr($answer->body, 0, 20) : '';

    exit;
}
$send($answer);
