<?php

declare(strict_types=1);

namespace RapidReel\Base\Typeface;

/** The lookups of some features in a "GSUB" or "GPOS" table (ISO/IEC 14496-22). */
final class Layout
{
    private const MOST_TABLES = 400;

    private const MOST_FEATURES = 600;

    /**
     * @param  list<string>  $features  tags
     * @param  int  $kind  of the lookups that are wanted
     * @param  int  $extension  the kind that leads to tables further away
     * @return list<list<Bytes>> the subtables of each lookup: all lookups apply, of each the first subtable that fits
     *
     * @throws BrokenTypeface
     */
    public static function tables(Bytes $table, array $features, int $kind, int $extension): array
    {
        $list = $table->at($table->u16(6));
        $lookups = $table->at($table->u16(8));
        $wanted = [];
        for ($i = 0, $count = min(self::MOST_FEATURES, $list->u16(0)); $i < $count; $i++) {
            if (in_array($list->text(2 + 6 * $i, 4), $features, true)) {
                $feature = $list->at($list->u16(6 + 6 * $i));
                for ($j = 0, $many = min(self::MOST_TABLES, $feature->u16(2)); $j < $many; $j++) {
                    $wanted[$feature->u16(4 + 2 * $j)] = true;
                }
            }
        }
        ksort($wanted);
        $found = [];
        $tables = 0;
        foreach (array_keys($wanted) as $number) {
            $own = [];
            if ($number >= $lookups->u16(0)) {
                continue;
            }
            $lookup = $lookups->at($lookups->u16(2 + 2 * $number));
            $is = $lookup->u16(0);
            for ($i = 0, $count = min(self::MOST_TABLES, $lookup->u16(4)); $i < $count; $i++) {
                $one = $lookup->at($lookup->u16(6 + 2 * $i));
                $isFar = $is === $extension;
                if (($isFar ? $one->u16(2) : $is) === $kind && $tables++ < self::MOST_TABLES) {
                    $own[] = $isFar ? $one->at($one->u32(4)) : $one;
                }
            }
            $found[] = $own;
        }

        return $found;
    }

    /**
     * The place of a glyph in a coverage table; null where it is not covered.
     *
     * @throws BrokenTypeface
     */
    public static function place(Bytes $table, int $glyph): ?int
    {
        $isRanges = $table->u16(0) === 2;
        [$low, $high] = [0, $table->u16(2) - 1];
        while ($low <= $high) {
            $middle = ($low + $high) >> 1;
            $at = 4 + ($isRanges ? 6 : 2) * $middle;
            $from = $table->u16($at);
            $until = $isRanges ? $table->u16($at + 2) : $from;
            if ($glyph >= $from && $glyph <= $until) {
                return $isRanges ? $table->u16($at + 4) + $glyph - $from : $middle;
            }
            [$low, $high] = $glyph < $from ? [$low, $middle - 1] : [$middle + 1, $high];
        }

        return null;
    }
}
