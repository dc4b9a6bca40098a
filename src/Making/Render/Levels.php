<?php

declare(strict_types=1);

namespace RapidReel\Making\Render;

/** Curves over the levels of a picture of 8 bits. */
final class Levels
{
    /**
     * As a filter of ffmpeg, without a comma. It works out a table of 65,536 levels for each curve, of which a picture
     * of 8 bits has 256: for the others nothing is worked out, which takes a quarter of the time.
     *
     * @param  non-empty-array<string, string>  $curves  expressions of `val` by plane: y, u, v
     * @param  string  $filter  `lutyuv`, or `lut` for a picture of one plane
     */
    public static function filter(array $curves, string $filter = 'lutyuv'): string
    {
        $tables = [];
        foreach ($curves as $plane => $curve) {
            $tables[] = "$plane='if(gt(val,255),0,$curve)'";
        }

        return "$filter=".implode(':', $tables);
    }
}
