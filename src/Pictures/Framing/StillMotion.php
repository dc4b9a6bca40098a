<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing;

/**
 * How a still moves while it is on screen: each is a way to make a frame path, and there is no other notion of
 * movement.
 */
enum StillMotion: string
{
    case Varied = 'varied';
    case InTurn = 'turns';
    case Push = 'push';
    case Pull = 'pull';
    case Left = 'left';
    case Right = 'right';
    case Rise = 'rise';
    case Sink = 'sink';
    case Sway = 'sway';
    case Hold = 'hold';

    /**
     * Percent of the window that a motion crosses: about a quarter of what is possible (common practice, no published
     * source).
     */
    public const STRENGTH = 12;

    /**
     * So many straight pieces stand for the eased curve; it is nowhere further off than a twelfth of a pixel of 1080.
     */
    private const PIECES = 24;

    public function label(): string
    {
        return match ($this) {
            self::Varied => 'push or pull',
            self::InTurn => 'in turn: no two alike',
            self::Push => 'push in',
            self::Pull => 'pull out',
            self::Left => 'pan left',
            self::Right => 'pan right',
            self::Rise => 'tilt up, rise',
            self::Sink => 'tilt down, sink',
            self::Sway => 'sway',
            self::Hold => 'none',
        };
    }

    /**
     * The same for one still wherever it stands, so that a change elsewhere in a short does not touch its shots; in
     * turn, what would move as its neighbour does pans instead.
     *
     * @param  self|null  $before  how the shot before moves, if it is a still
     */
    public function of(string $fingerprint, ?self $before = null): self
    {
        $hash = crc32($fingerprint);
        $usual = $hash % 2 === 0 ? self::Push : self::Pull;

        return match (true) {
            $this !== self::Varied && $this !== self::InTurn => $this,
            $this === self::Varied || $usual !== $before => $usual,
            default => intdiv($hash, 2) % 2 === 0 ? self::Left : self::Right,
        };
    }

    /**
     * The path of a window over a still of so many pixels, eased at both ends as a hand would move a camera.
     *
     * @param  float  $aspect  of the window, width / height
     * @param  int  $durationMs  at least 1
     * @param  int  $strength  percent of the window, 1…40
     * @param  FrameWindow|null  $within  the window that it moves in; null for the largest, in the middle
     * @param  bool  $isEven  whether it goes on evenly, and not eased at both ends
     */
    public function path(
        int $width,
        int $height,
        float $aspect,
        int $durationMs,
        int $strength,
        string $fingerprint,
        ?FrameWindow $within = null,
        bool $isEven = false,
    ): FramePath {
        $whole = $within === null
            ? FramePath::centred($width, $height, $aspect)
            : new FramePath([0 => $within]);
        $motion = $this->of($fingerprint);
        if ($motion === self::Hold) {
            return $whole;
        }
        $base = $whole->at(0);
        $points = [];
        for ($i = 0; $i <= self::PIECES; $i++) {
            $part = $i / self::PIECES;
            $eased = $isEven ? $part : $part * $part * (3 - 2 * $part);
            $points[(int) round($durationMs * $part)] = $motion->window(
                $base,
                $width,
                $height,
                $aspect,
                $strength / 100,
                $eased,
            );
        }

        return new FramePath($points);
    }

    /** @param  float  $done  0…1 of the way */
    private function window(
        FrameWindow $base,
        int $width,
        int $height,
        float $aspect,
        float $strength,
        float $done,
    ): FrameWindow {
        $near = $base->scale / (1 + $strength);
        // The room that the smaller window leaves in the larger one, as fractions of the source.
        $across = ($base->scale - $near) / 2 * $height * $aspect / $width;
        $down = ($base->scale - $near) / 2;
        $swing = 2 * $done - 1;

        return match ($this) {
            self::Pull => new FrameWindow($base->x, $base->y, $base->scale / (1 + $strength * (1 - $done))),
            self::Left => new FrameWindow($base->x - $swing * $across, $base->y, $near),
            self::Right => new FrameWindow($base->x + $swing * $across, $base->y, $near),
            // To one side, to the other, and back to where it began.
            self::Sway => new FrameWindow($base->x + sin(2 * M_PI * $done) * $across, $base->y, $near),
            self::Rise => new FrameWindow($base->x, $base->y - $swing * $down, $near),
            self::Sink => new FrameWindow($base->x, $base->y + $swing * $down, $near),
            default => new FrameWindow($base->x, $base->y, $base->scale / (1 + $strength * $done)),
        };
    }
}
