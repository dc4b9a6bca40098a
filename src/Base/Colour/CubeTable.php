<?php

declare(strict_types=1);

namespace RapidReel\Base\Colour;

use RapidReel\Base\Refusal;

/** A colour table as .cube files have it ("Cube LUT Specification", version 1.0, 2013), of three dimensions. */
final readonly class CubeTable
{
    private const LEAST = 2;

    private const MOST = 65;

    private const MOST_BYTES = 12_000_000;

    /**
     * @param  int  $size  points along each side
     * @param  list<array{float, float, float}>  $points  0…1, red changing fastest
     */
    private function __construct(
        public string $title,
        public int $size,
        public array $points,
    ) {
    }

    /** @throws Refusal with what is wrong with it */
    public static function read(string $text): self
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw new Refusal('A .cube file is smaller than 12 MB.');
        }
        $title = '';
        $size = 0;
        $points = [];
        foreach (preg_split('/\r\n|\r|\n/', str_replace("\xEF\xBB\xBF", '', $text)) ?: [] as $number => $line) {
            $line = trim($line);
            if ($line === '' || $line[0] === '#') {
                continue;
            }
            if (preg_match('/^TITLE\s+"(.*)"$/i', $line, $found) === 1) {
                $title = mb_strimwidth(mb_scrub($found[1]), 0, 80, '…');
            } elseif (preg_match('/^LUT_3D_SIZE\s+(\d{1,4})$/i', $line, $found) === 1) {
                $size = (int) $found[1];
            } elseif (preg_match('/^LUT_1D_SIZE/i', $line) === 1) {
                throw new Refusal('This .cube file is a table of one dimension. Upload one of three (LUT_3D_SIZE).');
            } elseif (preg_match('/^DOMAIN_(MIN|MAX)\s+(\S+)\s+(\S+)\s+(\S+)$/i', $line, $found) === 1) {
                $expected = strtoupper($found[1]) === 'MIN' ? 0.0 : 1.0;
                if (array_map(floatval(...), array_slice($found, 2)) !== [$expected, $expected, $expected]) {
                    throw new Refusal('This .cube file is for colours outside 0 to 1, which videos here do not have.');
                }
            } elseif (preg_match('/^[A-Z_]+(\s|$)/i', $line) === 1 && ! is_numeric(explode(' ', $line)[0])) {
                continue;
            } else {
                $points[] = self::point($line, $number + 1);
            }
        }
        if ($size === 0) {
            throw new Refusal('This is no .cube file: it does not say how large its table is (LUT_3D_SIZE).');
        }
        if ($size < self::LEAST || $size > self::MOST) {
            throw new Refusal(sprintf('A colour table has from %d to %d points a side; this has %d.', self::LEAST,
                self::MOST, $size));
        }
        if (count($points) !== $size ** 3) {
            throw new Refusal(sprintf(
                'This .cube file is not whole: %s lines of colours are needed, and %s are there.',
                number_format($size ** 3), number_format(count($points)),
            ));
        }

        return new self($title, $size, $points);
    }

    /** As ffmpeg reads it: its own writing, none of what else stood in the file. */
    public function write(): string
    {
        $lines = ["LUT_3D_SIZE {$this->size}"];
        foreach ($this->points as [$red, $green, $blue]) {
            $lines[] = sprintf('%.6F %.6F %.6F', $red, $green, $blue);
        }

        return implode("\n", $lines)."\n";
    }

    /**
     * A colour through the table, between points by tetrahedra.
     *
     * @return array{float, float, float} 0…1
     */
    public function at(float $red, float $green, float $blue): array
    {
        $last = $this->size - 1;
        $place = array_map(static fn (float $x): float => max(0.0, min(1.0, $x)) * $last, [$red, $green, $blue]);
        $low = array_map(static fn (float $x): int => min($last, (int) floor($x)), $place);
        $part = array_map(static fn (float $x, int $i): float => $x - $i, $place, $low);
        // From the lower corner to the upper one along the edges, the longest way first.
        arsort($part);
        $at = $low;
        $before = $this->point_($at);
        $out = $before;
        foreach ($part as $axis => $share) {
            $at[$axis] = min($last, $at[$axis] + 1);
            $next = $this->point_($at);
            foreach ($out as $i => $value) {
                $out[$i] = $value + $share * ($next[$i] - $before[$i]);
            }
            $before = $next;
        }

        return [$out[0], $out[1], $out[2]];
    }

    /**
     * @param  array<int, int>  $at
     * @return array{float, float, float}
     */
    private function point_(array $at): array
    {
        return $this->points[$at[0] + $this->size * ($at[1] + $this->size * $at[2])];
    }

    /** Whether it is a number: what is too large for one is none. */
    private static function isLevel(string $written): bool
    {
        return is_numeric($written) && is_finite((float) $written);
    }

    /**
     * @return array{float, float, float}
     *
     * @throws Refusal
     */
    private static function point(string $line, int $number): array
    {
        $values = preg_split('/\s+/', $line) ?: [];
        if (count($values) !== 3 || array_filter($values, self::isLevel(...)) !== $values) {
            throw new Refusal(sprintf(
                'Line %s of this .cube file is not a colour: “%s”.',
                number_format($number), mb_strimwidth(mb_scrub($line), 0, 40, '…'),
            ));
        }
        $within = static fn (string $value): float => max(0.0, min(1.0, (float) $value));

        return [$within($values[0]), $within($values[1]), $within($values[2])];
    }
}
