<?php

declare(strict_types=1);

namespace Tests\Core\Making\Publish\Results;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Csv;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Results\ResultsField;
use RapidReel\Making\Publish\Results\ResultsRow;
use RapidReel\Making\Publish\Results\ResultsTable;

final class ResultsTableTest extends TestCase
{
    private const NOW = 1_796_000_000;

    /** @return list<ResultsRow> */
    private static function read(string $csv): array
    {
        $table = ResultsTable::of(Csv::rows($csv));

        return $table->read($table->guessed(), self::NOW);
    }

    public function test_columns_of_any_order_and_numbers_of_any_country_are_read(): void
    {
        [$one, $two] = self::read(
            "Titel;Video title;Day;Views;Watch time (hours);Likes;Estimated revenue\n"
            ."x;Lamp;2026-11-29;1.234.567;1.020,5;12;€ 1.234,50\ny;Bell;30 Nov 2026;800;;;0,07 €\n",
        );
        self::assertSame(['Lamp', 1_234_567, 12], [$one->title, $one->point?->views, $one->point?->likes]);
        self::assertSame(
            [1_020.5 * 3_600, 1_234_500_000, 'EUR'],
            [$one->point?->watchSeconds, $one->point?->earned, $one->point?->currency],
        );
        self::assertSame('2026-11-29', date('Y-m-d', $one->point->at));
        self::assertSame([800, null, 70_000], [$two->point?->views, $two->point?->likes, $two->point?->earned]);
    }

    public function test_points_and_commas_are_told_apart_by_the_whole_table(): void
    {
        [$one, $two] = self::read("id,views,earnings\nv1,\"1,234\",\"\$1,050.25\"\nv2,3.5K,2\n");
        self::assertSame([1_234, 1_050_250_000, 'USD'], [$one->point?->views, $one->point?->earned,
            $one->point?->currency]);
        self::assertSame(3_500, $two->point?->views);
    }

    public function test_views_are_whole_so_that_one_mark_parts_thousands(): void
    {
        foreach (["id;views\nv1;1.234\nv2;5\n", "id;views\nv1;1,234\nv2;5\n"] as $csv) {
            self::assertSame([1_234, 5], array_map(
                static fn (ResultsRow $row): ?int => $row->point?->views, self::read($csv),
            ));
        }
        [$one] = self::read("id;views;earnings\nv1;2.500;1,250\n");
        self::assertSame([2_500, 1_250_000], [$one->point?->views, $one->point?->earned]);
    }

    #[TestWith(['1:02:03', 3_723.0])]
    #[TestWith(['62:03', 3_723.0])]
    #[TestWith(['3723', 3_723.0])]
    #[TestWith(['soon', null])]
    public function test_watch_time_is_read_as_it_is_written(string $written, ?float $seconds): void
    {
        [$one] = self::read("id,views,watch time\nv1,10,$written\n");
        self::assertSame($seconds, $one->point?->watchSeconds);
    }

    public function test_what_cannot_be_is_told_and_the_rest_is_taken(): void
    {
        $rows = self::read("id,views,date\nv1,none,2026-11-01\nv2,10,03/04/2026\nv3,-5,\nv4,10,2090-01-01\nv5,10,\n");
        self::assertSame(
            ['not a number of views', 'could be two', 'are not possible', 'in the future', ''],
            array_map(static fn (ResultsRow $row): string => match (true) {
                $row->problem === '' => '',
                default => array_values(array_filter(
                    ['not a number of views', 'could be two', 'are not possible', 'in the future'],
                    static fn (string $part): bool => str_contains($row->problem, $part),
                ))[0] ?? $row->problem,
            }, $rows),
        );
        self::assertSame(self::NOW, $rows[4]->point?->at);
        self::assertSame(6, $rows[4]->line);
    }

    public function test_a_table_without_views_or_names_is_refused(): void
    {
        $table = ResultsTable::of(Csv::rows("title,likes\nLamp,3\n"));
        try {
            $table->read($table->guessed(), self::NOW);
            self::fail('It has no views.');
        } catch (Refusal $problem) {
            self::assertStringContainsString('which column holds the views', $problem->getMessage());
        }
        $this->expectExceptionMessage('tells the shorts apart');
        ResultsTable::of(Csv::rows("n,views\nx,3\n"))->read([1 => ResultsField::Views], self::NOW);
    }

    public function test_no_table_at_all_is_refused(): void
    {
        $this->expectException(Refusal::class);
        ResultsTable::of(Csv::rows('just words'));
    }

    public function test_cells_hold_whatever_stands_in_quotes(): void
    {
        self::assertSame([
            ['a', "b\r\nc", 'say "hi"', ''], ['1', '2;3', '', 'x'], [''], ['last', ''],
        ], Csv::rows("a,\"b\r\nc\",\"say \"\"hi\"\"\",\r\n1,2;3,,x\r\n\r\nlast,"));
        self::assertSame([['a', 'b', 'c,d'], ['1,5', '', '']], Csv::rows("a;b;c,d\n1,5;;\n"));
        self::assertSame([['open', "to the end\n"]], Csv::rows("open,\"to the end\n"));
        self::assertSame([], Csv::rows(''));
    }
}
