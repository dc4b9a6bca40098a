<?php

declare(strict_types=1);

namespace RapidReel\Making\Render\Filter;

use RapidReel\Base\Refusal;
use RapidReel\Making\Render\Layer;
use RapidReel\Making\Render\Levels;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\Backdrop;

/** A layer as filters of ffmpeg that fill the frame with it: through a window, or all of it over a backdrop. */
final readonly class LayerFilters
{
    /** Behind what is shown whole over nothing. */
    private const GROUND = '0x1c1a17';

    /** @param  int  $frames  of the segment */
    public function __construct(
        private int $width,
        private int $height,
        private int $fps,
        private int $frames,
    ) {
    }

    /**
     * @param  int  $input  number of its source
     * @param  string  $name  of its own output
     * @param  string  $points  filters that a still has before a window goes over it, each with a comma after it
     *
     * @throws Refusal when a window moves over more than can be shown
     */
    public function of(Layer $layer, int $input, string $name, string $points = ''): string
    {
        $isStill = $layer->source->kind === FootageKind::Still;
        // Frames of a clip come at the short's rate, and its last one stays if it ends early.
        $pace = $layer->speed === 1.0 ? '' : sprintf('setpts=(PTS-STARTPTS)/%.4F,', $layer->speed);
        $begun = $isStill || $layer->loopMs === 0 ? '' : self::begun($layer->inMs);
        $head = "[$input:v:0]".($isStill ? '' : "{$begun}{$pace}fps={$this->fps},");
        $hold = $isStill ? ',loop=-1:1' : ',tpad=stop=-1:stop_mode=clone';
        if ($layer->backdrop !== null) {
            return $this->whole($head, $layer, $layer->backdrop, $name, $hold);
        }
        $windows = new WindowFilters($layer, $this->width, $this->height, $this->fps);

        return match (true) {
            $layer->path->isStill() => $windows->held($head, $points, $hold, $name),
            $isStill => $windows->overStill($head, $points, $this->frames, $name),
            $layer->path->keepsItsSize() => $windows->travelling($head, $hold, $name),
            default => $windows->zooming($head, $hold, $name),
        };
    }

    /** All of the source, as large as it goes, over a blurred copy that fills the frame or a plain ground. */
    private function whole(string $head, Layer $layer, Backdrop $backdrop, string $name, string $hold): string
    {
        $source = $layer->source;
        $clock = self::clock($this->fps);
        $part = min($this->width / $source->width, $this->height / $source->height);
        $width = min($this->width, 2 * (int) round($source->width * $part / 2));
        $height = min($this->height, 2 * (int) round($source->height * $part / 2));
        $scaled = "scale=$width:$height:flags=lanczos:".FilterGraph::TO_BT709.',setsar=1,format=yuv420p';
        $x = 2 * intdiv($this->width - $width, 4);
        $y = 2 * intdiv($this->height - $height, 4);
        if ($backdrop === Backdrop::Plain || $layer->matte !== null) {
            // Around what is keyed there is more of its ground.
            $colour = $layer->matte === null ? self::GROUND : "0x{$layer->matte->ground->colour()}";

            return "$head$scaled,pad={$this->width}:{$this->height}:$x:$y:color=$colour"
                ."$hold,{$clock}[$name]";
        }
        if ($backdrop === Backdrop::Gradient && count($layer->ground) === 2) {
            $keys = new MatteFilters($this->width, $this->height, $this->fps);

            return $keys->gradient($layer->ground, "$name-ground").sprintf(
                ';%2$s[%1$s-front];[%1$s-ground][%1$s-front]overlay=%3$d:%4$d:format=yuv420:shortest=0:'
                    .'eof_action=repeat%5$s[%1$s]',
                $name, $head.$scaled, $x, $y, $hold.','.$clock,
            );
        }
        // What is blurred anyway is blurred small.
        $small = [2 * intdiv($this->width, 24), 2 * intdiv($this->height, 24)];

        return "{$head}split[$name-a][$name-b];[$name-a]{$scaled}[$name-front];"
            ."[$name-b]scale=$small[0]:$small[1]:force_original_aspect_ratio=increase:flags=area:".FilterGraph::TO_BT709
            .",crop=$small[0]:$small[1],setsar=1,format=yuv420p,gblur=sigma=4,"
            .Levels::filter(['y' => '16+(val-16)*0.7'])
            .",scale={$this->width}:{$this->height}:flags=bicubic[$name-back];"
            ."[$name-back][$name-front]overlay=$x:$y:format=yuv420$hold,{$clock}[$name]";
    }

    /** Leaves out what comes before in something that is read round and round. */
    public static function begun(int $inMs): string
    {
        return $inMs === 0 ? '' : sprintf('trim=start=%.3f,setpts=PTS-STARTPTS,', $inMs / 1000);
    }

    /** Every picture is counted anew, so that both sides of a blend keep the same time. */
    public static function clock(int $fps): string
    {
        return "settb=1/$fps,setpts=N,fps=$fps";
    }
}
