<?php

declare(strict_types=1);

namespace App\Doors\Bench;

use Symfony\Component\Process\Process;

/**
 * What times are measured in: a fixed piece of work, timed in the same run. A slow hour makes it as much longer as what
 * it bounds, and a fast machine hides nothing. Each takes about a second on two quiet cores of 2024.
 */
enum Unit: string
{
    /** Numbers, strings and a table of them, in PHP. */
    case Loop = 'loops';

    /** A second of moving pictures of 1080×1920, encoded by one thread. */
    case Encode = 'encodes';

    private const ROUNDS = 4_200_000;

    /** It is timed again when it was timed longer ago, in s. */
    private const FRESH = 60.0;

    /** How long it takes at present, in s. */
    public function seconds(): float
    {
        /** @var array<string, array{float, float}> $timed seconds, and when */
        static $timed = [];
        [$seconds, $at] = $timed[$this->value] ?? [0.0, -INF];
        if (microtime(true) - $at > self::FRESH) {
            $start = microtime(true);
            $this === self::Loop ? self::loop() : self::encode();
            $seconds = microtime(true) - $start;
            $timed[$this->value] = [$seconds, microtime(true)];
        }

        return max(1e-3, $seconds);
    }

    private static function loop(): float
    {
        $sum = 0.0;
        $words = [];
        for ($i = 0; $i < self::ROUNDS; $i++) {
            $number = ($i * 2_654_435_761) & 0xFFFFFF;
            $sum += sqrt($number) * sin($number / 1e6);
            if ($i % 8 === 0) {
                $word = dechex($number);
                $words[$word] = ($words[$word] ?? 0) + strlen($word);
            }
        }
        ksort($words, SORT_STRING);

        return $sum + count($words);
    }

    private static function encode(): void
    {
        (new Process([
            (string) config('reel.ffmpeg'), '-v', 'error', '-f', 'lavfi', '-i',
            'testsrc2=size=1080x1920:rate=30:duration=1', '-c:v', 'libx264', '-preset', 'veryfast', '-crf', '23',
            '-pix_fmt', 'yuv420p', '-threads', '1', '-f', 'null', '-',
        ]))->setTimeout(600)->mustRun();
    }
}
