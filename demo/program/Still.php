<?php

declare(strict_types=1);

namespace RapidReel\Demo;

use Closure;

/** A still picture, wide or upright. */
final readonly class Still
{
    /**
     * @param  list<string>  $tags
     * @param  Closure(Pen): mixed  $draw
     * @param  array{x: float, y: float, w: float, h: float}|null  $face  where a face is, as fractions of the picture
     */
    private function __construct(
        public string $name,
        public array $tags,
        public int $width,
        public int $height,
        public Closure $draw,
        public ?array $face,
    ) {
    }

    /** @param  list<string>  $tags */
    public static function wide(string $name, array $tags, Closure $draw): self
    {
        return new self($name, $tags, 1920, 1080, $draw, null);
    }

    /** @param  list<string>  $tags */
    public static function upright(string $name, array $tags, Closure $draw): self
    {
        return new self($name, $tags, 1200, 2000, $draw, null);
    }

    /**
     * A head and shoulders at a place and size in an upright picture or a wide one.
     *
     * @param  list<string>  $tags
     * @param  array{
     *     skin: string, hair: string, coat: string, beard?: bool, cap?: bool, long?: bool, smile?: float, young?: bool
     * }  $look
     */
    public static function portrait(
        string $name,
        array $tags,
        array $look,
        Closure $behind,
        bool $upright,
        float $x,
        float $scale,
    ): self {
        [$w, $h] = $upright ? [1200, 2000] : [1920, 1080];
        $chin = $upright ? 1080 : 610;

        return new self(
            $name,
            $tags,
            $w,
            $h,
            static function (Pen $pen) use ($look, $behind, $x, $scale, $chin, $w): void {
                $behind($pen);
                $pen->at($x * $w, $chin, static fn (Pen $pen) => People::portrait($pen, $look), $scale);
            },
            [
                'x' => $x,
                'y' => round(($chin - 165 * $scale) / $h, 4),
                'w' => round((330 * $scale) / $w, 4),
                'h' => round((430 * $scale) / $h, 4),
            ],
        );
    }
}
