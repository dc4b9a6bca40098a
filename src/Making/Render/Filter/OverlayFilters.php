<?php

declare(strict_types=1);

namespace RapidReel\Making\Render\Filter;

use RapidReel\Captions\Card\CardMotion;
use RapidReel\Making\Render\Overlay;
use RapidReel\Making\Render\Span;
use RapidReel\Pictures\Footage\FootageKind;

/** What is laid over a picture, as filters of ffmpeg: a logo all the time, a card that comes and goes. */
final readonly class OverlayFilters
{
    /** What rises or falls does so over this part of the frame's height. */
    private const WAY = 0.06;

    public function __construct(
        private int $width,
        private int $height,
        private int $fps,
    ) {
    }

    /**
     * @param  string  $under  an output of the graph
     * @param  int  $input  number of its picture
     * @param  string  $name  of its own output
     */
    public function over(Overlay $overlay, string $under, int $input, string $name): string
    {
        $isStill = $overlay->source->kind === FootageKind::Still;
        $width = 2 * max(1, (int) round($overlay->width * $this->width / 2));
        $scaled = "[$input:v:0]".($isStill ? '' : "fps={$this->fps},")
            ."scale=$width:-2:flags=bicubic:".FilterGraph::TO_BT709
            .',format=yuva420p,'.sprintf('colorchannelmixer=aa=%.4f', $overlay->opacity)
            .($isStill ? '' : ',tpad=stop=-1:stop_mode=clone');
        $x = (int) round($overlay->x * $this->width);
        $y = (int) round($overlay->y * $this->height);

        return $overlay->span === null
            ? "{$scaled}[over$input];[$under][over$input]overlay=x=$x:y=$y:format=yuv420:repeatlast=1[$name]"
            : $this->timed($overlay, $overlay->span, $scaled, $under, $input, $width, $name);
    }

    private function timed(
        Overlay $overlay,
        Span $span,
        string $scaled,
        string $under,
        int $input,
        int $width,
        string $name,
    ): string {
        $moving = $span->moving($this->fps);
        $frames = $span->frames;
        $parts = "$scaled,loop=-1:1,settb=1/{$this->fps},setpts=N,trim=end_frame=$frames";
        if ($span->enter === CardMotion::Grow || $span->leave === CardMotion::Grow) {
            // Beyond its size for a moment, and back.
            $grown = static fn (string $part): string => "(1+2.7*pow($part-1,3)+1.7*pow($part-1,2))";
            $in = $span->enter === CardMotion::Grow ? $grown("min(1,(n+1)/$moving)") : '1';
            $out = $span->leave === CardMotion::Grow ? $grown("min(1,($frames-n)/$moving)") : '1';
            $height = 2 * (int) max(1, round($width * $overlay->source->height / $overlay->source->width / 2));
            $parts .= sprintf(
                ",scale=w='max(2,2*floor(%1\$d*%3\$s*%4\$s/2))':h='max(2,2*floor(%2\$d*%3\$s*%4\$s/2))'"
                    .':eval=frame:flags=bilinear',
                $width, $height, $in, $out,
            );
        }
        if ($span->enter !== CardMotion::Cut && $span->enter !== CardMotion::Grow) {
            $parts .= ",fade=t=in:s=0:n=$moving:alpha=1";
        }
        if ($span->leave !== CardMotion::Cut && $span->leave !== CardMotion::Grow) {
            $parts .= ',fade=t=out:s='.($frames - $moving).":n=$moving:alpha=1";
        }
        // Where it has come before, it goes on from there.
        $parts .= sprintf(',trim=start_frame=%d,setpts=N+%d', max(0, -$span->from), max(0, $span->from));
        $since = "(n-({$span->from})+1)/$moving";
        $left = '('.($span->from + $frames)."-n)/$moving";
        [$inX, $inY] = $this->way($span->enter, $since);
        [$outX, $outY] = $this->way($span->leave, $left);
        $x = sprintf('%.2f-overlay_w/2%s%s', ($overlay->x + $overlay->width / 2) * $this->width, $inX, $outX);
        $tall = $overlay->width * $this->width * $overlay->source->height / $overlay->source->width;
        $y = sprintf('%.2f-overlay_h/2%s%s', $overlay->y * $this->height + $tall / 2, $inY, $outY);

        return "{$parts}[over$input];[$under]settb=1/{$this->fps},setpts=N[under$input];"
            ."[under$input][over$input]overlay=x='$x':y='$y':eval=frame:format=yuv420:eof_action=pass[$name]";
    }

    /**
     * How far off its place it is, slower and slower.
     *
     * @param  string  $part  of its way that it has gone, as an expression
     * @return array{string, string} to be added across and down
     */
    private function way(CardMotion $motion, string $part): array
    {
        $off = fn (float $pixels): string => sprintf('%+.1f*pow(1-clip(%s,0,1),3)', $pixels, $part);

        return match ($motion) {
            CardMotion::Rise => ['', $off(self::WAY * $this->height)],
            CardMotion::Fall => ['', $off(-self::WAY * $this->height)],
            CardMotion::FromLeft => [$off(-$this->width), ''],
            CardMotion::FromRight => [$off($this->width), ''],
            default => ['', ''],
        };
    }
}
