<?php

declare(strict_types=1);

namespace RapidReel\Base\Colour;

/**
 * How a picture is graded, in levels of video (BT.709, limited range): brightness goes through one curve, colours are
 * turned about grey by one gain and one shift. Nothing else, so that it costs next to nothing and is the same to a
 * level wherever it is computed. What is not of single points comes after it: sharpened, then darkened to the
 * corners, then grained.
 */
final readonly class Grade
{
    /** Levels that a hundred of warmth moves colours by. */
    public const BLUE = -14.0;

    public const RED = 10.0;

    /**
     * @param  int  $exposure  −100…100: a hundred is one stop up, twice as much light
     * @param  int  $contrast  −100…100 about middle grey
     * @param  int  $saturation  0…200 %
     * @param  int  $warmth  −100…100: towards blue, towards amber
     * @param  int  $fade  0…100: blacks are lifted and whites taken down
     */
    public function __construct(
        public int $exposure = 0,
        public int $contrast = 0,
        public int $saturation = 100,
        public int $warmth = 0,
        public int $fade = 0,
        public Texture $texture = new Texture,
        public TableUse $table = new TableUse,
    ) {
    }

    public function isPlain(): bool
    {
        return $this->toArray() === [];
    }

    /** Both, one after the other, as one: a grade of the channel with what is set beside it. */
    public function and(self $other): self
    {
        $within = static fn (int $value, int $least = -100): int => max($least, min(100, $value));

        return new self(
            $within($this->exposure + $other->exposure),
            $within($this->contrast + $other->contrast),
            max(0, min(200, (int) round($this->saturation * $other->saturation / 100))),
            $within($this->warmth + $other->warmth),
            $within($this->fade + $other->fade, 0),
            new Texture(
                $within($this->texture->vignette + $other->texture->vignette, 0),
                $within($this->texture->grain + $other->texture->grain, 0),
                $within($this->texture->sharpen + $other->texture->sharpen, 0),
            ),
            $other->table->cube !== '' ? $other->table : $this->table,
        );
    }

    /** A part of it. @param  float  $share  0…1 */
    public function weakened(float $share): self
    {
        $part = static fn (int $value): int => (int) round($share * $value);

        return new self(
            $part($this->exposure), $part($this->contrast), 100 + $part($this->saturation - 100), $part($this->warmth),
            $part($this->fade),
            new Texture($part($this->texture->vignette), $part($this->texture->grain), $part($this->texture->sharpen)),
            new TableUse($this->table->cube, $part($this->table->strength)),
        );
    }

    /** Whether it does anything to a point by itself. */
    public function hasPoints(): bool
    {
        return $this->exposure !== 0 || $this->contrast !== 0 || $this->saturation !== 100 || $this->warmth !== 0
            || $this->fade !== 0;
    }

    /**
     * A level of brightness, graded.
     *
     * @param  float  $y  16…235
     */
    public function luma(float $y): float
    {
        $x = max(0.0, min(1.0, ($y - 16) / 219));
        // Exposure in light, not in levels: the transfer of BT.709 is near enough to a power of 2.
        $x = min(1.0, $x * sqrt(2 ** ($this->exposure / 100)));
        // An S about the middle that keeps both ends, or its opposite.
        $s = $x * $x * (3 - 2 * $x);
        $x += 1.2 * $this->contrast / 100 * ($s - $x);
        $x = max(0.0, min(1.0, $x));
        $x = $x * (1 - 0.3 * $this->fade / 100) + 0.16 * $this->fade / 100;

        return 16 + 219 * $x;
    }

    /** @param  float  $u  16…240: how blue, 128 for grey */
    public function blue(float $u): float
    {
        return max(16.0, min(240.0, 128 + ($u - 128) * $this->saturation / 100 + self::BLUE * $this->warmth / 100));
    }

    /** @param  float  $v  16…240: how red, 128 for grey */
    public function red(float $v): float
    {
        return max(16.0, min(240.0, 128 + ($v - 128) * $this->saturation / 100 + self::RED * $this->warmth / 100));
    }

    /** @return array<string, int|string> without what leaves the picture as it is */
    public function toArray(): array
    {
        $own = [
            'exposure' => $this->exposure, 'contrast' => $this->contrast, 'saturation' => $this->saturation,
            'warmth' => $this->warmth, 'fade' => $this->fade, 'vignette' => $this->texture->vignette,
            'grain' => $this->texture->grain, 'sharpen' => $this->texture->sharpen,
        ];

        return [
            ...array_filter(
                $own,
                static fn (int $value, string $key): bool => $value !== ($key === 'saturation' ? 100 : 0),
                ARRAY_FILTER_USE_BOTH,
            ),
            ...$this->table->cube === ''
                ? []
                : ['cube' => $this->table->cube, 'cubeStrength' => $this->table->strength],
        ];
    }

    /** @param  array<string, mixed>  $data  what toArray() gave */
    public static function fromArray(array $data): self
    {
        $whole = static fn (string $key, int $usual = 0): int => is_int($data[$key] ?? null) ? $data[$key] : $usual;

        return new self(
            $whole('exposure'), $whole('contrast'), $whole('saturation', 100), $whole('warmth'), $whole('fade'),
            new Texture($whole('vignette'), $whole('grain'), $whole('sharpen')),
            new TableUse(is_string($data['cube'] ?? null) ? $data['cube'] : '', $whole('cubeStrength', 100)),
        );
    }
}
