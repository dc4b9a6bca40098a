<?php

declare(strict_types=1);

namespace RapidReel\Base\Typeface;

/** Which glyph a face draws a character with: the "cmap" table, formats 4 and 12. */
final readonly class CharacterMap
{
    private function __construct(
        private Bytes $table,
        private int $format,
    ) {
    }

    /**
     * The map that libass reads, the first of Microsoft’s: where that ends at U+FFFF, the face has no emoji.
     *
     * @throws BrokenTypeface when it knows no Unicode
     */
    public static function of(Bytes $cmap): self
    {
        $other = null;
        $count = min(64, $cmap->u16(2));
        for ($i = 0; $i < $count; $i++) {
            $platform = $cmap->u16(4 + 8 * $i);
            $encoding = $cmap->u16(6 + 8 * $i);
            $table = $cmap->at($cmap->u32(8 + 8 * $i));
            $format = in_array($platform, [0, 3], true) ? $table->u16(0) : 0;
            if (! in_array($format, [4, 12], true)) {
                continue;
            }
            if ($platform === 3 && in_array($encoding, [1, 10], true)) {
                return new self($table, $format);
            }
            $other ??= $platform === 0 ? new self($table, $format) : null;
        }

        return $other ?? throw new BrokenTypeface('The font file has no Unicode characters: it cannot set captions.');
    }

    /**
     * @return int 0 where there is none
     *
     * @throws BrokenTypeface
     */
    public function glyph(int $code): int
    {
        return $this->format === 12 ? $this->inGroups($code) : ($code > 0xFFFF ? 0 : $this->inSegments($code));
    }

    /** @throws BrokenTypeface */
    private function inGroups(int $code): int
    {
        [$low, $high] = [0, $this->table->u32(12) - 1];
        while ($low <= $high) {
            $middle = ($low + $high) >> 1;
            $at = 16 + 12 * $middle;
            if ($code < $this->table->u32($at)) {
                $high = $middle - 1;
            } elseif ($code > $this->table->u32($at + 4)) {
                $low = $middle + 1;
            } else {
                return $this->table->u32($at + 8) + $code - $this->table->u32($at);
            }
        }

        return 0;
    }

    /** @throws BrokenTypeface */
    private function inSegments(int $code): int
    {
        $doubled = $this->table->u16(6) & ~1;
        [$low, $high] = [0, $doubled / 2 - 1];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($this->table->u16(14 + 2 * $middle) < $code) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        $at = 16 + $doubled + 2 * $low;
        if ($doubled === 0 || $this->table->u16(14 + 2 * $low) < $code || $this->table->u16($at) > $code) {
            return 0;
        }
        $delta = $this->table->u16($at + $doubled);
        $range = $this->table->u16($at + 2 * $doubled);
        if ($range === 0) {
            return ($code + $delta) & 0xFFFF;
        }
        $glyph = $this->table->u16($at + 2 * $doubled + $range + 2 * ($code - $this->table->u16($at)));

        return $glyph === 0 ? 0 : ($glyph + $delta) & 0xFFFF;
    }
}
