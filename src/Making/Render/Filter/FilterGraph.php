<?php

declare(strict_types=1);

namespace RapidReel\Making\Render\Filter;

use RapidReel\Base\Refusal;
use RapidReel\Making\Render\Layer;
use RapidReel\Making\Render\Levels;
use RapidReel\Making\Render\Look;
use RapidReel\Making\Render\Recipe;
use RapidReel\Pictures\Footage\FootageKind;

/**
 * The ffmpeg filter graph that turns a recipe's sources into its frames. No user text ever gets into it: captions are
 * read from a file.
 */
final readonly class FilterGraph
{
    public const TO_BT709 = 'out_color_matrix=bt709:out_range=tv';

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
        $this->width = $recipe->raster->width;
        $this->height = $recipe->raster->height;
        $this->held = HeldCaptions::of(
            $recipe->captions, $recipe->frames, $recipe->raster->fps, $recipe->raster->height,
        );
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
        $fps = $this->recipe->raster->fps;
        $input = 0;
        $looks = $this->looks($this->recipe->look, $this->recipe->layer);
        $parts = [$this->side($this->recipe->layer, $looks, $input, 'base')];
        $last = 'base';
        $graded = $looks->rest();
        $to = $this->recipe->to;
        if ($to !== null) {
            $look = $to->look;
            $nextLooks = $look === null
                ? $this->looks($this->recipe->look, $to->layer)
                : $this->looks($look, $to->layer, GradeFilters::NEXT_CUBE);
            $parts[] = $this->side($to->layer, $nextLooks, $input, 'next');
            [$base, $next] = ['[base]', '[next]'];
            if ($look !== null || $graded !== $nextLooks->rest()) {
                // Each side as it is graded by itself.
                $parts[] = "[base]{$graded}null[base-graded]";
                $parts[] = "[next]{$nextLooks->rest()}null[next-graded]";
                [$base, $next, $graded] = ['[base-graded]', '[next-graded]', ''];
            }
            $parts[] = sprintf(
                '%s%sxfade=transition=%s:duration=%.5f:offset=0[blended]',
                $base,
                $next,
                $to->blend->filter(),
                $this->recipe->frames / $fps,
            );
            $last = 'blended';
        }
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

    private function looks(Look $look, Layer $layer, string $cube = GradeFilters::CUBE): LookFilters
    {
        return new LookFilters(
            $look, $this->width, $this->height, $this->recipe->raster->fps, $cube, $layer->matte !== null,
        );
    }

    /**
     * A layer with what its look does to single points: a still has it once, before a window goes over it.
     *
     * @throws Refusal
     */
    private function side(Layer $layer, LookFilters $looks, int &$input, string $name): string
    {
        $points = $looks->points();
        if ($layer->source->kind === FootageKind::Still && $layer->backdrop === null && $layer->matte === null) {
            return $this->layers()->of($layer, $input++, $name, $points);
        }

        return $points === ''
            ? $this->keyed($layer, $looks, $input, $name)
            : $this->keyed($layer, $looks, $input, "$name-plain").";[$name-plain]{$points}null[$name]";
    }

    private function drawn(): string
    {
        return "ass={$this->captions}:fontsdir={$this->faces}";
    }

    /**
     * Pictures of the words alone, with how much of what is under them they cover. That is found by drawing them over
     * black and over white: the more the two differ, the less is covered.
     */
    private function words(HeldCaptions $held): string
    {
        $fps = $this->recipe->raster->fps;
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
            .'[words-light][words-dark]blend=all_mode=difference,extractplanes=y,'
            .Levels::filter(['y' => '255-val*255/219'], 'lut').'[words-alpha];'
            .'[words-premultiplied][words-alpha]alphamerge,unpremultiply=inplace=1,setpts=PTS-1[words]';
    }

    /**
     * A layer as it is seen: its subject over something else, where it is taken off its ground.
     *
     * @throws Refusal
     */
    private function keyed(Layer $layer, LookFilters $looks, int &$input, string $name): string
    {
        $matte = $layer->matte;
        if ($matte === null) {
            return $this->layers()->of($layer, $input++, $name);
        }
        $shot = $this->layers()->of($layer, $input++, "$name-shot");
        $behind = $layer->behind() === null ? null : $input++;

        return $shot.';'.(new MatteFilters($this->width, $this->height, $this->recipe->raster->fps))
            ->over($matte->behind, "$name-shot", $behind, $name, $looks->behind());
    }

    private function layers(): LayerFilters
    {
        return new LayerFilters($this->width, $this->height, $this->recipe->raster->fps, $this->recipe->frames);
    }
}
