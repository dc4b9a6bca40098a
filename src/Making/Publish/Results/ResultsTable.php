<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Results;

use DateTimeImmutable;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\PublishTime;

/** A table of results as somebody's outlet gives it out: columns of any names, numbers as that country writes them. */
final readonly class ResultsTable
{
    public const MOST_ROWS = 100_000;

    private const CURRENCIES = ['$' => 'USD', '€' => 'EUR', '£' => 'GBP', '¥' => 'JPY', '₹' => 'INR'];

    /**
     * @param  list<string>  $heads
     * @param  list<list<string>>  $rows
     */
    private function __construct(
        public array $heads,
        public array $rows,
    ) {
    }

    /**
     * @param  list<list<string>>  $rows  the heads first
     *
     * @throws Refusal
     */
    public static function of(array $rows): self
    {
        $rows = array_values(array_filter($rows, static fn (array $row): bool => trim(implode('', $row)) !== ''));
        $heads = array_map(trim(...), array_shift($rows) ?? []);
        if (count($heads) < 2 || $rows === []) {
            throw new Refusal('There is no table in this: it needs a first line that names its columns, and rows.');
        }
        if (count($rows) > self::MOST_ROWS) {
            throw new Refusal(sprintf(
                'At most %s rows are read at once; this has %s.', number_format(self::MOST_ROWS),
                number_format(count($rows)),
            ));
        }

        return new self($heads, $rows);
    }

    /** @return array<int, ResultsField> by column, as their heads say */
    public function guessed(): array
    {
        $guessed = [];
        foreach ($this->heads as $column => $head) {
            $field = ResultsField::of($head);
            if ($field !== null && ! in_array($field, $guessed, true)) {
                $guessed[$column] = $field;
            }
        }

        return $guessed;
    }

    /** By which a table of the same outlet is known again. */
    public function form(): string
    {
        return hash('xxh64', implode("\n", array_map(mb_strtolower(...), $this->heads)));
    }

    /**
     * @param  array<int, ResultsField>  $columns
     * @param  int  $now  Unix time, for rows without a day of their own
     * @return list<ResultsRow>
     *
     * @throws Refusal where the columns cannot do
     */
    public function read(array $columns, int $now): array
    {
        if (! in_array(ResultsField::Views, $columns, true)) {
            throw new Refusal('Say which column holds the views.');
        }
        $known = [ResultsField::Id, ResultsField::Address, ResultsField::Title];
        if (array_filter($known, static fn (ResultsField $one): bool => in_array($one, $columns, true)) === []) {
            throw new Refusal('Say which column tells the shorts apart: an id, an address or a title.');
        }
        $comma = $this->hasDecimalCommas($columns);

        return array_map(
            fn (int $number, array $row): ResultsRow => $this->row($number + 2, $row, $columns, $now, $comma),
            array_keys($this->rows), $this->rows,
        );
    }

    /**
     * @param  list<string>  $row
     * @param  array<int, ResultsField>  $columns
     */
    private function row(int $line, array $row, array $columns, int $now, bool $comma): ResultsRow
    {
        $cell = static function (ResultsField $field) use ($row, $columns): string {
            $column = array_search($field, $columns, true);

            return $column === false ? '' : trim(mb_scrub($row[$column] ?? ''));
        };
        $views = self::number($cell(ResultsField::Views), $comma);
        $date = $cell(ResultsField::Date);
        $at = $date === '' ? null : PublishTime::read($date);
        $problem = match (true) {
            $views === null => sprintf('“%s” is not a number of views.', self::cut($cell(ResultsField::Views))),
            $views < 0 || $views > 1e12 => sprintf('%s views are not possible.', self::cut($cell(ResultsField::Views))),
            $date !== '' && $at === null => sprintf(
                '“%s” is not a day, or could be two (write 2026-11-30).', self::cut($date),
            ),
            $at !== null && $at->getTimestamp() > $now + 86_400 => sprintf('%s is in the future.', self::cut($date)),
            default => '',
        };

        return new ResultsRow(
            $line, $cell(ResultsField::Id), $cell(ResultsField::Address), $cell(ResultsField::Title),
            $problem !== '' ? null : self::point((int) round((float) $views), $at, $now, $cell, $comma), $problem,
        );
    }

    /** @param  callable(ResultsField): string  $cell */
    private static function point(int $views, ?DateTimeImmutable $at, int $now, callable $cell, bool $comma): Point
    {
        $likes = self::number($cell(ResultsField::Likes), $comma);
        $hours = self::number($cell(ResultsField::WatchedHours), $comma);
        $earned = self::number($cell(ResultsField::Earnings), $comma);
        $currency = $cell(ResultsField::Currency) ?: $cell(ResultsField::Earnings);

        return new Point(
            min($now, $at?->getTimestamp() ?? $now),
            $views,
            $likes === null || $likes < 0 ? null : (int) round($likes),
            $hours === null ? self::seconds($cell(ResultsField::Watched), $comma) : 3_600 * max(0.0, $hours),
            $earned === null ? null : (int) round(1_000_000 * $earned),
            $earned === null ? '' : self::currency($currency),
        );
    }

    /** @return float|null seconds of “3723”, “62:03” or “1:02:03” */
    private static function seconds(string $written, bool $comma): ?float
    {
        if (preg_match('/^(?:(\d{1,6}):)?(\d{1,6}):(\d{1,2}(?:\.\d+)?)$/D', $written, $found) === 1) {
            return 3_600 * (int) $found[1] + 60 * (int) $found[2] + (float) $found[3];
        }
        $number = self::number($written, $comma);

        return $number === null || $number < 0 ? null : $number;
    }

    /** A number with whatever stands around it: signs of currencies, thousands parted, K and M. */
    private static function number(string $written, bool $comma): ?float
    {
        $plain = (string) preg_replace('/[\s\x{00A0}\x{202F}\'’_]|\p{Sc}|^[A-Z]{3}|[A-Z]{3}$/u', '', $written);
        if (preg_match('/^([-−(]?)(\d[\d.,]*|[.,]\d+)([KMkm]?)\)?$/uD', $plain, $found) !== 1) {
            return null;
        }
        $digits = $comma
            ? str_replace(',', '.', str_replace('.', '', $found[2]))
            : str_replace(',', '', $found[2]);
        $times = match (strtolower($found[3])) {
            'k' => 1_000, 'm' => 1_000_000, default => 1,
        };

        return is_numeric($digits) ? ($found[1] === '' ? 1 : -1) * $times * (float) $digits : null;
    }

    /**
     * Whether commas part whole from rest in this table: seen at one number that can be read in one way only. Where
     * none tells, points do.
     *
     * @param  array<int, ResultsField>  $columns
     */
    private function hasDecimalCommas(array $columns): bool
    {
        $numbers = array_keys(array_filter($columns, static fn (ResultsField $field): bool => in_array($field, [
            ResultsField::Views, ResultsField::Likes, ResultsField::Watched, ResultsField::WatchedHours,
            ResultsField::Earnings,
        ], true)));
        foreach ($this->rows as $row) {
            foreach ($numbers as $column) {
                $plain = preg_replace('/[^\d.,]/', '', $row[$column] ?? '') ?? '';
                // Views and likes are whole: a mark before three digits parts thousands.
                $isWhole = in_array($columns[$column], [ResultsField::Views, ResultsField::Likes], true);
                if ($isWhole && preg_match('/^\d{1,3}([.,])\d{3}$/D', $plain, $mark) === 1) {
                    return $mark[1] === '.';
                }
                if (preg_match('/\.\d{3},|\.\d{3}\.|,\d{1,2}$|,\d{4,}$/', $plain) === 1) {
                    return true;
                }
                if (preg_match('/,\d{3}[.,]|\.\d{1,2}$|\.\d{4,}$/', $plain) === 1) {
                    return false;
                }
            }
        }

        return false;
    }

    private static function currency(string $written): string
    {
        if (preg_match('/(?<![A-Za-z])[A-Z]{3}(?![A-Za-z])/', $written, $found) === 1) {
            return $found[0];
        }
        foreach (self::CURRENCIES as $sign => $code) {
            if (str_contains($written, $sign)) {
                return $code;
            }
        }

        return '';
    }

    private static function cut(string $written): string
    {
        return mb_strimwidth($written, 0, 30, '…');
    }
}
