<?php

declare(strict_types=1);

namespace RapidReel\Framing\Interest;

use InvalidArgumentException;

/**
 * A picture made small to be looked at: brightness and two differences of colour, each a list of whole numbers from 0
 * to 255, row after row.
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

    /** @param  string  $planes  as ffmpeg writes yuv444p: a byte a pixel, three planes after one another */
    public static function of(string $planes, int $width, int $height): self
    {
        $size = $width * $height;
        if ($width < 4 || $height < 4 || strlen($planes) !== 3 * $size) {
            throw new InvalidArgumentException("No picture of $width × $height.");
        }
        $plane = static function (int $number) use ($planes, $size): array {
            /** @var array<int, int> $values */
            $values = unpack('C*', substr($planes, $number * $size, $size));

            return array_values($values);
        };

        return new self($width, $height, $plane(0), $plane(1), $plane(2));
    }

    /** Half as wide and half as high, each pixel the mean of four. */
    public function halved(): self
    {
        return new self(
            intdiv($this->width, 2),
            intdiv($this->height, 2),
            $this->half($this->light),
            $this->half($this->blue),
            $this->half($this->red),
        );
    }

    /**
     * @param  list<int>  $plane
     * @return list<int>
     */
    private function half(array $plane): array
    {
        $width = $this->width;
        $across = intdiv($width, 2);
        $down = intdiv($this->height, 2);
        $half = [];
        for ($y = 0; $y < $down; $y++) {
            $at = 2 * $y * $width;
            for ($x = 0; $x < $across; $x++, $at += 2) {
                $half[] = ($plane[$at] + $plane[$at + 1] + $plane[$at + $width] + $plane[$at + $width + 1] + 2) >> 2;
            }
        }

        return $half;
    }
}
