<?php

declare(strict_types=1);

namespace RapidReel\Render;

use RapidReel\Cut\CutShot;
use RapidReel\Footage\FootageKind;
use RapidReel\Framing\FramePath;
use RapidReel\Framing\FrameWindow;
use RapidReel\Framing\StillMotion;

/**
 * The ffmpeg filters that turn a shot's source into upright frames of the export's size, before captions.
 */
final readonly class PictureFilter
{
    private const TO_BT709 = 'out_color_matrix=bt709:out_range=tv';

    /** The filters read faster than they can be misread: no user text ever gets into them. */
    public function __construct(
        private Quality $quality,
        private int $fps,
    ) {
    }

    public function of(CutShot $shot, int $frames): string
    {
        return match (true) {
            $shot->kind === FootageKind::Still => $this->still($shot, $frames),
            $shot->path->isStill() => $this->heldClip($shot),
            default => $this->followedClip($shot),
        };
    }

    /** One picture is decoded and scaled once, to twice the size, so that a slow push moves by less than a pixel. */
    private function still(CutShot $shot, int $frames): string
    {
        $crop = $this->crop($shot, $shot->path->at(0));
        $width = 2 * $this->quality->width();
        $height = 2 * $this->quality->height();
        $strength = StillMotion::STRENGTH;
        $part = $shot->motion === StillMotion::Pull ? "(1-on/$frames)" : "(on/$frames)";
        // Eased at both ends, as a hand would move a camera.
        $zoom = "1+$strength*$part*$part*(3-2*$part)";

        return "$crop,scale=$width:$height:flags=lanczos:".self::TO_BT709.',format=yuv420p,'
            ."zoompan=z='$zoom':x='(iw-iw/zoom)/2':y='(ih-ih/zoom)/2':d=$frames:s={$this->size('x')}:fps={$this->fps},setsar=1,format=yuv420p";
    }

    private function heldClip(CutShot $shot): string
    {
        return "fps={$this->fps},{$this->crop($shot, $shot->path->at(0))},scale={$this->size(':')}:flags=bicubic:".self::TO_BT709.',setsar=1,format=yuv420p,tpad=stop=-1:stop_mode=clone';
    }

    /** A window that moves is cut after scaling: cutting first would make it step by whole source pixels. */
    private function followedClip(CutShot $shot): string
    {
        $scale = $this->quality->height() / ($shot->path->at(0)->scale * $shot->height);
        $width = 2 * (int) ceil($shot->width * $scale / 2);
        $height = 2 * (int) ceil($shot->height * $scale / 2);
        $x = $this->track($shot->path, static fn (FrameWindow $window): float => $window->x);
        $y = $this->track($shot->path, static fn (FrameWindow $window): float => $window->y);

        return "fps={$this->fps},scale=$width:$height:flags=bicubic:".self::TO_BT709
            .",crop={$this->size(':')}:x='iw*($x)-ow/2':y='ih*($y)-oh/2',setsar=1,format=yuv420p,tpad=stop=-1:stop_mode=clone";
    }

    private function crop(CutShot $shot, FrameWindow $window): string
    {
        $height = 2 * (int) floor($window->scale * $shot->height / 2);
        $width = min($shot->width, 2 * (int) round($height * $this->quality->width() / $this->quality->height() / 2));
        $x = (int) round(min(max(0, $window->x * $shot->width - $width / 2), $shot->width - $width));
        $y = (int) round(min(max(0, $window->y * $shot->height - $height / 2), $shot->height - $height));

        return "crop=$width:$height:$x:$y";
    }

    /**
     * A path's coordinate as an expression of the time in seconds: straight lines between its points.
     *
     * @param  callable(FrameWindow): float  $of
     */
    private function track(FramePath $path, callable $of): string
    {
        $expression = '';
        $beforeMs = null;
        $before = 0.0;
        foreach ($path->points as $ms => $window) {
            $value = $of($window);
            if ($beforeMs !== null) {
                $from = $beforeMs / 1000;
                $slope = ($value - $before) / (($ms - $beforeMs) / 1000);
                $expression .= sprintf('+gte(t,%.4f)*lt(t,%.4f)*%.6f*(t-%.4f)+gte(t,%.4f)*%.6f', $from, $ms / 1000, $slope, $from, $ms / 1000, $value - $before);
            } else {
                $expression = sprintf('%.6f', $value);
            }
            $beforeMs = $ms;
            $before = $value;
        }

        return $expression;
    }

    private function size(string $by): string
    {
        return $this->quality->width().$by.$this->quality->height();
    }
}
