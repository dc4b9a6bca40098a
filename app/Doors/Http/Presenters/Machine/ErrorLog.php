<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Machine;

/** What went wrong lately, by kind: what differs only in numbers and names of files is one kind. */
final readonly class ErrorLog
{
    /** So much of the end of a log is read. */
    private const READ_BYTES = 1_000_000;

    private const MOST = 12;

    /**
     * @param  list<string>  $files  the newest last
     * @return list<array{message: string, count: int, last: string}> the latest first
     */
    public static function kinds(array $files): array
    {
        $kinds = [];
        foreach ($files as $file) {
            foreach (self::lines($file) as [$at, $message]) {
                $kind = (string) preg_replace(
                    ['/[0-9a-f]{8,}/i', '/\d+/', '#(/[\w.-]+){2,}#'], ['#', '#', '…'], $message,
                );
                $kinds[$kind] = [
                    'message' => $message, 'count' => ($kinds[$kind]['count'] ?? 0) + 1, 'last' => $at,
                ];
            }
        }
        usort($kinds, static fn (array $a, array $b): int => $b['last'] <=> $a['last']);

        return array_slice($kinds, 0, self::MOST);
    }

    /** @return list<array{string, string}> when, and what was said */
    private static function lines(string $file): array
    {
        $log = @fopen($file, 'rb');
        if ($log === false) {
            return [];
        }
        try {
            fseek($log, -min(self::READ_BYTES, (int) filesize($file)), SEEK_END);
            $text = (string) stream_get_contents($log);
        } finally {
            fclose($log);
        }
        $line = '/^\[(\d{4}-\d\d-\d\d \d\d:\d\d:\d\d)\] \w+\.(?:ERROR|CRITICAL|ALERT|EMERGENCY): (.+)$/m';
        preg_match_all($line, $text, $found);

        return array_map(
            static fn (string $at, string $message): array => [$at, mb_strimwidth(
                mb_scrub((string) preg_replace('/ \{"(exception|said)":.*$/', '', $message)), 0, 300, '…',
            )],
            $found[1],
            $found[2],
        );
    }
}
