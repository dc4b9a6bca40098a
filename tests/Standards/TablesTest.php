<?php

declare(strict_types=1);

namespace Tests\Standards;

use App\Desks\Intake\CsvScripts;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Csv;
use Symfony\Component\Process\Process;

/** Tables against another reader of CSV (npm: papaparse), and the rules of RFC 4180. */
final class TablesTest extends TestCase
{
    /** @return list<array<string, string>> */
    private static function readElsewhere(string $csv): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'csv');
        file_put_contents($file, $csv);
        $read = json_decode(
            (new Process(['node', 'tests/Standards/table.mjs', $file], dirname(__DIR__, 2)))->mustRun()->getOutput(),
            true,
        );
        unlink($file);

        return $read['data'];
    }

    /** @return array<string, array{string}> */
    public static function tables(): array
    {
        $rows = [
            ['title', 'script', 'tags'],
            ['The “lamp”', "The lamp went out.\nNobody \"came\", not even the gull; it slept.", 'sea, lamp'],
            ['Semi;colon', "Tab\there, and = signs.", ''],
            ['', 'أضاء المصباح 🔔', 'x'],
        ];
        $write = static fn (string $separator, string $end): string => implode(
            $end,
            array_map(
                static fn (array $row): string => implode(
                    $separator,
                    array_map(static fn (string $cell): string => '"'.str_replace('"', '""', $cell).'"', $row),
                ),
                $rows,
            ),
        ).$end;

        return [
            'commas' => [$write(',', "\r\n")],
            'semicolons' => [$write(';', "\n")],
            'tabs' => [$write("\t", "\n")],
            'a byte-order mark' => ["\xEF\xBB\xBF".$write(',', "\n")],
        ];
    }

    #[DataProvider('tables')]
    public function test_scripts_of_a_table_are_those_another_reader_finds(string $csv): void
    {
        $elsewhere = array_map(
            static fn (array $row): array => [$row['title'], trim($row['script']), $row['tags']],
            self::readElsewhere($csv),
        );
        $text = str_starts_with($csv, "\xEF\xBB\xBF") ? substr($csv, 3) : $csv;
        $here = array_map(
            static fn ($source): array => [$source->title, $source->text, $source->tags],
            (new CsvScripts())->read($text, 'a.csv', 10),
        );

        self::assertCount(3, $here);
        self::assertSame($elsewhere, $here);
    }

    public function test_a_table_that_is_written_comes_back_and_no_cell_runs_as_a_formula(): void
    {
        $cells = ['=HYPERLINK("http://x")', '+1', '-1', '@SUM(A1)', "\tx", "a \"b\", c\nd", 'plain'];
        $read = self::readElsewhere(
            Csv::write([array_map(static fn (int $i): string => "c$i", array_keys($cells)), $cells]),
        );

        foreach (array_values($read[0]) as $i => $cell) {
            self::assertDoesNotMatchRegularExpression('/^[=+\-@\t\r]/', $cell);
            self::assertSame($cells[$i], ltrim($cell, "'"));
        }
    }
}
