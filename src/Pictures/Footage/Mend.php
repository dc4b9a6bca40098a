<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage;

/** What can be mended of a clip, and how a still is made one; the untouched one stays beside it. */
enum Mend: string
{
    case Borders = 'borders';
    case Edges = 'edges';
    case Noise = 'noise';
    case Steady = 'steady';
    case Smooth = 'smooth';
    case Slow = 'slow';
    case Animate = 'animate';

    /** Percent of each side that is cut off of edges. */
    public const EDGE = 3;

    /** Frames a second of what was choppy or is slowed. */
    public const FPS = 30;

    public function label(): string
    {
        return match ($this) {
            self::Borders => 'cut black borders off',
            self::Edges => 'cut 3 % off every edge',
            self::Noise => 'take noise out',
            self::Steady => 'steady it',
            self::Smooth => 'smooth it to 30 frames a second',
            self::Slow => 'slow it to half the speed',
            self::Animate => 'make a still move (stand-in)',
        };
    }

    /** What a name has after it. */
    public function suffix(): string
    {
        return match ($this) {
            self::Borders => 'without borders',
            self::Edges => 'without edges',
            self::Noise => 'without noise',
            self::Steady => 'steadied',
            self::Smooth => 'smoothed',
            self::Slow => 'slowed',
            self::Animate => 'moving',
        };
    }

    /** What it can be done to. */
    public function kind(): FootageKind
    {
        return $this === self::Animate ? FootageKind::Still : FootageKind::Clip;
    }

    /**
     * Filters of ffmpeg that do it, but for the size that borders leave, which must be found first.
     *
     * @param  string  $crop  what borders leave, as w:h:x:y
     * @param  string  $moves  name of the file with what the camera does, for steadying
     */
    public function filters(string $crop, string $moves): string
    {
        $part = 1 - 2 * self::EDGE / 100;

        return match ($this) {
            self::Borders => "crop=$crop",
            self::Edges => ($crop === '' ? '' : "crop=$crop,")
                .sprintf("crop='2*floor(iw*%.3f/2)':'2*floor(ih*%.3f/2)'", $part, $part),
            self::Noise => 'hqdn3d=3:2.5:5:4',
            self::Steady => "vidstabtransform=input=$moves:smoothing=15:optzoom=1:interpol=bicubic",
            self::Smooth => 'minterpolate=fps='.self::FPS.':mi_mode=mci:mc_mode=aobmc:vsbmc=1',
            // Done by whoever makes stills move.
            self::Animate => 'null',
            self::Slow => 'setpts=2*PTS,minterpolate=fps='.self::FPS.':mi_mode=mci:mc_mode=aobmc:vsbmc=1',
        };
    }
}
