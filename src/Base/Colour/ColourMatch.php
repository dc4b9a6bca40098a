<?php

declare(strict_types=1);

namespace RapidReel\Base\Colour;

/**
 * A grade that brings a picture to where others are: mean and spread of brightness and of colour are made theirs, after
 * E. Reinhard, M. Ashikhmin, B. Gooch and P. Shirley, "Color Transfer between Images", 2001, within what a picture
 * bears. Straight lines in levels of video: brightness times a gain and moved; colours the same about grey.
 */
final readonly class ColourMatch
{
    private const LEAST_GAIN = 0.65;

    private const MOST_GAIN = 1.5;

    private const MOST_MOVED = 45.0;

    /** So much of the way is gone: all of it would make a night of a day. */
    private const STRENGTH = 0.85;

    /**
     * @param  float  $gain  of brightness about its black
     * @param  float  $lift  levels of brightness
     * @param  float  $saturation  gain of colours about grey
     * @param  float  $blue  levels
     * @param  float  $red  levels
     */
    public function __construct(
        public float $gain = 1.0,
        public float $lift = 0.0,
        public float $saturation = 1.0,
        public float $blue = 0.0,
        public float $red = 0.0,
    ) {
    }

    /** @param  non-empty-list<PictureColours>  $others */
    public static function to(PictureColours $own, array $others): self
    {
        $mean = static fn (string $of): float => array_sum(array_column($others, $of)) / count($others);
        $towards = static fn (float $from, float $to): float => $from + self::STRENGTH * ($to - $from);
        $gain = self::within($towards($own->contrast, $mean('contrast')) / max(4.0, $own->contrast));
        $saturation = self::within($towards($own->saturation, $mean('saturation')) / max(4.0, $own->saturation));
        $moved = static fn (float $by): float => round(max(-self::MOST_MOVED, min(self::MOST_MOVED, $by)), 2);

        return new self(
            $gain,
            $moved($towards($own->light, $mean('light')) - 16 - $gain * ($own->light - 16)),
            $saturation,
            $moved($towards($own->blue, $mean('blue')) - 128 - $saturation * ($own->blue - 128)),
            $moved($towards($own->red, $mean('red')) - 128 - $saturation * ($own->red - 128)),
        );
    }

    private static function within(float $gain): float
    {
        return round(max(self::LEAST_GAIN, min(self::MOST_GAIN, $gain)), 3);
    }

    /** @return array{gain: float, lift: float, saturation: float, blue: float, red: float} */
    public function toArray(): array
    {
        return [
            'gain' => $this->gain,
            'lift' => $this->lift,
            'saturation' => $this->saturation,
            'blue' => $this->blue,
            'red' => $this->red,
        ];
    }

    /**
     * @param  array{gain: float|int, lift: float|int, saturation: float|int, blue: float|int, red: float|int}  $data
     */
    public static function fromArray(array $data): self
    {
        return new self(
            (float) $data['gain'],
            (float) $data['lift'],
            (float) $data['saturation'],
            (float) $data['blue'],
            (float) $data['red'],
        );
    }
}
