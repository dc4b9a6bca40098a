<?php

declare(strict_types=1);

namespace RapidReel\Making\Render\Filter;

use RapidReel\Base\Colour\Grade;
use RapidReel\Making\Render\Levels;

/** A grade as filters of ffmpeg, each with a comma after it. */
final class GradeFilters
{
    /** Where the renderer lays the colour table of a recipe. */
    public const CUBE = 'grade.cube';

    /** The same of what it goes over into. */
    public const NEXT_CUBE = 'next.cube';

    /** So many grains stand side by side on the shorter side of a frame. */
    private const GRAINS = 360;

    /** What is done to each point by itself. */
    public static function points(Grade $grade): string
    {
        if (! $grade->hasPoints()) {
            return '';
        }
        // The curve as the filter computes it, step by step as Grade::luma() does.
        $light = sprintf('min(1,max(0,(val-16)/219)*%.6F)', sqrt(2 ** ($grade->exposure / 100)));
        $contrast = sprintf('%.6F', 1.2 * $grade->contrast / 100);
        $curve = "st(0,$light);st(1,clip(ld(0)+$contrast*(ld(0)*ld(0)*(3-2*ld(0))-ld(0)),0,1));";
        $fade = sprintf('16+219*(ld(1)*%.6F+%.6F)', 1 - 0.3 * $grade->fade / 100, 0.16 * $grade->fade / 100);
        $colour = static fn (float $shift): string => sprintf(
            'clip(128+(val-128)*%.4F+%.4F,16,240)',
            $grade->saturation / 100,
            $shift * $grade->warmth / 100,
        );

        // The filter cuts values off: half a level more rounds them.
        return Levels::filter([
            'y' => "0.5+($curve$fade)", 'u' => "0.5+{$colour(Grade::BLUE)}", 'v' => "0.5+{$colour(Grade::RED)}",
        ]).',';
    }

    /**
     * What comes after its points.
     *
     * @param  int  $width  of the frame
     * @param  int  $height  of the frame
     * @param  string  $cube  name of the file with its colour table
     */
    public static function rest(Grade $grade, int $width, int $height, int $fps, string $cube): string
    {
        $name = (string) strtok($cube, '.');

        return self::cube($grade, $cube).self::sharpened($grade)
            .self::corners($grade, $width, $height, $name).self::grain($grade, $width, $height, $fps, $name);
    }

    private static function cube(Grade $grade, string $file): string
    {
        if ($grade->table->cube === '' || $grade->table->strength === 0) {
            return '';
        }
        $table = sprintf(
            'scale=in_color_matrix=bt709:in_range=tv:flags=bilinear,format=gbrp,lut3d=file=%s:interp=tetrahedral,'
                .'scale=out_color_matrix=bt709:out_range=tv:flags=bilinear,format=yuv420p',
            $file,
        );
        $name = strtok($file, '.');

        return $grade->table->strength === 100
            ? "$table,"
            : sprintf(
                'split[%1$s-plain][%1$s-tinted];[%1$s-tinted]%2$s[%1$s-cubed];'
                    .'[%1$s-plain][%1$s-cubed]blend=all_mode=normal:all_opacity=%3$.4F,',
                $name, $table, 1 - $grade->table->strength / 100,
            );
    }

    private static function sharpened(Grade $grade): string
    {
        // What neighbours differ by is added; in whole numbers, of which a thousand are one.
        $part = (int) round(3 * $grade->texture->sharpen);

        return $part === 0 ? '' : sprintf(
            "convolution=0m='0 -%1\$d 0 -%1\$d %2\$d -%1\$d 0 -%1\$d 0':0rdiv=0.001:"
                ."1m='0 0 0 0 1 0 0 0 0':2m='0 0 0 0 1 0 0 0 0',",
            $part, 1_000 + 4 * $part,
        );
    }

    /**
     * Darker corners are one picture laid over all: nothing where it is clear, black where it is dark. Worked out for
     * every frame anew it would take five times as long. As it is soft it is worked out small.
     *
     * @param  string  $name  of what it calls its own parts
     */
    private static function corners(Grade $grade, int $width, int $height, string $name): string
    {
        if ($grade->texture->vignette === 0) {
            return '';
        }

        // The filter that makes it takes light for what it is in full range: 235 is its white.
        return sprintf(
            'null[%1$s-bright];color=c=white:s=%6$dx%7$d:r=1:d=1,format=gray,'
                .'vignette=angle=%4$.5F:x0=w/2-0.5:y0=h/2-0.5:eval=init:dither=0,'
                .'scale=%2$d:%3$d:flags=bicubic,%5$s[%1$s-shade];color=c=black:s=%2$dx%3$d:r=1:d=1,format=yuv420p'
                .'[%1$s-black];[%1$s-black][%1$s-shade]alphamerge,format=yuva420p[%1$s-corners];'
                .'[%1$s-bright][%1$s-corners]overlay=format=yuv420:repeatlast=1,',
            $name, $width, $height, 0.9 * $grade->texture->vignette / 100,
            Levels::filter(['y' => '255-val*255/235'], 'lut'),
            max(2, intdiv($width, 4)), max(2, intdiv($height, 4)),
        );
    }

    /**
     * One picture of noise, of which another piece is laid over every other frame: film grain is some pixels wide, and
     * noise of single pixels that is new in every frame takes an encoder eight times as many bytes.
     *
     * @param  string  $name  of what it calls its own parts
     */
    private static function grain(Grade $grade, int $width, int $height, int $fps, string $name): string
    {
        if ($grade->texture->grain === 0) {
            return '';
        }
        $size = min($width, $height) / self::GRAINS;
        $more = 2 * (int) round(self::GRAINS * $size / 9);

        // Far apart, so that none seems to move on to the next.
        [$across, $down] = [(int) (0.382 * $more), (int) (0.236 * $more)];

        // The same seed: the same segment is the same to the byte. 0x82 is the level 128, which changes nothing.
        return sprintf(
            'null[%1$s-smooth];color=c=0x828282:s=%2$dx%3$d:r=1:d=1,format=yuv420p,'
                .'noise=c0_seed=4711:c0_strength=%4$d:c0_flags=t,scale=%5$d:%6$d:flags=bicubic,loop=-1:1,'
                ."settb=1/%7\$d,setpts=N,crop=%8\$d:%9\$d:x='mod(floor(n/2)*%11\$d,%10\$d)'"
                .":y='mod(floor(n/2)*%12\$d,%10\$d)'[%1\$s-grain];[%1\$s-smooth]settb=1/%7\$d,setpts=N[%1\$s-timed];"
                .'[%1$s-timed][%1$s-grain]blend=c0_mode=grainmerge:shortest=1,',
            $name, 2 * (int) ceil(($width + $more) / $size / 2), 2 * (int) ceil(($height + $more) / $size / 2),
            max(1, (int) round(0.27 * $grade->texture->grain)), $width + $more, $height + $more,
            $fps, $width, $height, $more,
            $across, $down,
        );
    }
}
