<?php

declare(strict_types=1);

namespace RapidReel\Base;

/** Comma-separated values (RFC 4180), with what a spreadsheet would run as a formula made plain text. */
final class Csv
{
    private const SEPARATORS = [',', ';', "\t"];

    /**
     * @param  list<list<string|int|float>>  $rows
     */
    public static function write(array $rows): string
    {
        $text = '';
        foreach ($rows as $row) {
            $text .= implode(',', array_map(self::field(...), $row))."\r\n";
        }

        return $text;
    }

    /**
     * The cells of a text, parted by whatever parts most of its first line. Quotes may hold line ends and quotes.
     *
     * @return list<list<string>>
     */
    public static function rows(string $text): array
    {
        // Old spreadsheets end lines with a carriage return alone.
        $text = str_contains($text, "\n") ? $text : str_replace("\r", "\n", $text);
        $separator = self::separator($text);
        $rows = [];
        $row = [];
        $length = strlen($text);
        for ($at = 0; $at < $length; $at++) {
            [$cell, $at] = self::cell($text, $at, $separator);
            $row[] = $cell;
            if ($at >= $length || $text[$at] === "\n") {
                $rows[] = $row;
                $row = [];
            } elseif ($at === $length - 1) {
                $rows[] = [...$row, ''];
            }
        }

        return $rows;
    }

    /** @return array{string, int} what it holds, and where it ends */
    private static function cell(string $text, int $at, string $separator): array
    {
        $quoted = '/\G"((?:[^"]++|"")*+)"?([^'.$separator.'\n]*+)/';
        if (($text[$at] ?? '') === '"' && preg_match($quoted, $text, $found, 0, $at) === 1) {
            return [str_replace('""', '"', $found[1]).rtrim($found[2], "\r"), $at + strlen($found[0])];
        }
        $length = strcspn($text, $separator."\n", $at);

        return [rtrim(substr($text, $at, $length), "\r"), $at + $length];
    }

    /** The one that parts most cells of the first line outside quotes. */
    private static function separator(string $text): string
    {
        $first = (string) preg_replace('/"(?:[^"]|"")*"/', '""', explode("\n", ltrim($text), 2)[0]);
        $best = self::SEPARATORS[0];
        foreach (self::SEPARATORS as $one) {
            $best = substr_count($first, $one) > substr_count($first, $best) ? $one : $best;
        }

        return $best;
    }

    private static function field(string|int|float $value): string
    {
        if (! is_string($value)) {
            return (string) $value;
        }
        if (preg_match('/^[=+\-@\t\r]/', $value) === 1) {
            $value = "'".$value;
        }

        return preg_match('/[",\r\n]/', $value) === 1 ? '"'.str_replace('"', '""', $value).'"' : $value;
    }
}
