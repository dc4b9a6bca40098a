<?php

declare(strict_types=1);

namespace App\Desks\Intake;

use RapidReel\Base\Csv;
use RapidReel\Plan\Source\FrontMatter;
use RapidReel\Plan\Source\ScriptSource;
use RapidReel\Text\Script\UnusableScript;

/**
 * Scripts out of a table: a row each, columns in any order, named in the first line (RFC 4180, and with semicolons or
 * tabs as spreadsheets of other countries write it).
 */
final class CsvScripts
{
    /** How the column of the scripts may be named; the first that is there counts. */
    private const SCRIPT = ['script', 'scripts', 'narration', 'text'];

    /**
     * @param  string  $text  UTF-8 without a byte-order mark
     * @return list<ScriptSource>
     *
     * @throws UnusableScript
     */
    public function read(string $text, string $name, int $most): array
    {
        $rows = Csv::rows($text);
        $heads = array_map(static fn (string $head): string => mb_strtolower(trim($head)), array_shift($rows) ?? []);
        $script =
            array_values(array_intersect(self::SCRIPT, $heads))[0] ?? throw UnusableScript::csvWithoutScripts($name);
        $columns = array_map(
            static fn (string $head): ?string => $head === $script
                ? 'script'
                : (FrontMatter::keyOf($head) === null
                    ? null
                    : $head),
            $heads,
        );
        $sources = [];
        foreach ($rows as $row) {
            $body = '';
            $cells = [];
            foreach ($columns as $i => $column) {
                $value = trim($row[$i] ?? '');
                if ($column === 'script') {
                    $body = $value;
                } elseif ($column !== null) {
                    $cells[] = [$column, $value];
                }
            }
            $source = FrontMatter::source($cells, $body);
            if ($source->text !== '') {
                $sources[] = $source;
            }
        }
        if (count($sources) > $most) {
            throw UnusableScript::hasTooManyRows($name, count($sources), $most);
        }

        return $sources;
    }
}
