<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish;

use RapidReel\Base\Csv;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\Flag;

/** The list that goes with a batch of exports: one row a short. */
final class Manifest
{
    private const HEADS = [
        'file', 'title', 'duration_s', 'hook_s', 'scenes', 'profile', 'flags', 'srt', 'vtt', 'ass', 'cut',
        'state',
    ];

    /** At full quality, and of the short as it is. */
    public const FINISHED = 'final';

    /** @param  list<list<string|int|float>>  $rows */
    public static function csv(array $rows): string
    {
        return Csv::write([self::HEADS, ...$rows]);
    }

    /**
     * A row as it was written for one name and state, for another.
     *
     * @param  list<string|int|float>  $row  of an earlier version too, which had fewer columns
     * @return list<string|int|float>
     */
    public static function renamed(array $row, string $name, string $as, string $state): array
    {
        $last = count(self::HEADS) - 1;
        $row = array_slice(array_pad($row, $last, ''), 0, $last);

        return [
            ...array_map(static fn (string|int|float $cell): string|int|float => is_string($cell)
                && preg_match('/^'.preg_quote($name, '/').'(\.[a-z0-9]+)$/D', $cell, $found) === 1
                    ? $as.$found[1] : $cell, $row),
            $state,
        ];
    }

    /**
     * @param  string  $name  of its files, without extension
     * @return list<string|int|float>
     */
    public static function row(string $name, Cut $cut): array
    {
        return [
            "$name.mp4",
            $cut->title,
            round($cut->wholeMs() / 1000, 3),
            round(($cut->over->introOutro->openingMs() + $cut->found->hookMs) / 1000, 3),
            count($cut->scenes),
            $cut->form->profile->value,
            implode('; ', array_map(static fn (Flag $flag): string => $flag->message, $cut->found->flags)),
            "$name.srt",
            "$name.vtt",
            "$name.ass",
            "$name.json",
            self::FINISHED,
        ];
    }
}
