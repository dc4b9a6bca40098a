<?php

declare(strict_types=1);

namespace RapidReel\Base\Colour;

/** A colour in CIELAB, D65: lightness 0…100, and two axes around grey. */
final readonly class Lab
{
    public function __construct(
        public float $l,
        public float $a,
        public float $b,
    ) {
    }

    /** From a pixel of video: BT.709 in limited range, 0…255 each; its transfer is taken as that of sRGB. */
    public static function ofVideo(int $light, int $blue, int $red): self
    {
        $y = ($light - 16) / 219;
        $u = ($blue - 128) / 112;
        $v = ($red - 128) / 112;

        return self::ofRgb($y + 0.7874 * $v, $y - 0.0936 * $u - 0.2340 * $v, $y + 0.9278 * $u);
    }

    /** From sRGB, 0…1 each; what is beyond is brought in (IEC 61966-2-1; CIE 15). */
    public static function ofRgb(float $red, float $green, float $blue): self
    {
        $linear = static fn (float $value): float => Srgb::linear(max(0.0, min(1.0, $value)));
        [$r, $g, $b] = [$linear($red), $linear($green), $linear($blue)];
        $f = static fn (float $t): float => $t > 216 / 24389 ? $t ** (1 / 3) : (24389 / 27 * $t + 16) / 116;
        $x = $f((0.4124564 * $r + 0.3575761 * $g + 0.1804375 * $b) / 0.95047);
        $y = $f(0.2126729 * $r + 0.7151522 * $g + 0.0721750 * $b);
        $z = $f((0.0193339 * $r + 0.1191920 * $g + 0.9503041 * $b) / 1.08883);

        return new self(116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z));
    }

    /** @param  string  $colour  six hexadecimal digits of sRGB */
    public static function ofHex(string $colour): self
    {
        return self::ofRgb(...array_map(
            static fn (string $two): float => hexdec($two) / 255,
            str_split($colour, 2),
        ));
    }

    /**
     * How different two colours look: CIEDE2000 (ISO/CIE 11664-6), as given by G. Sharma, W. Wu and E. Dalal, "The
     * CIEDE2000 Color-Difference Formula", Color Research and Application 30 (2005). 1 is just seen side by side.
     */
    public function difference(self $other): float
    {
        $mean = (hypot($this->a, $this->b) + hypot($other->a, $other->b)) / 2;
        $g = 0.5 * (1 - sqrt($mean ** 7 / ($mean ** 7 + 25 ** 7)));
        [$a1, $a2] = [(1 + $g) * $this->a, (1 + $g) * $other->a];
        [$c1, $c2] = [hypot($a1, $this->b), hypot($a2, $other->b)];
        $hue = static fn (float $a, float $b): float => $a === 0.0 && $b === 0.0
            ? 0.0
            : fmod(rad2deg(atan2($b, $a)) + 360, 360);
        [$h1, $h2] = [$hue($a1, $this->b), $hue($a2, $other->b)];
        $isGrey = $c1 * $c2 === 0.0;
        $turn = $h2 - $h1;
        $turn = match (true) {
            $isGrey => 0.0,
            $turn > 180 => $turn - 360,
            $turn < -180 => $turn + 360,
            default => $turn,
        };
        $meanHue = match (true) {
            $isGrey => $h1 + $h2,
            abs($h1 - $h2) <= 180 => ($h1 + $h2) / 2,
            $h1 + $h2 < 360 => ($h1 + $h2 + 360) / 2,
            default => ($h1 + $h2 - 360) / 2,
        };
        $cosine = static fn (float $degrees): float => cos(deg2rad($degrees));
        $t = 1 - 0.17 * $cosine($meanHue - 30) + 0.24 * $cosine(2 * $meanHue)
            + 0.32 * $cosine(3 * $meanHue + 6) - 0.20 * $cosine(4 * $meanHue - 63);
        $meanL = ($this->l + $other->l) / 2;
        $meanC = ($c1 + $c2) / 2;
        $light = ($other->l - $this->l) / (1 + 0.015 * ($meanL - 50) ** 2 / sqrt(20 + ($meanL - 50) ** 2));
        $chroma = ($c2 - $c1) / (1 + 0.045 * $meanC);
        $hues = 2 * sqrt($c1 * $c2) * sin(deg2rad($turn) / 2) / (1 + 0.015 * $meanC * $t);
        $rotation = -2 * sqrt($meanC ** 7 / ($meanC ** 7 + 25 ** 7))
            * sin(deg2rad(60 * exp(-(($meanHue - 275) / 25) ** 2)));

        return sqrt(max(0.0, $light ** 2 + $chroma ** 2 + $hues ** 2 + $rotation * $chroma * $hues));
    }
}
