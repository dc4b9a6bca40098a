<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Interest;

use InvalidArgumentException;

/**
 * A picture made small to be looked at: brightness, and two differences of colour at half of its size, each a list of
 * whole numbers from 0 to 255, row after row.
 */
final readonly class SmallPicture
{
    /**
     * @param  list<int>  $light
     * @param  list<int>  $blue
     * @param  list<int>  $red
     */
    private function __construct(
        public int $width,
        public int $height,
        public array $light,
        public array $blue,
        public array $red,
    ) {
    }

    /** @param  string  $planes  as ffmpeg writes yuv420p, both sides even */
    public static function of(string $planes, int $width, int $height): self
    {
        $size = $width * $height;
        if ($width < 4 || $height < 4 || $width % 2 + $height % 2 > 0 || 2 * strlen($planes) !== 3 * $size) {
            throw new InvalidArgumentException("No picture of $width × $height.");
        }
        $plane = static function (int $from, int $length) use ($planes): array {
            /** @var array<int, int> $values */
            $values = unpack('C*', substr($planes, $from, $length));

            return array_values($values);
        };
        $quarter = intdiv($size, 4);

        return new self(
            $width,
            $height,
            $plane(0, $size),
            $plane($size, $quarter),
            $plane($size + $quarter, $quarter),
        );
    }

    /**
     * Some of its pixels, evenly spread.
     *
     * @return list<array{int, int, int}> brightness and two differences of colour each
     */
    public function someColours(): array
    {
        $across = intdiv($this->width, 2);
        $some = [];
        for ($y = 1; $y < intdiv($this->height, 2); $y += 3) {
            for ($x = 1; $x < $across; $x += 3) {
                $at = $y * $across + $x;
                $some[] = [$this->light[2 * $y * $this->width + 2 * $x], $this->blue[$at], $this->red[$at]];
            }
        }

        return $some;
    }

    /**
     * Brightness at the size of the colours, each pixel the mean of four.
     *
     * @return list<int>
     */
    public function halfLight(): array
    {
        $width = $this->width;
        $plane = $this->light;
        $half = [];
        for ($y = 0; $y < $this->height; $y += 2) {
            $at = $y * $width;
            for ($x = 0; $x < $width; $x += 2, $at += 2) {
                $half[] = ($plane[$at] + $plane[$at + 1] + $plane[$at + $width] + $plane[$at + $width + 1] + 2) >> 2;
            }
        }

        return $half;
    }
}
