<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Cover;

/** A frame of a short, small and grey, as one that may become its cover. */
final readonly class CoverFrame
{
    public const WIDTH = 45;

    public const HEIGHT = 80;

    /** @param  list<int>  $grey  0…255, row by row */
    public function __construct(
        public int $ms,
        public array $grey,
    ) {
    }

    /** @return list<self> of pictures one after the other */
    public static function all(string $raw, int $firstMs, int $stepMs): array
    {
        $frames = [];
        foreach (str_split($raw, self::WIDTH * self::HEIGHT) as $number => $bytes) {
            if (strlen($bytes) === self::WIDTH * self::HEIGHT) {
                $frames[] = new self($firstMs + $number * $stepMs, array_map(ord(...), str_split($bytes)));
            }
        }

        return $frames;
    }

    /** @return float 0…1, the mean */
    public function brightness(): float
    {
        return array_sum($this->grey) / (255 * count($this->grey));
    }

    /** How much of all edges is that fine: the mean square of what a Laplacian leaves, 0…1 for what is usual. */
    public function sharpness(): float
    {
        $sum = 0;
        for ($y = 1; $y < self::HEIGHT - 1; $y++) {
            for ($x = 1; $x < self::WIDTH - 1; $x++) {
                $sum += $this->laplacian($x, $y) ** 2;
            }
        }

        // Usual pictures of this size have some hundreds; a blurred one a tenth of it.
        return 1 - exp(-$sum / (self::WIDTH * self::HEIGHT) / 400);
    }

    /** How much of what stands out is where people look: the middle of the frame, above where captions stand. 0…1. */
    public function centred(): float
    {
        [$inside, $all] = [0, 0];
        for ($y = 1; $y < self::HEIGHT - 1; $y++) {
            for ($x = 1; $x < self::WIDTH - 1; $x++) {
                $edge = abs($this->laplacian($x, $y));
                $all += $edge;
                if ($x > 0.15 * self::WIDTH && $x < 0.85 * self::WIDTH
                    && $y > 0.15 * self::HEIGHT && $y < 0.7 * self::HEIGHT) {
                    $inside += $edge;
                }
            }
        }

        return $all === 0 ? 0.0 : $inside / $all;
    }

    /** @return list<int> levels of its parts, by which it is told from others */
    public function signature(): array
    {
        $parts = [];
        for ($row = 0; $row < 8; $row++) {
            for ($column = 0; $column < 5; $column++) {
                $sum = 0;
                for ($y = 0; $y < 10; $y++) {
                    for ($x = 0; $x < 9; $x++) {
                        $sum += $this->grey[(10 * $row + $y) * self::WIDTH + 9 * $column + $x];
                    }
                }
                $parts[] = intdiv($sum, 90);
            }
        }

        return $parts;
    }

    private function laplacian(int $x, int $y): int
    {
        $at = $y * self::WIDTH + $x;

        return 4 * $this->grey[$at] - $this->grey[$at - 1] - $this->grey[$at + 1]
            - $this->grey[$at - self::WIDTH] - $this->grey[$at + self::WIDTH];
    }
}
