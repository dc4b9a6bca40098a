<?php

declare(strict_types=1);

namespace RapidReel\Render;

use RapidReel\Base\Refusal;
use RapidReel\Footage\FootageKind;
use RapidReel\Framing\Backdrop;

/**
 * The ffmpeg filter graph that turns a recipe's sources into its frames. No user text ever gets into it: captions are
 * read from a file.
 *
 * A window that moves is cut out of a picture that is larger than the frame, plane by plane: cut in one, its corner
 * could only stand on every other pixel, as colour is kept at half the size. With a window that keeps its middle a
 * quarter more is enough for the middle to jump by no more than two fifths of a pixel; one that travels needs twice the
 * size to move by halves.
 */
final readonly class FilterGraph
{
    public const TO_BT709 = 'out_color_matrix=bt709:out_range=tv';

    private const LARGER_FOR_ZOOM = 1.25;

    private const LARGER_FOR_TRAVEL = 2.25;

    /**
     * Corners fall on whole pixels, and lean to where they have always fallen, so that a picture does not jump with a
     * new version: in pixels of each plane, found by comparing stills that were drawn before and after.
     */
    private const LEAN = ['y' => 0.05, 'u' => 0.3, 'v' => 0.3];

    /** Behind what is shown whole over nothing. */
    private const GROUND = '0x1c1a17';

    /** What the filter that zooms can do. */
    private const MOST_ZOOM = 10.0;

    private int $width;

    private int $height;

    private ?HeldCaptions $held;

    /**
     * @param  string  $captions  name of the file that holds what `captions()` gives
     * @param  string  $faces  name of the folder with the faces that draw them
     */
    public function __construct(
        private Recipe $recipe,
        private string $captions,
        private string $faces,
    ) {
        $this->width = $recipe->width;
        $this->height = $recipe->height;
        $this->held = HeldCaptions::of($recipe->captions, $recipe->frames, $recipe->fps, $recipe->height);
    }

    /** What is to stand in the file of captions, as ASS. */
    public function captions(): string
    {
        return $this->held === null ? $this->recipe->captions->ass : $this->held->script;
    }

    /**
     * Reads the inputs in the order of the recipe's sources; its output is called "out".
     *
     * @throws Refusal when a window moves over more than can be shown
     */
    public function write(): string
    {
        $fps = $this->recipe->fps;
        $input = 0;
        $parts = [$this->keyed($this->recipe->layer, $input, 'base')];
        $last = 'base';
        if ($this->recipe->next !== null && $this->recipe->blend !== null) {
            $parts[] = $this->keyed($this->recipe->next, $input, 'next');
            [$base, $next] = ['[base]', '[next]'];
            if ($this->recipe->nextLook !== null) {
                // Each side as it is graded by itself.
                $parts[] = '[base]'.$this->graded($this->recipe->look).'null[base-graded]';
                $parts[] = '[next]'.$this->graded($this->recipe->nextLook, GradeFilters::NEXT_CUBE).'null[next-graded]';
                [$base, $next] = ['[base-graded]', '[next-graded]'];
            }
            $parts[] = sprintf(
                '%s%sxfade=transition=%s:duration=%.5f:offset=0[blended]',
                $base,
                $next,
                $this->recipe->blend->filter(),
                $this->recipe->frames / $fps,
            );
            $last = 'blended';
        }
        $graded = $this->recipe->nextLook === null ? $this->graded($this->recipe->look) : '';
        if ($this->recipe->overlays !== [] && $graded !== '') {
            // What is laid over it keeps its own colours.
            $parts[] = "[$last]{$graded}null[graded]";
            [$last, $graded] = ['graded', ''];
        }
        foreach ($this->recipe->overlays as $overlay) {
            $parts[] = (new OverlayFilters($this->width, $this->height, $fps))
                ->over($overlay, $last, $input, "laid$input");
            $last = "laid$input";
            $input++;
        }
        $colours = 'setparams=range=tv:color_primaries=bt709:color_trc=bt709:colorspace=bt709[out]';
        if ($this->held === null) {
            $words = $this->recipe->captions->band === null ? '' : "{$this->drawn()},";
            $parts[] = "[$last]{$graded}setpts=N/($fps*TB),$words$colours";
        } else {
            $parts[] = $this->words($this->held);
            $parts[] = "[$last]{$graded}settb=1/$fps,setpts=N[picture]";
            $parts[] = "[picture][words]overlay=x=0:y={$this->held->top}:format=yuv420,settb=1/$fps,setpts=N,$colours";
        }

        return implode(';', $parts);
    }

    private function drawn(): string
    {
        return "ass={$this->captions}:fontsdir={$this->faces}";
    }

    private function graded(Look $look, string $cube = GradeFilters::CUBE): string
    {
        $graded = '';
        if ($look->brightness !== 0.0 || $look->saturation !== 1.0) {
            $graded .= sprintf('eq=brightness=%.4f:saturation=%.4f,', $look->brightness, $look->saturation);
        }
        if ($look->match !== null) {
            $graded .= sprintf(
                "lutyuv=y='clip(16+(val-16)*%1\$.4f+%2\$.2f,16,235)':u='clip(128+(val-128)*%4\$.4f+%3\$.2f,16,240)':"
                    ."v='clip(128+(val-128)*%4\$.4f+%5\$.2f,16,240)',",
                $look->match->gain,
                $look->match->lift,
                $look->match->blue,
                $look->match->saturation,
                $look->match->red,
            );
        }
        if ($look->grade !== null) {
            $graded .= GradeFilters::of($look->grade, $this->width, $this->height, $cube);
        }
        if ($look->dim !== 0.0) {
            // Towards black, and colours with it: limited range, as all of the graph.
            $graded .= sprintf(
                "lutyuv=y='16+(val-16)*%1\$.4f':u='128+(val-128)*%1\$.4f':v='128+(val-128)*%1\$.4f',",
                1 - $look->dim,
            );
        }
        if ($look->shade !== null) {
            $graded .= $look->shade->filters($this->width, $this->height, strtok($cube, '.').'-under');
        }

        return $graded;
    }

    /**
     * Pictures of the words alone, with how much of what is under them they cover. That is found by drawing them over
     * black and over white: the more the two differ, the less is covered.
     */
    private function words(HeldCaptions $held): string
    {
        $fps = $this->recipe->fps;
        $shown = implode('+', array_map(static fn (int $frame): string => "eq(n,$frame)", $held->changes));
        // A moment later than the frame begins, so that rounding does not show it what was before.
        $drawn = fn (string $ground): string => sprintf(
            "color=c=%s:s=%dx%d:r=%d:d=%.5f,format=yuv420p,settb=1/%d,setpts=N*1000+1,select='%s',%s",
            $ground,
            $this->width,
            $held->height,
            $fps,
            $this->recipe->frames / $fps,
            1000 * $fps,
            $shown,
            $this->drawn(),
        );

        return "{$drawn('black')},split[words-dark][words-premultiplied];{$drawn('white')}[words-light];"
            ."[words-light][words-dark]blend=all_mode=difference,extractplanes=y,lut=y='255-val*255/219'[words-alpha];"
            .'[words-premultiplied][words-alpha]alphamerge,unpremultiply=inplace=1,setpts=PTS-1[words]';
    }

    /** A layer as it is seen: its subject over something else, where it is taken off its ground. */
    private function keyed(Layer $layer, int &$input, string $name): string
    {
        $key = $layer->key;
        if ($key === null) {
            return $this->layer($layer, $input++, $name);
        }
        $shot = $this->layer($layer, $input++, "$name-shot");
        $behind = $layer->behind() === null ? null : $input++;

        return $shot.';'.$this->keys()->over($key->behind, "$name-shot", $behind, $name);
    }

    private function keys(): KeyFilters
    {
        return new KeyFilters($this->width, $this->height, $this->recipe->fps);
    }

    private function layer(Layer $layer, int $input, string $name): string
    {
        $isStill = $layer->source->kind === FootageKind::Still;
        // Frames of a clip come at the short's rate, and its last one stays if it ends early.
        $pace = $layer->speed === 1.0 ? '' : sprintf('setpts=(PTS-STARTPTS)/%.4F,', $layer->speed);
        $begun = $isStill || $layer->loopMs === 0 ? '' : self::begun($layer->inMs);
        $head = "[$input:v:0]".($isStill ? '' : "{$begun}{$pace}fps={$this->recipe->fps},");
        $hold = $isStill ? ',loop=-1:1' : ',tpad=stop=-1:stop_mode=clone';
        if ($layer->backdrop !== null) {
            return $this->whole($head, $layer, $layer->backdrop, $name, $hold);
        }
        $track = new PathTrack(
            $layer->path,
            $layer->source->width,
            $layer->source->height,
            $this->width,
            $this->height,
            $this->recipe->fps,
        );
        if ($layer->path->isStill()) {
            $flags = $isStill ? 'lanczos' : 'bicubic';

            return "$head{$this->crop($layer)},scale={$this->width}:{$this->height}:flags=$flags:".self::TO_BT709
                .",setsar=1,format=yuv420p$hold,{$this->clock()}[$name]";
        }

        return $isStill
            ? $this->movingStill($head, $layer->source, $track, $name)
            : ($track->keepsItsSize()
                ? $this->travellingClip($head, $layer->source, $track, $name, $hold)
                : $this->movingClip($head, $layer->source, $track, $name, $hold));
    }

    /** All of the source, as large as it goes, over a blurred copy that fills the frame or a plain ground. */
    private function whole(string $head, Layer $layer, Backdrop $backdrop, string $name, string $hold): string
    {
        $source = $layer->source;
        $part = min($this->width / $source->width, $this->height / $source->height);
        $width = min($this->width, 2 * (int) round($source->width * $part / 2));
        $height = min($this->height, 2 * (int) round($source->height * $part / 2));
        $scaled = "scale=$width:$height:flags=lanczos:".self::TO_BT709.',setsar=1,format=yuv420p';
        $x = 2 * intdiv($this->width - $width, 4);
        $y = 2 * intdiv($this->height - $height, 4);
        if ($backdrop === Backdrop::Plain || $layer->key !== null) {
            // Around what is keyed there is more of its ground.
            $colour = $layer->key === null ? self::GROUND : "0x{$layer->key->ground->colour()}";

            return "$head$scaled,pad={$this->width}:{$this->height}:$x:$y:color=$colour"
                ."$hold,{$this->clock()}[$name]";
        }
        if ($backdrop === Backdrop::Gradient && count($layer->ground) === 2) {
            return $this->keys()->gradient($layer->ground, "$name-ground").sprintf(
                ';%2$s[%1$s-front];[%1$s-ground][%1$s-front]overlay=%3$d:%4$d:format=yuv420:shortest=0:'
                    .'eof_action=repeat%5$s[%1$s]',
                $name, $head.$scaled, $x, $y, $hold.','.$this->clock(),
            );
        }
        // What is blurred anyway is blurred small.
        $small = [2 * intdiv($this->width, 24), 2 * intdiv($this->height, 24)];

        return "{$head}split[$name-a][$name-b];[$name-a]{$scaled}[$name-front];"
            ."[$name-b]scale=$small[0]:$small[1]:force_original_aspect_ratio=increase:flags=area:".self::TO_BT709
            .",crop=$small[0]:$small[1],setsar=1,format=yuv420p,gblur=sigma=4,lutyuv=y='16+(val-16)*0.7',"
            ."scale={$this->width}:{$this->height}:flags=bicubic[$name-back];"
            ."[$name-back][$name-front]overlay=$x:$y:format=yuv420$hold,{$this->clock()}[$name]";
    }

    /** Leaves out what comes before in something that is read round and round. */
    public static function begun(int $inMs): string
    {
        return $inMs === 0 ? '' : sprintf('trim=start=%.3f,setpts=PTS-STARTPTS,', $inMs / 1000);
    }

    /** Every picture is counted anew, so that both sides of a blend keep the same time. */
    private function clock(): string
    {
        return "settb=1/{$this->recipe->fps},setpts=N,fps={$this->recipe->fps}";
    }

    /** One picture is decoded and scaled once; the frames are cut out of it. */
    private function movingStill(string $head, Source $source, PathTrack $track, string $name): string
    {
        [$left, $top, $right, $bottom] = $track->bounds();
        $x = 2 * intdiv((int) $left, 2);
        $y = 2 * intdiv((int) $top, 2);
        $width = min(2 * intdiv($source->width - $x, 2), 2 * (int) ceil(($right - $x) / 2));
        $height = min(2 * intdiv($source->height - $y, 2), 2 * (int) ceil(($bottom - $y) / 2));
        $larger = $this->enlarged($width, $height, $track, $source->width);

        return "{$head}crop=$width:$height:$x:$y,scale={$larger->scaled()}:flags=lanczos:".self::TO_BT709
            .",format=yuv420p{$larger->padded()},"
            .$this->zoomed($track, $larger, (string) $x, (string) $y, $this->recipe->frames, $name);
    }

    /**
     * A window that keeps its size: a piece of the source that is a little larger goes along with it in strides, is
     * brought to the size of the frame, and the frame is cut out of that, to the pixel. A stride is a whole number of
     * pixels before and after: so what stands still in the source moves by whole pixels, which an encoder has the least
     * to do with.
     */
    private function travellingClip(string $head, Source $source, PathTrack $track, string $name, string $hold): string
    {
        $window = $track->widest();
        [$width, $x] = $this->stride($source->width, $window, $this->width, $track->middleX('n'));
        [$height, $y] = $this->stride($source->height, $window / $track->aspect, $this->height, $track->middleY('n'));
        $across = max($this->width, 2 * (int) round($width * $this->width / $window / 2));
        $down = max($this->height, 2 * (int) round($height * $this->height * $track->aspect / $window / 2));
        $left = sprintf('(%s-%.5f-%s)*%.6f', $track->middleX('n'), $window / 2, $x, $across / $width);
        $top = sprintf('(%s-%.5f-%s)*%.6f', $track->middleY('n'), $window / $track->aspect / 2, $y, $down / $height);
        // Colours are kept at half the size, and go to the nearest of their pixels that is not further on.
        $cut = sprintf(
            "crop=%d:%d:x='clip(floor(%s+0.5),0,%d)':y='clip(floor(%s+0.5),0,%d)':exact=1",
            $this->width, $this->height, $left, $across - $this->width, $top, $down - $this->height,
        );

        // Held first: both cuts must count the same pictures.
        return $head.substr($hold, 1).",crop=$width:$height:x='$x':y='$y',scale=$across:$down:flags=bicubic:"
            .self::TO_BT709.",setsar=1,format=yuv420p,{$this->clock()},{$cut}[$name]";
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

    /** A piece of the source is carried along with the window and made larger; the frame is cut out of that. */
    private function movingClip(string $head, Source $source, PathTrack $track, string $name, string $hold): string
    {
        $width = min(2 * intdiv($source->width, 2), 2 * (int) ceil($track->widest() / 2) + 4);
        $height = min(2 * intdiv($source->height, 2), 2 * (int) ceil($track->widest() / $track->aspect / 2) + 4);
        $larger = $this->enlarged($width, $height, $track, $source->width);
        // Even places, so that colour stays in step with brightness.
        $place = static fn (string $middle, int $size, int $whole): string => sprintf(
            '2*floor(clip((%s)-%d,0,%d)/2)',
            $middle,
            intdiv($size, 2),
            $whole - $size,
        );
        $x = $place($track->middleX('n'), $width, $source->width);
        $y = $place($track->middleY('n'), $height, $source->height);

        return "{$head}crop=$width:$height:x='$x':y='$y',scale={$larger->scaled()}:flags=bicubic:".self::TO_BT709
            .",setsar=1,format=yuv420p{$larger->padded()}$hold,"
            .$this->zoomed(
                $track,
                $larger,
                $place($track->middleX('on'), $width, $source->width),
                $place($track->middleY('on'), $height, $source->height),
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
    private function zoomed(
        PathTrack $track,
        Enlargement $larger,
        string $x,
        string $y,
        int $each,
        string $name,
    ): string {
        $width = $track->windowWidth('on');
        $planes = [];
        foreach (['y' => 1, 'u' => 2, 'v' => 2] as $plane => $part) {
            $window = sprintf('(%s)*%.6f', $width, $larger->window / $part);
            $planes[] = sprintf(
                "[%s-%s]zoompan=z='%d/(%s)':x='((%s)-(%s))*%.6f-%s/2%+.2f':y='((%s)-(%s))*%.6f-%s/%.6f/2%+.2f'"
                    .':d=%d:s=%dx%d:fps=%d[%s-%s-cut]',
                $name, $plane,
                intdiv($larger->canvas[0], $part), $window,
                $track->middleX('on'), $x, $larger->across / $part, $window, self::LEAN[$plane],
                $track->middleY('on'), $y, $larger->down / $part, $window, $track->aspect, self::LEAN[$plane],
                $each, intdiv($this->width, $part), intdiv($this->height, $part), $this->recipe->fps,
                $name, $plane,
            );
        }

        return "extractplanes=y+u+v[$name-y][$name-u][$name-v];".implode(';', $planes)
            .";[$name-y-cut][$name-u-cut][$name-v-cut]mergeplanes=0x001020:yuv420p,setsar=1,{$this->clock()}[$name]";
    }

    /** @throws Refusal when the window moves over more than can be cut out of one picture */
    private function enlarged(int $width, int $height, PathTrack $track, int $sourceWidth): Enlargement
    {
        $larger = $track->keepsItsMiddle() ? self::LARGER_FOR_ZOOM : self::LARGER_FOR_TRAVEL;
        $widest = $track->widest();
        $window = $larger * $this->width / $widest;
        [$evenWidth, $evenHeight] = $this->even($widest / $track->aspect, $sourceWidth);
        $across = $window * $widest / $evenWidth;
        $down = $window * $widest / $track->aspect / $evenHeight;
        // The filter that zooms cuts out pieces of the shape of its whole picture.
        $whole = max($width * $across, $height * $down * $track->aspect);
        if ($whole / $window / $track->narrowest() > self::MOST_ZOOM) {
            throw new Refusal(
                'The window moves over more of this picture than one shot can show. Make two shots of it.',
            );
        }
        $canvas = [2 * (int) ceil($whole / 2), 2 * (int) ceil($whole / $track->aspect / 2)];
        $piece = [
            min($canvas[0], 2 * (int) round($width * $across / 2)),
            min($canvas[1], 2 * (int) round($height * $down / 2)),
        ];

        return new Enlargement($window, $across, $down, $canvas, $piece);
    }

    private function crop(Layer $layer): string
    {
        $window = $layer->path->at(0);
        $source = $layer->source;
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
}
