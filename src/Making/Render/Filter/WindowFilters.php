<?php

declare(strict_types=1);

namespace RapidReel\Making\Render\Filter;

use RapidReel\Base\Refusal;
use RapidReel\Making\Render\Layer;
use RapidReel\Making\Render\Source;
use RapidReel\Pictures\Footage\FootageKind;

/**
 * A window over a source as filters of ffmpeg.
 *
 * One whose size changes is cut out of a picture that is larger than the frame, plane by plane: cut in one, its corner
 * could only stand on every other pixel, as colour is kept at half the size. With a window that keeps its middle a
 * quarter more is enough for the middle to jump by no more than two fifths of a pixel; one that travels needs twice the
 * size to move by halves.
 *
 * Each way is told what reads the source, by what its last picture is held, with a comma before it, and the name of its
 * own output.
 */
final readonly class WindowFilters
{
    private const LARGER_FOR_ZOOM = 1.25;

    private const LARGER_FOR_TRAVEL = 2.25;

    /**
     * Corners fall on whole pixels, and lean to where they have always fallen, so that a picture does not jump with a
     * new version: in pixels of each plane, found by comparing stills that were drawn before and after.
     */
    private const LEAN = ['y' => 0.05, 'u' => 0.3, 'v' => 0.3];

    /** What the filter that zooms can do. */
    private const MOST_ZOOM = 10.0;

    private Source $source;

    private PathTrack $track;

    /** Of the frame: its width for one of its height. */
    private float $aspect;

    public function __construct(
        private Layer $layer,
        private int $width,
        private int $height,
        private int $fps,
    ) {
        $this->source = $layer->source;
        $this->track = new PathTrack(
            $layer->path, $layer->source->width, $layer->source->height, $width, $height, $fps,
        );
        $this->aspect = $this->track->aspect;
    }

    /**
     * A window that stays where it is.
     *
     * @param  string  $points  filters before the first picture is held, each with a comma after it
     */
    public function held(string $head, string $points, string $hold, string $name): string
    {
        $flags = $this->source->kind === FootageKind::Still ? 'lanczos' : 'bicubic';

        return "$head{$this->crop()},scale={$this->width}:{$this->height}:flags=$flags:".FilterGraph::TO_BT709
            .",setsar=1,format=yuv420p,{$points}null$hold,{$this->clock()}[$name]";
    }

    /**
     * One picture is decoded and scaled once; the frames are cut out of it.
     *
     * @throws Refusal
     */
    public function overStill(string $head, string $points, int $frames, string $name): string
    {
        [$left, $top, $right, $bottom] = $this->track->bounds();
        $x = 2 * intdiv((int) $left, 2);
        $y = 2 * intdiv((int) $top, 2);
        $width = min(2 * intdiv($this->source->width - $x, 2), 2 * (int) ceil(($right - $x) / 2));
        $height = min(2 * intdiv($this->source->height - $y, 2), 2 * (int) ceil(($bottom - $y) / 2));
        $larger = $this->enlarged($width, $height);

        return "{$head}crop=$width:$height:$x:$y,scale={$larger->scaled()}:flags=lanczos:".FilterGraph::TO_BT709
            .",format=yuv420p,{$points}null{$larger->padded()},"
            .$this->zoomed($larger, (string) $x, (string) $y, $frames, $name);
    }

    /**
     * A window that keeps its size: a piece of the source that is a little larger goes along with it in strides, is
     * brought to the size of the frame, and the frame is cut out of that, to the pixel. A stride is a whole number of
     * pixels before and after: so what stands still in the source moves by whole pixels, which an encoder has the least
     * to do with.
     */
    public function travelling(string $head, string $hold, string $name): string
    {
        $window = $this->track->widest();
        $tall = $window / $this->aspect;
        [$middleX, $middleY] = [$this->track->middleX('n'), $this->track->middleY('n')];
        [$width, $x] = $this->stride($this->source->width, $window, $this->width, $middleX);
        [$height, $y] = $this->stride($this->source->height, $tall, $this->height, $middleY);
        $across = max($this->width, 2 * (int) round($width * $this->width / $window / 2));
        $down = max($this->height, 2 * (int) round($height * $this->height * $this->aspect / $window / 2));
        $left = sprintf('(%s-%.5f-%s)*%.6f', $middleX, $window / 2, $x, $across / $width);
        $top = sprintf('(%s-%.5f-%s)*%.6f', $middleY, $tall / 2, $y, $down / $height);
        // Colours are kept at half the size, and go to the nearest of their pixels that is not further on.
        $cut = sprintf(
            "crop=%d:%d:x='clip(floor(%s+0.5),0,%d)':y='clip(floor(%s+0.5),0,%d)':exact=1",
            $this->width, $this->height, $left, $across - $this->width, $top, $down - $this->height,
        );

        // Held first: both cuts must count the same pictures.
        return $head.substr($hold, 1).",crop=$width:$height:x='$x':y='$y',scale=$across:$down:flags=bicubic:"
            .FilterGraph::TO_BT709.",setsar=1,format=yuv420p,{$this->clock()},{$cut}[$name]";
    }

    /**
     * How long a piece of one side of a source is that goes along with a window in strides, and where it begins.
     *
     * @return array{int, string} pixels, and an expression
     */
    private function stride(int $whole, float $window, int $frame, string $middle): array
    {
        $part = $frame / $window;
        $best = [INF, 2];
        for ($stride = 16; $stride <= 64; $stride += 2) {
            $off = abs($stride * $part / 2 - round($stride * $part / 2));
            $best = $off < $best[0] - 1e-6 ? [$off, $stride] : $best;
        }
        $size = min(2 * intdiv($whole, 2), 2 * (int) ceil($window / 2) + 2 * $best[1]);
        $strides = intdiv($whole - $size, $best[1]);

        return [$size, $strides === 0 ? '0' : sprintf(
            '(%d*clip(floor((%s-%.5f)/%d),0,%d))',
            $best[1], $middle, $window / 2, $best[1], $strides,
        )];
    }

    /**
     * A piece of the source is carried along with the window and made larger; the frame is cut out of that.
     *
     * @throws Refusal
     */
    public function zooming(string $head, string $hold, string $name): string
    {
        $widest = $this->track->widest();
        $width = min(2 * intdiv($this->source->width, 2), 2 * (int) ceil($widest / 2) + 4);
        $height = min(2 * intdiv($this->source->height, 2), 2 * (int) ceil($widest / $this->aspect / 2) + 4);
        $larger = $this->enlarged($width, $height);
        // Even places, so that colour stays in step with brightness.
        $place = static fn (string $middle, int $size, int $whole): string => sprintf(
            '2*floor(clip((%s)-%d,0,%d)/2)',
            $middle,
            intdiv($size, 2),
            $whole - $size,
        );
        $x = $place($this->track->middleX('n'), $width, $this->source->width);
        $y = $place($this->track->middleY('n'), $height, $this->source->height);

        return "{$head}crop=$width:$height:x='$x':y='$y',scale={$larger->scaled()}:flags=bicubic:".FilterGraph::TO_BT709
            .",setsar=1,format=yuv420p{$larger->padded()}$hold,"
            .$this->zoomed(
                $larger,
                $place($this->track->middleX('on'), $width, $this->source->width),
                $place($this->track->middleY('on'), $height, $this->source->height),
                1,
                $name,
            );
    }

    /**
     * Cuts the frames out of pictures that are larger, each plane by itself.
     *
     * @param  string  $x  where its left edge stands in the source
     * @param  string  $y  where its top edge stands in the source
     * @param  int  $each  so many frames out of every picture
     */
    private function zoomed(Enlargement $larger, string $x, string $y, int $each, string $name): string
    {
        $width = $this->track->windowWidth('on');
        $planes = [];
        foreach (['y' => 1, 'u' => 2, 'v' => 2] as $plane => $part) {
            $window = sprintf('(%s)*%.6f', $width, $larger->window / $part);
            $planes[] = sprintf(
                "[%s-%s]zoompan=z='%d/(%s)':x='((%s)-(%s))*%.6f-%s/2%+.2f':y='((%s)-(%s))*%.6f-%s/%.6f/2%+.2f'"
                    .':d=%d:s=%dx%d:fps=%d[%s-%s-cut]',
                $name, $plane,
                intdiv($larger->canvas[0], $part), $window,
                $this->track->middleX('on'), $x, $larger->across / $part, $window, self::LEAN[$plane],
                $this->track->middleY('on'), $y, $larger->down / $part, $window, $this->aspect,
                self::LEAN[$plane],
                $each, intdiv($this->width, $part), intdiv($this->height, $part), $this->fps,
                $name, $plane,
            );
        }

        return "extractplanes=y+u+v[$name-y][$name-u][$name-v];".implode(';', $planes)
            .";[$name-y-cut][$name-u-cut][$name-v-cut]mergeplanes=0x001020:yuv420p,setsar=1,{$this->clock()}[$name]";
    }

    /** @throws Refusal when the window moves over more than can be cut out of one picture */
    private function enlarged(int $width, int $height): Enlargement
    {
        $larger = $this->track->keepsItsMiddle() ? self::LARGER_FOR_ZOOM : self::LARGER_FOR_TRAVEL;
        $widest = $this->track->widest();
        $window = $larger * $this->width / $widest;
        [$evenWidth, $evenHeight] = $this->even($widest / $this->aspect, $this->source->width);
        $across = $window * $widest / $evenWidth;
        $down = $window * $widest / $this->aspect / $evenHeight;
        // The filter that zooms cuts out pieces of the shape of its whole picture.
        $whole = max($width * $across, $height * $down * $this->aspect);
        if ($whole / $window / $this->track->narrowest() > self::MOST_ZOOM) {
            throw new Refusal(
                'The window moves over more of this picture than one shot can show. Make two shots of it.',
            );
        }
        $canvas = [2 * (int) ceil($whole / 2), 2 * (int) ceil($whole / $this->aspect / 2)];
        $piece = [
            min($canvas[0], 2 * (int) round($width * $across / 2)),
            min($canvas[1], 2 * (int) round($height * $down / 2)),
        ];

        return new Enlargement($window, $across, $down, $canvas, $piece);
    }

    private function crop(): string
    {
        $window = $this->layer->path->at(0);
        $source = $this->source;
        [$width, $height] = $this->even($window->scale * $source->height, $source->width);
        $x = (int) round(min(max(0, $window->x * $source->width - $width / 2), $source->width - $width));
        $y = (int) round(min(max(0, $window->y * $source->height - $height / 2), $source->height - $height));

        return "crop=$width:$height:$x:$y";
    }

    /**
     * A window of that height in whole pairs of pixels, as a picture whose colours have half its size is cut.
     *
     * @return array{int, int} width and height
     */
    private function even(float $height, int $widest): array
    {
        $whole = 2 * (int) floor($height / 2);

        return [min($widest, 2 * (int) round($whole * $this->width / $this->height / 2)), $whole];
    }

    private function clock(): string
    {
        return LayerFilters::clock($this->fps);
    }
}
