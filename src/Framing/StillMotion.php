<?php

declare(strict_types=1);

namespace RapidReel\Framing;

/**
 * How a still moves while it is on screen: each is a way to make a frame path, and there is no other notion of
 * movement.
 */
enum StillMotion: string
{
    case Varied = 'varied';
    case Push = 'push';
    case Pull = 'pull';
    case Left = 'left';
    case Right = 'right';
    case Rise = 'rise';
    case Sink = 'sink';
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
            self::Push => 'push in',
            self::Pull => 'pull out',
            self::Left => 'pan left',
            self::Right => 'pan right',
            self::Rise => 'rise',
            self::Sink => 'sink',
            self::Hold => 'none',
        };
    }

    /** Always the same for one still, so that a change elsewhere in a short does not touch its shots. */
    public function of(string $fingerprint): self
    {
        return $this !== self::Varied ? $this : (crc32($fingerprint) % 2 === 0 ? self::Push : self::Pull);
    }

    /**
     * The path of a window over a still of so many pixels, eased at both ends as a hand would move a camera.
     *
     * @param  float  $aspect  of the window, width / height
     * @param  int  $durationMs  at least 1
     * @param  int  $strength  percent of the window, 1…40
     * @param  FrameWindow|null  $within  the window that it moves in; null for the largest, in the middle
     */
    public function path(
        int $width,
        int $height,
        float $aspect,
        int $durationMs,
        int $strength,
        string $fingerprint,
        ?FrameWindow $within = null,
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
            $eased = $part * $part * (3 - 2 * $part);
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
            self::Rise => new FrameWindow($base->x, $base->y - $swing * $down, $near),
            self::Sink => new FrameWindow($base->x, $base->y + $swing * $down, $near),
            default => new FrameWindow($base->x, $base->y, $base->scale / (1 + $strength * $done)),
        };
    }
}
