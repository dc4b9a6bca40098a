<?php

declare(strict_types=1);

/*
 * A small voice service, to stand in for one of another maker: it speaks the protocol of
 * docs/voice-service.openapi.json by flite. Run by PHP's own web server: php -S 127.0.0.1:8081 demo/voices/service.php
 *
 * POST /simulate {"fail": n, "status": 503} has the next n requests for speech fail.
 */

use RapidReel\Base\Language\ScriptWord;
use RapidReel\Voice\Speech\PhoneTimes;
use Symfony\Component\Process\Process;

require __DIR__.'/../../vendor/autoload.php';

const VOICES = [
    [
        'id' => 'wren', 'name' => 'Wren', 'language' => 'en-US', 'accent' => 'Simulated', 'register' => 'high',
        'words_per_minute' => 165, 'engine' => 'slt',
    ],
    [
        'id' => 'hob', 'name' => 'Hob', 'language' => 'en-US', 'accent' => 'Simulated', 'register' => 'low',
        'words_per_minute' => 155, 'engine' => 'kal16',
    ],
];
const MOST_CHARACTERS = 5_000;

/** @param  array<string, mixed>  $told */
function answer(int $status, array $told): never
{
    http_response_code($status);
    header('Content-Type: application/json');
    echo json_encode($told, JSON_THROW_ON_ERROR);

    exit;
}

/** @param  list<string>  $arguments */
function flite(array $arguments): string
{
    return (new Process(['flite', ...$arguments], timeout: 60))->mustRun()->getOutput();
}

$path = $_SERVER['REQUEST_METHOD'].' '.strtok((string) $_SERVER['REQUEST_URI'], '?');
$wanted = json_decode((string) file_get_contents('php://input'), true);
$wanted = is_array($wanted) ? $wanted : [];
$failing = sys_get_temp_dir().'/reel-voice-service-'.$_SERVER['SERVER_PORT'].'.json';

if ($path === 'GET /voices') {
    $told = array_map(static fn (array $voice): array => array_diff_key($voice, ['engine' => 0]), VOICES);
    answer(200, ['voices' => $told]);
}
if ($path === 'POST /simulate') {
    file_put_contents($failing, json_encode($wanted, JSON_THROW_ON_ERROR));
    answer(200, []);
}
if ($path !== 'POST /speech') {
    answer(404, ['error' => 'there is nothing here']);
}
$fails = is_file($failing) ? (array) json_decode((string) file_get_contents($failing), true) : [];
if (($fails['fail'] ?? 0) > 0) {
    file_put_contents($failing, json_encode([...$fails, 'fail' => $fails['fail'] - 1], JSON_THROW_ON_ERROR));
    answer((int) ($fails['status'] ?? 503), ['error' => 'it is out of breath']);
}
$isWanted = static fn (array $one): bool => $one['id'] === ($wanted['voice'] ?? '');
$voice = array_values(array_filter(VOICES, $isWanted))[0] ?? null;
$text = is_string($wanted['text'] ?? null) ? trim($wanted['text']) : '';
$speed = is_int($wanted['speed'] ?? null) ? $wanted['speed'] : 100;
if ($voice === null) {
    answer(404, ['error' => 'there is no such voice']);
}
if ($text === '' || mb_strlen($text) > MOST_CHARACTERS || $speed < 50 || $speed > 200) {
    answer(422, ['error' => 'a text of up to '.MOST_CHARACTERS.' characters and a speed from 50 to 200 are wanted']);
}

$folder = sys_get_temp_dir().'/reel-voice-service-'.bin2hex(random_bytes(8));
mkdir($folder);
try {
    file_put_contents("$folder/text", $text);
    $told = flite([
        '-voice', $voice['engine'], '--setf', sprintf('duration_stretch=%.3f', 100 / $speed), '-psdur',
        '-f', "$folder/text", '-o', "$folder/said.wav",
    ]);
    $audio = (string) file_get_contents("$folder/said.wav");
    if ($voice['id'] === 'wren') {
        // This one tells no times.
        header('Content-Type: audio/wav');
        echo $audio;

        exit;
    }
    $words = ScriptWord::of($text);
    file_put_contents("$folder/words", implode("\n\n", array_map(
        static fn (ScriptWord $word): string => PhoneTimes::bare($word->text),
        $words,
    ))."\n\n");
    $alone = flite(['-voice', 'kal16', '-ps', '-f', "$folder/words", '-o', 'none']);
    $starts = PhoneTimes::starts($told, $alone, count($words)) ?? [];
    answer(200, [
        'audio' => base64_encode($audio),
        'words' => array_map(
            static fn (int $ms, int $i): array => ['at' => $words[$i]->offset, 'ms' => $ms],
            $starts,
            array_keys($starts),
        ),
    ]);
} finally {
    array_map(unlink(...), glob("$folder/*") ?: []);
    rmdir($folder);
}
