<?php

declare(strict_types=1);

namespace App\Media\Probing;

/** Times that ffmpeg's filters print as they look and listen. */
final class FilterTimes
{
    /** @return list<array{int, int}> */
    public static function spans(string $said, string $pattern): array
    {
        preg_match_all($pattern, $said, $found, PREG_SET_ORDER);

        return array_map(
            static fn (array $one): array => [(int) round(1000 * (float) $one[1]), (int) round(1000 * (float) $one[2])],
            $found,
        );
    }

    /**
     * What begins and ends in lines of their own; what has no end lasts to that of the file.
     *
     * @return list<array{int, int}>
     */
    public static function pairs(string $said, string $begin, string $end): array
    {
        preg_match_all("/$begin|$end/", $said, $found, PREG_SET_ORDER);
        $spans = [];
        $from = null;
        foreach ($found as $one) {
            if (($one[2] ?? '') !== '') {
                $spans[] = [$from ?? 0, (int) round(1000 * (float) $one[2])];
                $from = null;
            } else {
                $from = max(0, (int) round(1000 * (float) $one[1]));
            }
        }
        preg_match_all('/time=(\d+):(\d+):([\d.]+)/', $said, $times, PREG_SET_ORDER);
        $last = end($times);
        if ($from !== null && $last !== false) {
            $spans[] = [
                $from, max($from, (int) round(1000 * (3600 * (int) $last[1] + 60 * (int) $last[2] + (float) $last[3]))),
            ];
        }

        return $spans;
    }
}
