<?php

declare(strict_types=1);

namespace RapidReel\Base;

/** Comma-separated values (RFC 4180), with what a spreadsheet would run as a formula made plain text. */
final class Csv
{
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
