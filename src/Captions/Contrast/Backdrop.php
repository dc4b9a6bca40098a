<?php

declare(strict_types=1);

namespace RapidReel\Captions\Contrast;

use InvalidArgumentException;
use RapidReel\Captions\Cue\Cue;

/** Part of a picture: what stands behind a caption. Colours as R, G, B of 0…255, one after the other. */
final readonly class Backdrop
{
    private const MOST = 1_200;

    /** @param  list<array{int, int, int}>  $colours */
    private function __construct(public array $colours)
    {
    }

    /**
     * @param  string  $picture  three bytes a pixel, row by row
     * @param  array{float, float, float, float}  $box  left, top, right and bottom as fractions of it
     */
    public static function of(string $picture, int $width, int $height, array $box): self
    {
        if (strlen($picture) !== 3 * $width * $height || $width < 1 || $height < 1) {
            throw new InvalidArgumentException('A picture has three bytes for every pixel.');
        }
        $left = max(0, min($width - 1, (int) floor($box[0] * $width)));
        $right = max($left, min($width - 1, (int) ceil($box[2] * $width)));
        $top = max(0, min($height - 1, (int) floor($box[1] * $height)));
        $bottom = max($top, min($height - 1, (int) ceil($box[3] * $height)));
        $step = max(1, (int) ceil(sqrt(($right - $left + 1) * ($bottom - $top + 1) / self::MOST)));
        $colours = [];
        for ($y = $top; $y <= $bottom; $y += $step) {
            for ($x = $left; $x <= $right; $x += $step) {
                $at = 3 * ($y * $width + $x);
                $colours[] = [ord($picture[$at]), ord($picture[$at + 1]), ord($picture[$at + 2])];
            }
        }

        return new self($colours);
    }

    /** What stands behind a caption in a picture of the whole frame, three bytes a pixel. */
    public static function behind(Cue $cue, string $picture, int $width, int $height): self
    {
        return self::of($picture, $width, $height, $cue->setting->parts());
    }

    /**
     * How bright it is under a layer of a colour, pixel by pixel.
     *
     * @param  string  $colour  RRGGBB
     * @param  float  $opacity  0…1
     * @return list<float> luminances
     */
    public function under(string $colour = '000000', float $opacity = 0.0): array
    {
        [$red, $green, $blue] = Wcag::channels($colour);
        $kept = 1 - $opacity;

        return array_map(static fn (array $own): float => Wcag::luminance(
            (int) round($own[0] * $kept + $red * $opacity),
            (int) round($own[1] * $kept + $green * $opacity),
            (int) round($own[2] * $kept + $blue * $opacity),
        ), $this->colours);
    }

    /**
     * How bright it is, and how much that varies.
     *
     * @return array{float, float} mean and standard deviation of its luminance
     */
    public function spread(): array
    {
        $all = $this->under();
        $mean = array_sum($all) / max(1, count($all));
        $squares = array_map(static fn (float $one): float => ($one - $mean) ** 2, $all);

        return [$mean, sqrt(array_sum($squares) / max(1, count($all)))];
    }
}
