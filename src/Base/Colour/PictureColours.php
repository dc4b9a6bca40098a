<?php

declare(strict_types=1);

namespace RapidReel\Base\Colour;

/**
 * What a picture's colours are like as a whole: those it is mostly made of, and how its brightness and its colours lie,
 * in levels of video.
 */
final readonly class PictureColours
{
    /**
     * @param  non-empty-list<array{Lab, float}>  $palette  each with its share
     * @param  float  $light  mean of brightness, 16…235
     * @param  float  $contrast  its standard deviation
     * @param  float  $blue  mean of the difference of blue, 16…240
     * @param  float  $red  mean of the difference of red, 16…240
     * @param  float  $saturation  mean distance from grey
     */
    public function __construct(
        public array $palette,
        public float $light,
        public float $contrast,
        public float $blue,
        public float $red,
        public float $saturation,
    ) {
    }

    /**
     * @param  list<array{int, int, int}>  $pixels  brightness and two differences of colour each, at least one
     */
    public static function of(array $pixels): self
    {
        $pixels = $pixels === [] ? [[16, 128, 128]] : $pixels;
        $count = count($pixels);
        $mean = static fn (int $plane): float => array_sum(array_column($pixels, $plane)) / $count;
        [$light, $blue, $red] = [$mean(0), $mean(1), $mean(2)];
        $spread = $saturation = 0.0;
        $colours = [];
        foreach ($pixels as [$y, $u, $v]) {
            $spread += ($y - $light) ** 2;
            $saturation += hypot($u - 128, $v - 128);
            $colours[] = Lab::ofVideo($y, $u, $v);
        }

        $two = static fn (float $value): float => round($value, 2);

        return new self(
            array_map(static fn (array $one): array => [
                new Lab($two($one[0]->l), $two($one[0]->a), $two($one[0]->b)), round($one[1], 4),
            ], Palette::of($colours)),
            $two($light),
            $two(sqrt($spread / $count)),
            $two($blue),
            $two($red),
            $two($saturation / $count),
        );
    }

    /** How far its colours lie from another's, as CIEDE2000; contrast and saturation count a little. */
    public function difference(self $other): float
    {
        return (self::to($this, $other) + self::to($other, $this)) / 2
            + abs($this->contrast - $other->contrast) / 8 + abs($this->saturation - $other->saturation) / 8;
    }

    private static function to(self $from, self $to): float
    {
        $sum = 0.0;
        foreach ($from->palette as [$colour, $share]) {
            $sum += $share * min(array_map(
                static fn (array $other): float => $colour->difference($other[0]),
                $to->palette,
            ));
        }

        return $sum;
    }

    /**
     * @return array{
     *     palette: list<list<float>>, light: float, contrast: float, blue: float, red: float, saturation: float
     * }
     */
    public function toArray(): array
    {
        return [
            'palette' => array_map(
                static fn (array $one): array => [$one[0]->l, $one[0]->a, $one[0]->b, $one[1]],
                $this->palette,
            ),
            'light' => $this->light,
            'contrast' => $this->contrast,
            'blue' => $this->blue,
            'red' => $this->red,
            'saturation' => $this->saturation,
        ];
    }

    /**
     * @param  array{
     *     palette: non-empty-list<array{float, float, float, float}>, light: float, contrast: float, blue: float,
     *     red: float, saturation: float
     * }  $data
     */
    public static function fromArray(array $data): self
    {
        return new self(
            array_map(
                static fn (array $one): array => [new Lab($one[0], $one[1], $one[2]), $one[3]],
                $data['palette'],
            ),
            $data['light'],
            $data['contrast'],
            $data['blue'],
            $data['red'],
            $data['saturation'],
        );
    }
}
