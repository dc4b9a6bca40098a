<?php

declare(strict_types=1);

namespace RapidReel\Base\Typeface;

/**
 * How much nearer or further apart two letters stand than their widths say: the "kern" feature of the "GPOS" table
 * (pair adjustments by glyph and by class, ISO/IEC 14496-22), or the older "kern" table where there is none.
 */
final class Pairs
{
    /** @var list<list<Bytes>> by lookup */
    private readonly array $tables;

    private ?Bytes $older = null;

    /** @var array<int, int> */
    private array $known = [];

    /** @throws BrokenTypeface */
    public function __construct(?Bytes $gpos, ?Bytes $kern)
    {
        $this->tables = $gpos === null ? [] : Layout::tables($gpos, ['kern'], 2, 9);
        if ($this->tables === [] && $kern !== null && $kern->length() > 18 && $kern->u16(0) === 0) {
            $this->older = $kern->u16(8) >> 8 === 0 ? $kern->at(4) : null;
        }
    }

    /**
     * In units of the face.
     *
     * @throws BrokenTypeface
     */
    public function between(int $left, int $right): int
    {
        return $this->known[$left << 16 | $right] ??= $this->find($left, $right);
    }

    /** @throws BrokenTypeface */
    private function find(int $left, int $right): int
    {
        $sum = $this->older === null ? 0 : $this->inOlder($this->older, $left, $right);
        foreach ($this->tables as $lookup) {
            foreach ($lookup as $table) {
                $value = $this->in($table, $left, $right);
                if ($value !== null) {
                    $sum += $value;
                    break;
                }
            }
        }

        return $sum;
    }

    /**
     * @return int|null null where the table says nothing of the left letter, or of this pair
     *
     * @throws BrokenTypeface
     */
    private function in(Bytes $table, int $left, int $right): ?int
    {
        $covered = Layout::place($table->at($table->u16(2)), $left);
        if ($covered === null) {
            return null;
        }
        [$first, $second] = [$table->u16(4), $table->u16(6)];
        $size = 2 * (self::bits($first) + self::bits($second));
        if ($table->u16(0) === 1) {
            $set = $table->at($table->u16(10 + 2 * $covered));
            [$low, $high] = [0, $set->u16(0) - 1];
            while ($low <= $high) {
                $middle = ($low + $high) >> 1;
                $at = 2 + (2 + $size) * $middle;
                $found = $set->u16($at);
                if ($found === $right) {
                    return self::advance($set, $at + 2, $first);
                }
                [$low, $high] = $found < $right ? [$middle + 1, $high] : [$low, $middle - 1];
            }

            return null;
        }
        $one = $this->group($table->at($table->u16(8)), $left);
        $other = $this->group($table->at($table->u16(10)), $right);
        if ($one >= $table->u16(12) || $other >= $table->u16(14)) {
            return null;
        }

        return self::advance($table, 16 + $size * ($one * $table->u16(14) + $other), $first);
    }

    /**
     * The change of the left letter's advance out of a value record.
     *
     * @throws BrokenTypeface
     */
    private static function advance(Bytes $table, int $at, int $format): int
    {
        return ($format & 4) === 0 ? 0 : $table->i16($at + 2 * self::bits($format & 3));
    }

    private static function bits(int $format): int
    {
        return substr_count(decbin($format & 0xFF), '1');
    }

    /**
     * The class of a glyph in a table of classes; 0 where it has none.
     *
     * @throws BrokenTypeface
     */
    private function group(Bytes $table, int $glyph): int
    {
        if ($table->u16(0) === 1) {
            $at = $glyph - $table->u16(2);

            return $at >= 0 && $at < $table->u16(4) ? $table->u16(6 + 2 * $at) : 0;
        }
        [$low, $high] = [0, $table->u16(2) - 1];
        while ($low <= $high) {
            $middle = ($low + $high) >> 1;
            $at = 4 + 6 * $middle;
            if ($glyph >= $table->u16($at) && $glyph <= $table->u16($at + 2)) {
                return $table->u16($at + 4);
            }
            [$low, $high] = $glyph < $table->u16($at) ? [$low, $middle - 1] : [$middle + 1, $high];
        }

        return 0;
    }

    /** @throws BrokenTypeface */
    private function inOlder(Bytes $table, int $left, int $right): int
    {
        [$low, $high] = [0, $table->u16(6) - 1];
        $wanted = $left << 16 | $right;
        while ($low <= $high) {
            $middle = ($low + $high) >> 1;
            $found = $table->u32(14 + 6 * $middle);
            if ($found === $wanted) {
                return $table->i16(18 + 6 * $middle);
            }
            [$low, $high] = $found < $wanted ? [$middle + 1, $high] : [$low, $middle - 1];
        }

        return 0;
    }
}
