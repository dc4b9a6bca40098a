<?php

declare(strict_types=1);

namespace RapidReel\Making\Render\Filter;

use RapidReel\Making\Render\Levels;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Matte\Behind;
use RapidReel\Pictures\Matte\BehindKind;

/** Takes a subject off its ground and puts it over another, as filters of ffmpeg. All is in the size of the frame. */
final readonly class MatteFilters
{
    private const FROM_BT709 = 'in_color_matrix=bt709:in_range=tv';

    public function __construct(
        private int $width,
        private int $height,
        private int $fps,
    ) {
    }

    /** @return array{string, string} names of the files with how much of a subject there is, and with its colours */
    public static function files(string $layer): array
    {
        return ["$layer-much.cube", "$layer-clean.cube"];
    }

    /**
     * @param  string  $shot  what it is taken out of: an output of the graph
     * @param  int|null  $input  number of the picture behind, where there is one
     * @param  string  $name  of its own output
     * @param  string  $dimmed  filters for what is behind, with a comma after them
     */
    public function over(Behind $behind, string $shot, ?int $input, string $name, string $dimmed = ''): string
    {
        // Its tables go by the side that it is on, whatever is done to that afterwards.
        [$much, $clean] = self::files((string) strtok($name, '-'));
        $parts = [
            "[$shot]scale=".self::FROM_BT709.":flags=bicubic,format=gbrp,split[$name-one][$name-two]",
            "[$name-one]lut3d=file=$much:interp=tetrahedral,extractplanes=g[$name-much]",
            "[$name-two]lut3d=file=$clean:interp=tetrahedral,scale=".FilterGraph::TO_BT709
                .":flags=bicubic,format=yuv420p[$name-clean]",
            "[$name-clean][$name-much]alphamerge[$name-subject]",
        ];
        if ($behind->kind === BehindKind::Footage && $input !== null) {
            $parts[] = $this->picture($behind, $input, "$name-behind", $dimmed);

            return implode(';', [...$parts, $this->laid("$name-behind", "$name-subject", $name)]);
        }
        if ($behind->kind === BehindKind::Gradient) {
            $parts[] = $this->gradient($behind->colours, "$name-ground", $dimmed);

            return implode(';', [...$parts, $this->laid("$name-ground", "$name-subject", $name)]);
        }
        $parts[] = $this->gradient($behind->colours, "$name-ground");
        // The subject over the colours, made larger and blurred: what is blurred anyway is blurred small.
        [$width, $height] = [2 * intdiv($this->width, 12), 2 * intdiv($this->height, 12)];
        $parts[] = "[$name-subject]split[$name-near][$name-far]";
        $parts[] = $this->laid("$name-ground", "$name-far", "$name-flat");
        $parts[] = "[$name-flat]scale=$width:$height:flags=area,crop=2*floor(iw/3.2):2*floor(ih/3.2),gblur=sigma=4,"
            .Levels::filter(['y' => '16+(val-16)*0.8'])
            .",{$dimmed}scale={$this->width}:{$this->height}:flags=bicubic,setsar=1[$name-back]";

        return implode(';', [...$parts, $this->laid("$name-back", "$name-near", $name)]);
    }

    /**
     * Two colours, the upper going over evenly into the lower: one picture that stays.
     *
     * @param  list<string>  $colours  as RRGGBB
     */
    public function gradient(array $colours, string $name, string $dimmed = ''): string
    {
        $colour = static fn (int $i): string => "color=c=0x{$colours[$i]}:s=16x2:r=1:d=1,format=rgb24";

        // Two rows of each colour: between the second and the third it goes evenly from one to the other.
        return sprintf(
            '%1$s[%3$s-a];%2$s[%3$s-b];[%3$s-a][%3$s-b]vstack,scale=16:%4$d:flags=bilinear,crop=16:%5$d:0:%6$d,'
                .'scale=%7$d:%5$d:flags=bilinear:%8$s,setsar=1,format=yuv420p,%10$sloop=-1:1,fps=%9$d[%3$s]',
            $colour(0), $colour(1), $name, 4 * $this->height, $this->height, intdiv(3 * $this->height, 2),
            $this->width, FilterGraph::TO_BT709, $this->fps, $dimmed,
        );
    }

    private function picture(Behind $behind, int $input, string $name, string $dimmed): string
    {
        $isStill = $behind->footageKind === FootageKind::Still;

        return "[$input:v:0]".($isStill ? '' : LayerFilters::begun($behind->inMs)."fps={$this->fps},")
            ."scale={$this->width}:{$this->height}:force_original_aspect_ratio=increase:flags=bicubic:"
            .FilterGraph::TO_BT709
            .",crop={$this->width}:{$this->height},setsar=1,format=yuv420p".rtrim(",$dimmed", ',')
            .($isStill ? ",loop=-1:1,fps={$this->fps}" : ',tpad=stop=-1:stop_mode=clone')."[$name]";
    }

    private function laid(string $under, string $over, string $name): string
    {
        $clock = "settb=1/{$this->fps},setpts=N";

        return "[$under]{$clock}[$under-t];[$over]{$clock}[$over-t];"
            ."[$under-t][$over-t]overlay=0:0:format=yuv420:shortest=0:eof_action=repeat,{$clock}[$name]";
    }
}
