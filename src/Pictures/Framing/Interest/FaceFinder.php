<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Interest;

/** Looks for faces in a grey picture, in windows of all sizes. */
final readonly class FaceFinder
{
    private const LARGER = 1.2;

    /** Windows that must agree before there is a face. */
    private const AGREE = 3;

    /** Pictures of less contrast in a window hold nothing: square of levels. */
    private const FLAT = 40;

    public function __construct(private FaceCascade $cascade)
    {
    }

    /**
     * @param  string  $grey  a byte a pixel, row after row
     * @return list<Face> the surest first
     */
    public function find(string $grey, int $width, int $height): array
    {
        /** @var array<int, int> $bytes */
        $bytes = unpack('C*', $grey);
        $pixels = array_values($bytes);
        $found = [];
        $side = $this->cascade->side;
        for ($scale = 1.0; min($width, $height) / $scale >= $side; $scale *= self::LARGER) {
            $across = (int) ($width / $scale);
            $down = (int) ($height / $scale);
            $small = $scale === 1.0 ? $pixels : self::smaller($pixels, $width, $across, $down, $scale);
            foreach ($this->windows($small, $across, $down) as [$x, $y]) {
                $found[] = [$x * $scale, $y * $scale, $side * $scale];
            }
        }

        return self::together($found, $width, $height);
    }

    /**
     * @param  list<int>  $pixels
     * @return list<int>
     */
    private static function smaller(array $pixels, int $width, int $across, int $down, float $scale): array
    {
        $columns = [];
        for ($x = 0; $x < $across; $x++) {
            $columns[] = (int) (($x + 0.5) * $scale);
        }
        $small = [];
        for ($y = 0; $y < $down; $y++) {
            $row = (int) (($y + 0.5) * $scale) * $width;
            foreach ($columns as $column) {
                $small[] = $pixels[$row + $column];
            }
        }

        return $small;
    }

    /**
     * @param  list<int>  $pixels
     * @return list<array{int, int}> upper left corners of windows that hold a face
     */
    private function windows(array $pixels, int $width, int $height): array
    {
        $line = $width + 1;
        $sums = array_fill(0, $line, 0);
        $squares = $sums;
        $at = 0;
        for ($y = 0; $y < $height; $y++) {
            $sums[] = $squares[] = 0;
            $sum = $square = 0;
            $above = $y * $line + 1;
            for ($x = 0; $x < $width; $x++, $at++, $above++) {
                $value = $pixels[$at];
                $sum += $value;
                $square += $value * $value;
                $sums[] = $sums[$above] + $sum;
                $squares[] = $squares[$above] + $square;
            }
        }
        $stages = $this->placed($line);
        $side = $this->cascade->side;
        $found = [];
        $area = $side * $side;
        for ($y = 0; $y + $side <= $height; $y += 2) {
            for ($x = 0; $x + $side <= $width; $x += 2) {
                $at = $y * $line + $x;
                $end = $at + $side * $line;
                $sum = $sums[$end + $side] - $sums[$end] - $sums[$at + $side] + $sums[$at];
                $square = $squares[$end + $side] - $squares[$end] - $squares[$at + $side] + $squares[$at];
                if ($square * $area - $sum * $sum > self::FLAT * $area * $area && self::passes($stages, $sums, $at)) {
                    $found[] = [$x, $y];
                }
            }
        }

        return $found;
    }

    /**
     * The stages with every feature as the sixteen corners of its nine blocks.
     *
     * @return list<array{float, list<array{list<int>, list<int>, float, float}>}>
     */
    private function placed(int $line): array
    {
        $corners = [];
        foreach ($this->cascade->features as [$x, $y, $width, $height]) {
            $places = [];
            for ($row = 0; $row < 4; $row++) {
                for ($column = 0; $column < 4; $column++) {
                    $places[] = ($y + $row * $height) * $line + $x + $column * $width;
                }
            }
            $corners[] = $places;
        }
        $stages = [];
        foreach ($this->cascade->stages as [$threshold, $trees]) {
            $placed = [];
            foreach ($trees as [$feature, $patterns, $left, $right]) {
                $placed[] = [$corners[$feature], $patterns, $left, $right];
            }
            $stages[] = [$threshold, $placed];
        }

        return $stages;
    }

    /**
     * @param  list<array{float, list<array{list<int>, list<int>, float, float}>}>  $stages
     * @param  list<int>  $sums
     */
    private static function passes(array $stages, array $sums, int $at): bool
    {
        foreach ($stages as [$threshold, $trees]) {
            $score = 0.0;
            foreach ($trees as [$c, $patterns, $left, $right]) {
                $a0 = $sums[$at + $c[0]];
                $a1 = $sums[$at + $c[1]];
                $a2 = $sums[$at + $c[2]];
                $a3 = $sums[$at + $c[3]];
                $b0 = $sums[$at + $c[4]];
                $b1 = $sums[$at + $c[5]];
                $b2 = $sums[$at + $c[6]];
                $b3 = $sums[$at + $c[7]];
                $c0 = $sums[$at + $c[8]];
                $c1 = $sums[$at + $c[9]];
                $c2 = $sums[$at + $c[10]];
                $c3 = $sums[$at + $c[11]];
                $d0 = $sums[$at + $c[12]];
                $d1 = $sums[$at + $c[13]];
                $d2 = $sums[$at + $c[14]];
                $d3 = $sums[$at + $c[15]];
                $middle = $c2 - $c1 - $b2 + $b1;
                $pattern =
                    ($b1 - $b0 - $a1 + $a0 >= $middle ? 128 : 0) |
                    ($b2 - $b1 - $a2 + $a1 >= $middle ? 64 : 0) |
                    ($b3 - $b2 - $a3 + $a2 >= $middle ? 32 : 0) |
                    ($c3 - $c2 - $b3 + $b2 >= $middle ? 16 : 0) |
                    ($d3 - $d2 - $c3 + $c2 >= $middle ? 8 : 0) |
                    ($d2 - $d1 - $c2 + $c1 >= $middle ? 4 : 0) |
                    ($d1 - $d0 - $c1 + $c0 >= $middle ? 2 : 0) |
                    ($c1 - $c0 - $b1 + $b0 >= $middle ? 1 : 0);
                $score += ($patterns[$pattern >> 5] >> ($pattern & 31)) & 1 ? $left : $right;
            }
            if ($score < $threshold - 1e-5) {
                return false;
            }
        }

        return true;
    }

    /**
     * Windows that lie over each other are one face, if they are enough.
     *
     * @param  list<array{float|int, float|int, float|int}>  $windows  left, top, side
     * @return list<Face>
     */
    private static function together(array $windows, int $width, int $height): array
    {
        /** @var list<array{float, float, float, int}> $groups  sums, and how many */
        $groups = [];
        foreach ($windows as [$x, $y, $side]) {
            foreach ($groups as &$group) {
                $count = $group[3];
                $mean = $group[2] / $count;
                $near = 0.35 * min($mean, $side);
                if (
                    abs($group[0] / $count - $x - $side / 2) < $near &&
                    abs($group[1] / $count - $y - $side / 2) < $near &&
                    max($mean, $side) < 1.6 * min($mean, $side)
                ) {
                    $group = [
                        $group[0] + $x + $side / 2,
                        $group[1] + $y + $side / 2,
                        $group[2] + $side,
                        $count + 1,
                    ];

                    continue 2;
                }
            }
            unset($group);
            $groups[] = [$x + $side / 2, $y + $side / 2, (float) $side, 1];
        }
        unset($group);
        $faces = [];
        foreach ($groups as [$x, $y, $side, $count]) {
            if ($count >= self::AGREE) {
                $faces[] = new Face($x / $count / $width, $y / $count / $height, $side / $count / $height, $count);
            }
        }
        usort($faces, static fn (Face $one, Face $other): int => $other->times <=> $one->times);

        return $faces;
    }
}
