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
        'state', 'id',
    ];

    /** Columns that are of a cut, whatever becomes of its file. */
    private const OF_A_CUT = 11;

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
     * @param  string  $id  by which a file is known, whatever it is called and however often it is made
     * @return list<string|int|float>
     */
    public static function renamed(array $row, string $name, string $as, string $state, string $id): array
    {
        $row = array_slice(array_pad($row, self::OF_A_CUT, ''), 0, self::OF_A_CUT);

        return [
            ...array_map(static fn (string|int|float $cell): string|int|float => is_string($cell)
                && preg_match('/^'.preg_quote($name, '/').'(\.[a-z0-9]+)$/D', $cell, $found) === 1
                    ? $as.$found[1] : $cell, $row),
            $state,
            $id,
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
            $cut->form->target->id,
            implode('; ', array_map(static fn (Flag $flag): string => $flag->message, $cut->found->flags)),
            "$name.srt",
            "$name.vtt",
            "$name.ass",
            "$name.json",
            self::FINISHED,
            self::idOf($cut),
        ];
    }

    /** Of a script that is nowhere kept: the same title for the same target is the same. */
    private static function idOf(Cut $cut): string
    {
        return 'script-'.hash('xxh64', "{$cut->title}\n{$cut->form->target->id}");
    }
}
