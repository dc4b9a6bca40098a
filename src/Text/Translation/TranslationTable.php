<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation;

use RapidReel\Base\Csv;
use RapidReel\Base\Refusal;

/** A translation as a table (RFC 4180), for whoever has a spreadsheet and nothing else. */
final class TranslationTable
{
    private const HEAD = ['id', 'source', 'target', 'seconds', 'most', 'notes'];

    public static function write(Translation $translation): string
    {
        return Csv::write([self::HEAD, ...array_map(static fn (TranslationUnit $unit): array => [
            $unit->id, $unit->source, $translation->targets[$unit->id] ?? '',
            $unit->seconds === null ? '' : sprintf('%.1f', $unit->seconds), $unit->most ?? '',
            implode(' ', $unit->notes),
        ], $translation->units)]);
    }

    /** @throws Refusal when it has no columns “id” and “target” */
    public static function read(string $text): Returned
    {
        $rows = Csv::rows($text);
        $head = array_map(static fn (string $name): string => mb_strtolower(trim($name)), $rows[0] ?? []);
        [$id, $source, $target] = array_map(
            static fn (string $name): int|false => array_search($name, $head, true), ['id', 'source', 'target'],
        );
        if ($id === false || $target === false) {
            throw new Refusal('The table has no column named “id”, or none named “target”, in its first line.');
        }
        $units = $repeated = [];
        foreach (array_slice($rows, 1) as $row) {
            $key = trim($row[$id] ?? '');
            if ($key === '') {
                continue;
            }
            $said = trim($row[$target] ?? '');
            $unit = new ReturnedUnit(
                $source === false ? null : trim($row[$source] ?? ''), $said === '' ? null : $said,
            );
            isset($units[$key]) ? $repeated[] = $key : $units[$key] = $unit;
        }

        return new Returned(null, null, $units, $repeated);
    }
}
